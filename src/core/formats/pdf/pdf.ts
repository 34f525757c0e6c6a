import type { Content, ContentText, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { PrintText } from '../../print/document';
import { asTrueType } from '../../print/font-file';
import { SOFT_INK } from '../../print/inks';
import type { PackPart } from '../../print/pack';
import type { PackPartId } from '../../print/pack-parts';
import { PAPERS, points, type Paper } from '../../print/paper';
import type { TypeCase } from '../../print/type-case';
import { TextWriter, type WriterLook } from './text-writer';

const MARGIN_MM = 15;
const FOOT_MM = 14;

function definition(content: Content[], paper: Paper, type: TypeCase): TDocumentDefinitions {
  const { widthMm, heightMm } = PAPERS[paper];
  const side = points(MARGIN_MM);
  return {
    pageSize: { width: points(widthMm), height: points(heightMm) },
    pageMargins: [side, points(13), side, points(FOOT_MM)],
    defaultStyle: { font: type.files[0]!.name },
    content,
  };
}

type PdfMake = typeof import('pdfmake/build/pdfmake');
let shared: Promise<PdfMake> | null = null;

/** The PDF package is large: it is loaded when the first page is written. */
async function loadPdfMake(): Promise<PdfMake> {
  shared ??= import('pdfmake/build/pdfmake').then((module) => module.default ?? module);
  return shared;
}

/** A font in base 64, as the package wants it: made once for each. */
const packed = new WeakMap<Uint8Array, string>();

function base64Of(file: Uint8Array): string {
  const known = packed.get(file);
  if (known !== undefined) return known;
  const bytes = asTrueType(file);
  let binary = '';
  for (let at = 0; at < bytes.length; at += 0x8000) {
    binary += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  const made = btoa(binary);
  packed.set(file, made);
  return made;
}

/** A run sheet: roomy, or close with pictures that are still seen well, or closer. */
const ROOMY = { roomy: true, pictureHigh: 32 } as const;
const CLOSE = { roomy: false, pictureHigh: 22 } as const;
const CLOSEST = { roomy: false, pictureHigh: 14 } as const;

/** What is tried for one page: type as large as it takes. */
const ONE_PAGE_LOOKS: readonly WriterLook[] = [
  { scale: 1.1, ...ROOMY },
  { scale: 0.95, ...ROOMY },
  { scale: 1.1, ...CLOSE },
  { scale: 0.95, ...CLOSE },
  { scale: 0.9, ...CLOSE },
  ...[0.95, 0.9, 0.85, 0.8].map((scale) => ({ scale, ...CLOSEST })),
];

/** Only to see on how many pages it comes: packing what is thrown away takes a quarter of the time. */
const UNPACKED = { compress: false } as const;

async function bytesOf(
  pdfMake: PdfMake,
  whole: TDocumentDefinitions,
): Promise<{ bytes: Uint8Array; pages: number }> {
  let pages = 0;
  const counting: TDocumentDefinitions = {
    ...whole,
    footer: (page, count) => {
      pages = count;
      return typeof whole.footer === 'function' ? whole.footer(page, count, {} as never) : '';
    },
  };
  const bytes = await pdfMake.createPdf(counting).getBuffer();
  return { bytes: new Uint8Array(bytes), pages };
}

/** The run sheet on one page where it can be; where it cannot, on as few as large type takes. */
async function lookOfRunSheet(
  pdfMake: PdfMake,
  text: PrintText,
  paper: Paper,
  type: TypeCase,
): Promise<WriterLook> {
  const pagesOf = async (look: WriterLook) => {
    const blank = new TextWriter(type, { ...look, blank: true });
    const whole = definition(blank.whole(text), paper, type);
    return (await bytesOf(pdfMake, { ...whole, ...UNPACKED })).pages;
  };
  // Each look takes less of a page than those before it: the first that fits is found by halves.
  const smallest = ONE_PAGE_LOOKS.length - 1;
  if ((await pagesOf(ONE_PAGE_LOOKS[smallest]!)) === 1) {
    let [least, fits] = [0, smallest];
    while (least < fits) {
      const middle = Math.floor((least + fits) / 2);
      if ((await pagesOf(ONE_PAGE_LOOKS[middle]!)) === 1) fits = middle;
      else least = middle + 1;
    }
    return ONE_PAGE_LOOKS[fits]!;
  }
  let best: WriterLook = { scale: 1, ...ROOMY };
  let fewest = await pagesOf(best);
  for (const more of [CLOSE, CLOSEST]) {
    const look = { scale: 1, ...more };
    const pages = await pagesOf(look);
    if (pages < fewest) [best, fewest] = [look, pages];
  }
  return best;
}

/** Ids of pages that are sheets begin with it: they have no foot. */
const DRAWN = 'drawn';

export type PdfLook = Readonly<{
  paper: Paper;
  type: TypeCase;
  title: string;
  onProgress?: (share: number) => void;
}>;

/**
 * The pack as a PDF, each part on pages of its own, what is drawn true to scale. Text can be selected,
 * in the fonts of the type case. Throws a RangeError for a pack without parts.
 */
export async function writePdf(
  parts: readonly PackPart[],
  { paper, type, title, onProgress = () => {} }: PdfLook,
): Promise<Uint8Array> {
  if (parts.length === 0) throw new RangeError('writePdf: there is nothing to print');
  const pdfMake = await loadPdfMake();
  pdfMake.addVirtualFileSystem(
    Object.fromEntries(type.files.map(({ name, bytes }) => [name, base64Of(bytes)])),
  );
  pdfMake.addFonts(Object.fromEntries(type.files.map(({ name }) => [name, { normal: name }])));
  const looks = new Map<PackPartId, WriterLook>();
  for (const [n, part] of parts.entries()) {
    const isRunSheet = part.id === 'run-sheet' && 'text' in part;
    looks.set(
      part.id,
      isRunSheet ? await lookOfRunSheet(pdfMake, part.text, paper, type) : { scale: 1 },
    );
    onProgress((n + 1) / (2 * parts.length + 1));
  }
  const writer = new TextWriter(type, { scale: 1 });
  const info = { title, creator: 'Arrup' };
  // Feet are written before it is known what stands on a page: without pictures it is soon found out.
  const drawn = new Set<number>();
  const pages = new Map<PackPartId, number>();
  await bytesOf(pdfMake, {
    ...definition(contentOf(parts, looks, { paper, type, pages, blank: true }), paper, type),
    ...UNPACKED,
    pageBreakBefore: (node) => {
      const [page = 1] = node.pageNumbers;
      if (node.id?.startsWith(DRAWN)) drawn.add(page);
      else if (looks.has(node.id as PackPartId)) pages.set(node.id as PackPartId, page);
      return false;
    },
  });
  onProgress(0.6);
  const { bytes } = await bytesOf(pdfMake, {
    ...definition(contentOf(parts, looks, { paper, type, pages, blank: false }), paper, type),
    info,
    footer: (page, count) =>
      drawn.has(page)
        ? ''
        : writer.text(writer.inline(`${title} · ${page} of ${count}`, 'text', SOFT_INK), 8, {
            alignment: 'center',
            margin: [0, points(FOOT_MM - 8), 0, 0],
          }),
  });
  onProgress(1);
  return bytes;
}

/** The pages of all parts. `blank`: only to see on which pages they come, for drawing takes time. */
function contentOf(
  parts: readonly PackPart[],
  looks: ReadonlyMap<PackPartId, WriterLook>,
  {
    paper,
    type,
    ...how
  }: Pick<PdfLook, 'paper' | 'type'> & Required<Pick<WriterLook, 'blank' | 'pages'>>,
): Content[] {
  const { widthMm, heightMm } = PAPERS[paper];
  // The package's types have no ids.
  const mark = (id: string): Content => ({ text: ' ', fontSize: 1, id }) as ContentText;
  const content: Content[] = [];
  for (const [n, part] of parts.entries()) {
    const breaks = n === 0 ? {} : ({ pageBreak: 'before' } as const);
    if ('text' in part) {
      const writer = new TextWriter(type, { ...looks.get(part.id)!, ...how });
      // What to gather and what to look out for are short: they share a page.
      const goesOn = part.id === 'cautions' && parts[n - 1]?.id === 'kit';
      content.push({
        stack: [mark(part.id), writer.whole(part.text)],
        ...(goesOn ? { margin: [0, points(12), 0, 0] } : breaks),
      });
      continue;
    }
    part.sheets.forEach((sheet, index) => {
      // A piece that breaks the page is not asked about: the mark is the next one.
      content.push({ text: ' ', fontSize: 1, ...(index === 0 ? breaks : { pageBreak: 'before' }) });
      content.push(mark(`${DRAWN} ${content.length}`));
      if (index === 0) content.push(mark(part.id));
      if (how.blank) return;
      content.push({
        svg: sheet.toSvg(),
        width: points(widthMm),
        height: points(heightMm),
        absolutePosition: { x: 0, y: 0 },
      });
    });
  }
  return content;
}
