/** Sheets of paper, in millimetres. A4: ISO 216; Letter: 8.5 x 11 inches. */
export const PAPERS = {
  a4: { widthMm: 210, heightMm: 297 },
  letter: { widthMm: 215.9, heightMm: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;
/** The size of a sheet, in millimetres. */
export type PageSize = Readonly<{ widthMm: number; heightMm: number }>;
export const PAPER_NAMES = Object.keys(PAPERS) as [Paper, ...Paper[]];

/** Most printers leave this much blank at each edge. Common practice. */
export const PRINTER_EDGE_MM = 5;

/** Millimetres in points, of which there are 72 to an inch. */
export const points = (mm: number) => (mm * 72) / 25.4;
export const millimetres = (pt: number) => (pt * 25.4) / 72;

export type Box = Readonly<{ x: number; y: number; width: number; height: number }>;

/** The boxes of as many pieces of a size as a sheet takes, edge to edge around its middle. */
export function boxesOn(paper: Paper, width: number, height: number): readonly Box[] {
  const { widthMm, heightMm } = PAPERS[paper];
  const across = Math.floor((widthMm - 2 * PRINTER_EDGE_MM) / width);
  const down = Math.floor((heightMm - 2 * PRINTER_EDGE_MM) / height);
  const [left, top] = [(widthMm - across * width) / 2, (heightMm - down * height) / 2];
  return Array.from({ length: across * down }, (_, n) => ({
    x: left + (n % across) * width,
    y: top + Math.floor(n / across) * height,
    width,
    height,
  }));
}
