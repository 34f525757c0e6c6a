import { CHAPTER_KINDS, type Picture } from '$core';

/** What a frame is painted on. */
export type Brush = OffscreenCanvasRenderingContext2D;

/** A box, in the frame's own units: those of a page 720 high. */
export type Box = Readonly<{ x: number; y: number; width: number; height: number }>;

/** The page's colours by their names, as CSS writes them. */
export const PAINT_NAMES = [
  'page',
  'raised',
  'line',
  'ink',
  'soft',
  'lamp',
  'on-lamp',
  'water',
  ...CHAPTER_KINDS,
] as const;
export type PaintName = (typeof PAINT_NAMES)[number];
export type FilmPaints = Readonly<Record<PaintName, string>>;

/** So many of a hundred of one colour in another. */
export const mixed = (one: string, share: number, other: string) =>
  `color-mix(in oklab, ${one} ${share}%, ${other})`;

export const inside = (box: Box, x: number, y = x): Box => ({
  x: box.x + x,
  y: box.y + y,
  width: Math.max(0, box.width - 2 * x),
  height: Math.max(0, box.height - 2 * y),
});

export const middleOf = ({ x, y, width, height }: Box): readonly [number, number] => [
  x + width / 2,
  y + height / 2,
];

/** A box in the middle of another. */
export const centred = (box: Box, width: number, height: number): Box => ({
  x: box.x + (box.width - width) / 2,
  y: box.y + (box.height - height) / 2,
  width,
  height,
});

/** One hundredth of the shorter side, and clamped as the page has it. */
export const shortSide = ({ width, height }: Box) => Math.min(width, height) / 100;
export const clamped = (least: number, value: number, most: number) =>
  Math.max(least, Math.min(most, value));

/** Parts of a box side by side, as wide as their shares. */
export function across(box: Box, shares: readonly number[], gap: number): readonly Box[] {
  const all = shares.reduce((sum, share) => sum + share, 0);
  const free = box.width - gap * (shares.length - 1);
  let { x } = box;
  return shares.map((share) => {
    const part = { ...box, x, width: (free * share) / all };
    x += part.width + gap;
    return part;
  });
}

/** Parts of a box one under the other. */
export function down(box: Box, shares: readonly number[], gap: number): readonly Box[] {
  const turned = { x: box.y, y: box.x, width: box.height, height: box.width };
  return across(turned, shares, gap).map(({ x, y, width, height }) => ({
    x: y,
    y: x,
    width: height,
    height: width,
  }));
}

/** The type of a film: headings in the narrow cut of the Stage's scene, and figures and words in the usual one. */
export type Face = 'scene' | 'heading' | 'text';
const FAMILIES: Readonly<Record<Face, string>> = {
  scene: '"Film Scene", system-ui, sans-serif',
  heading: '"Film Heading", system-ui, sans-serif',
  text: '"Film Text", system-ui, sans-serif',
};
export const typeOf = (face: Face, weight: number, size: number) =>
  `${weight} ${size}px ${FAMILIES[face]}`;

/** Where lines of type stand: from one to the next, in heights of the type. */
const LEADING = 1.04;

type Fitted = Readonly<{ size: number; lines: readonly string[] }>;
const fitted = new Map<string, Fitted>();
const MOST_KEPT = 200;

/** Words in lines no wider than this; null where a word is wider than a line. */
function inLines(words: readonly (readonly [string, number])[], blank: number, width: number) {
  const lines: { text: string; width: number }[] = [];
  for (const [word, wide] of words) {
    if (wide > width + 1) return null;
    const last = lines.at(-1);
    if (last && last.width + blank + wide <= width + 0.5) {
      last.text += ` ${word}`;
      last.width += blank + wide;
    } else lines.push({ text: word, width: wide });
  }
  return lines.map(({ text }) => text);
}

/** The largest type in which the words fit, no word broken, the lines alike in length. */
function fit(brush: Brush, text: string, width: number, height: number, most: number): Fitted {
  const words = text.split(/\s+/u).filter(Boolean);
  // Measured at each size: type isn't alike at all of them.
  const at = (size: number, room: number) => {
    brush.font = typeOf('scene', 800, size);
    const wide = (one: string) => brush.measureText(one).width;
    return inLines(
      words.map((word) => [word, wide(word)] as const),
      wide('a b') - wide('a') - wide('b'),
      room,
    );
  };
  const fits = (size: number) => {
    const lines = at(size, width);
    return lines !== null && lines.length * size * LEADING <= height + 1;
  };
  let [low, high] = [LEAST_TYPE, most];
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (fits(middle)) low = middle;
    else high = middle;
  }
  const size = fits(high) ? high : low;
  const lines = at(size, width) ?? [text];
  // Balanced: as narrow as it can be in as many lines.
  let [narrow, wideEnough] = [0, width];
  while (wideEnough - narrow > 1) {
    const middle = (narrow + wideEnough) / 2;
    if ((at(size, middle)?.length ?? Infinity) <= lines.length) wideEnough = middle;
    else narrow = middle;
  }
  return { size, lines: at(size, wideEnough) ?? lines };
}
const LEAST_TYPE = 24;

/** Worked out once for each box: frames are alike for seconds. */
function fittedIn(brush: Brush, text: string, { width, height }: Box, most: number): Fitted {
  const key = [text, width, height, most].join('|');
  const known = fitted.get(key);
  if (known) return known;
  const made = fit(brush, text, width, height, most);
  if (fitted.size > MOST_KEPT) fitted.clear();
  fitted.set(key, made);
  return made;
}

/** Words as large as their box has place for. */
export function paintFitted(
  brush: Brush,
  text: string,
  box: Box,
  {
    most,
    fill,
    align = 'center',
    at = 'middle',
  }: Readonly<{ most: number; fill: string; align?: 'center' | 'left'; at?: 'middle' | 'end' }>,
): void {
  const { size, lines } = fittedIn(brush, text, box, most);
  const high = lines.length * size * LEADING;
  const top = at === 'middle' ? box.y + (box.height - high) / 2 : box.y + box.height - high;
  brush.font = typeOf('scene', 800, size);
  brush.fillStyle = fill;
  brush.textAlign = align;
  const x = align === 'center' ? box.x + box.width / 2 : box.x;
  lines.forEach((line, n) => {
    paintLine(brush, line, x, top + size * LEADING * (n + 0.5));
  });
}

/** A line of type with the middle of its line box at y, as a page sets it. */
export function paintLine(brush: Brush, text: string, x: number, y: number): void {
  brush.textBaseline = 'alphabetic';
  const { fontBoundingBoxAscent: above, fontBoundingBoxDescent: below } = brush.measureText(text);
  brush.fillText(text, x, y + (above - below) / 2);
}

/** A round-cornered box as a path. */
export function roundBox(brush: Brush, { x, y, width, height }: Box, radius: number): void {
  brush.beginPath();
  brush.roundRect(x, y, width, height, Math.min(radius, width / 2, height / 2));
}

export function fillBox(brush: Brush, box: Box, radius: number, fill: string): void {
  roundBox(brush, box, radius);
  brush.fillStyle = fill;
  brush.fill();
}

/** A path with a line round it. */
export function paintOutlined(
  brush: Brush,
  path: Path2D,
  { fill, stroke, width }: Readonly<{ fill: string; stroke: string; width: number }>,
): void {
  brush.fillStyle = fill;
  brush.strokeStyle = stroke;
  brush.lineWidth = width;
  brush.lineJoin = 'round';
  brush.fill(path);
  brush.stroke(path);
}

/** The line of a border inside its box. */
export function paintBorder(
  brush: Brush,
  box: Box,
  width: number,
  colour: string,
  { radius = 0, dashed = false }: Readonly<{ radius?: number; dashed?: boolean }> = {},
): void {
  roundBox(brush, inside(box, width / 2), Math.max(0, radius - width / 2));
  brush.lineWidth = width;
  brush.strokeStyle = colour;
  brush.setLineDash(dashed ? [width * 2, width * 1.4] : []);
  brush.stroke();
  brush.setLineDash([]);
}

/** The outline of a stroke of a picture. */
function pathOf(element: string, own: Readonly<Record<string, string | number>>): Path2D {
  const path = new Path2D();
  const n = (name: string) => Number(own[name] ?? 0);
  if (element === 'path') return new Path2D(String(own['d']));
  if (element === 'circle') path.arc(n('cx'), n('cy'), n('r'), 0, 2 * Math.PI);
  else if (element === 'ellipse') {
    path.ellipse(n('cx'), n('cy'), n('rx'), n('ry'), 0, 0, 2 * Math.PI);
  } else if (element === 'rect') {
    path.roundRect(n('x'), n('y'), n('width'), n('height'), n('rx'));
  } else if (element === 'line') {
    path.moveTo(n('x1'), n('y1'));
    path.lineTo(n('x2'), n('y2'));
  } else {
    const points = String(own['points'])
      .trim()
      .split(/[\s,]+/u)
      .map(Number);
    for (let k = 0; k + 1 < points.length; k += 2) path.lineTo(points[k]!, points[k + 1]!);
    if (element === 'polygon') path.closePath();
  }
  return path;
}

/** A picture in lines, as large as its box has place for, in the middle of it. */
export function paintPicture(
  brush: Brush,
  picture: Picture,
  box: Box,
  { stroke, width, fill = 'none' }: Readonly<{ stroke: string; width: number; fill?: string }>,
): void {
  const scale = Math.min(box.width / picture.width, box.height / picture.height);
  const at = centred(box, picture.width * scale, picture.height * scale);
  brush.save();
  brush.translate(at.x, at.y);
  brush.scale(scale, scale);
  brush.lineCap = 'round';
  brush.lineJoin = 'round';
  for (const [element, own] of picture.strokes) {
    const path = pathOf(element, own);
    const filled = String(own['fill'] ?? fill);
    if (filled !== 'none') {
      brush.fillStyle = filled === 'currentColor' ? stroke : filled;
      brush.fill(path);
    }
    const lined = String(own['stroke'] ?? stroke);
    if (lined !== 'none') {
      brush.strokeStyle = lined === 'currentColor' ? stroke : lined;
      brush.lineWidth = Number(own['stroke-width'] ?? width);
      brush.stroke(path);
    }
  }
  brush.restore();
}
