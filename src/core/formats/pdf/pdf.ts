import type { Content, ContentText, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces';
import type { Block, ClockRow, PrintText, Run } from '../../print/document';
import { INK, SOFT_INK } from '../../print/inks';
import type { PackPart } from '../../print/pack';
import { PAPERS, POINTS_PER_MM, type Paper } from '../../print/paper';
import type { Face, TypeCase } from '../../print/type-case';

const points = (mm: number) => mm * POINTS_PER_MM;

const MARGIN_MM = 15;
const FOOT_MM = 14;

/** Sizes of type in points, before they are scaled. */
const SIZES = { title: 24, under: 12, heading: 15, text: 12.5, notes: 10 } as const;

type Inline = ContentText & { text: string };

/** Writes texts with one type case at one scale. */
class TextWriter {
  constructor(
    readonly type: TypeCase,
    readonly scale: number,
    /** With what to watch for, and a line for what is said. */
    readonly roomy = true,
  ) {}

  inline(text: string, face: Face, color = INK): Inline[] {
    return this.type
      .stretches(face, text)
      .map(({ font, text: stretch }) => ({ text: stretch, font, color }));
  }

  text(inlines: readonly Inline[], size: number, more: Partial<ContentText> = {}): ContentText {
    return { text: [...inlines], fontSize: size * this.scale, lineHeight: 1.1, ...more };
  }

  runs(runs: readonly Run[]): Inline[] {
    return runs.flatMap(({ text, strong, soft }) =>
      this.inline(text, strong ? 'strong' : 'text', soft ? SOFT_INK : INK),
    );
  }

  /** Name and dose stand out together; what is said stands under them, or beside them to save room. */
  #clockRow({ clock, runs, said, notes, dose }: ClockRow): Content[] {
    const [name, ...others] = this.runs(runs);
    const spoken = said ? this.inline(`\u201c${said}\u201d`, 'text') : [];
    const first = [
      ...(name ? [name] : []),
      ...(dose ? this.inline(name ? `  ${dose}` : dose, name ? 'strong' : 'text') : []),
      ...others.map((one) => ({ ...one, text: `  ${one.text.trim()}` })),
    ];
    const gap = this.inline('  ', 'text');
    const beside = [...spoken, ...(spoken.length > 0 && first.length > 0 ? gap : []), ...first];
    const lines = !name ? [beside] : this.roomy ? [first, spoken] : [[...first, ...gap, ...spoken]];
    const stack: Content[] = lines
      .filter((inlines) => inlines.length > 0)
      .map((inlines) => this.text(inlines, SIZES.text));
    if (notes && this.roomy) {
      stack.push(this.text(this.inline(notes, 'text', SOFT_INK), SIZES.notes));
    }
    return [this.text(this.inline(clock, 'text', SOFT_INK), SIZES.text), { stack }];
  }

  /** Rows under their heading: it stays with the first of them, and comes again on the next page. */
  #clockTable(rows: readonly ClockRow[], head: Content | null): Content {
    const first: TableCell[][] = head ? [[{ ...(head as ContentText), colSpan: 2 }, '']] : [];
    return {
      table: {
        widths: [points(14) * this.scale, '*'],
        dontBreakRows: true,
        headerRows: first.length,
        keepWithHeaderRows: first.length,
        body: [...first, ...rows.map((row) => this.#clockRow(row))],
      },
      layout: {
        hLineWidth: (n) => (n < first.length ? 0 : 0.4),
        vLineWidth: () => 0,
        hLineColor: () => '#cfd3d4',
        paddingLeft: () => 0,
        paddingRight: () => 0,
        paddingTop: () => 1.2 * this.scale,
        paddingBottom: () => 1.2 * this.scale,
      },
    };
  }

  block(block: Block): Content {
    const gap = 4 * this.scale;
    switch (block.kind) {
      case 'heading':
        return this.text(
          [
            ...this.inline(block.text, 'heading'),
            ...this.inline(block.aside ? `  ${block.aside}` : '', 'text', SOFT_INK),
          ],
          SIZES.heading,
          { margin: [0, 2.2 * gap, 0, gap / 2] },
        );
      case 'said':
        return this.text(this.inline(`\u201c${block.text}\u201d`, 'text'), SIZES.text, {
          margin: [0, gap / 2, 0, gap],
        });
      case 'line':
        return this.text(this.runs(block.runs), SIZES.text, { margin: [0, gap, 0, gap] });
      case 'item':
        return this.text(this.runs(block.runs), SIZES.text, {
          margin: [points(4), gap / 2, 0, gap / 2],
        });
      case 'tick': {
        const box = SIZES.text * this.scale;
        return {
          columns: [
            {
              width: box * 1.6,
              canvas: [{ type: 'rect', x: 0, y: 1, w: box, h: box, r: 2, lineColor: INK }],
            },
            this.text(this.runs(block.runs), SIZES.text, { width: '*' } as Partial<ContentText>),
          ],
          margin: [0, gap, 0, gap],
          unbreakable: true,
        } as Content;
      }
      case 'clock rows':
        return this.#clockTable(block.rows, null);
    }
  }

  /** The pieces in order, a heading never alone at the foot of a page. */
  #blocks(blocks: readonly Block[]): Content[] {
    const content: Content[] = [];
    for (let n = 0; n < blocks.length; n += 1) {
      const [block, following] = [blocks[n]!, blocks[n + 1]];
      if (block.kind !== 'heading' || !following || following.kind === 'heading') {
        content.push(this.block(block));
        continue;
      }
      const head = this.block(block);
      content.push(
        following.kind === 'clock rows'
          ? this.#clockTable(following.rows, head)
          : { stack: [head, this.block(following)], unbreakable: true },
      );
      n += 1;
    }
    return content;
  }

  whole({ title, under, blocks }: PrintText): Content[] {
    return [
      this.text(this.inline(title, 'heading'), SIZES.title),
      ...under.map((one) =>
        this.text(this.inline(one, 'text', SOFT_INK), SIZES.under, { margin: [0, 2, 0, 0] }),
      ),
      ...this.#blocks(blocks),
    ];
  }
}

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

function base64Of(bytes: Uint8Array): string {
  let binary = '';
  for (let at = 0; at < bytes.length; at += 0x8000) {
    binary += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  }
  return btoa(binary);
}

/** A page of a run sheet: roomy or not, in type as large as one page takes. */
const ONE_PAGE_LOOKS = [
  [1.1, true],
  [0.95, true],
  [1.1, false],
  [0.95, false],
  [0.9, false],
  [0.85, false],
  [0.8, false],
] as const;

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
async function writerForRunSheet(
  pdfMake: PdfMake,
  text: PrintText,
  paper: Paper,
  type: TypeCase,
): Promise<TextWriter> {
  const pagesOf = async (writer: TextWriter) =>
    (await bytesOf(pdfMake, definition(writer.whole(text), paper, type))).pages;
  for (const [scale, roomy] of ONE_PAGE_LOOKS) {
    const writer = new TextWriter(type, scale, roomy);
    if ((await pagesOf(writer)) === 1) return writer;
  }
  const [wide, close] = [new TextWriter(type, 1), new TextWriter(type, 1, false)];
  return (await pagesOf(close)) < (await pagesOf(wide)) ? close : wide;
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
  const { widthMm, heightMm } = PAPERS[paper];
  const content: Content[] = [];
  for (const [n, part] of parts.entries()) {
    const isFirst = n === 0;
    if ('text' in part) {
      const writer =
        part.id === 'run-sheet'
          ? await writerForRunSheet(pdfMake, part.text, paper, type)
          : new TextWriter(type, 1);
      // What to gather and what to look out for are short: they share a page.
      const goesOn = part.id === 'cautions' && parts[n - 1]?.id === 'kit';
      content.push({
        stack: writer.whole(part.text),
        ...(isFirst || goesOn ? {} : { pageBreak: 'before' }),
        ...(goesOn ? { margin: [0, points(12), 0, 0] } : {}),
      });
    } else {
      part.sheets.forEach((sheet, index) => {
        content.push({
          text: ' ',
          id: `${DRAWN} ${content.length}`,
          fontSize: 1,
          ...(isFirst && index === 0 ? {} : { pageBreak: 'before' }),
        });
        content.push({
          svg: sheet.toSvg(),
          width: points(widthMm),
          height: points(heightMm),
          absolutePosition: { x: 0, y: 0 },
        });
      });
    }
    onProgress((n + 1) / (parts.length + 1));
  }
  const writer = new TextWriter(type, 1);
  const drawn = new Set<number>();
  const whole: TDocumentDefinitions = {
    ...definition(content, paper, type),
    info: { title, creator: 'Arrup' },
    // Called for each piece when pages are made up: it tells on which pages there are sheets.
    pageBreakBefore: (node) => {
      if (node.id?.startsWith(DRAWN)) drawn.add(node.pageNumbers[0]!);
      return false;
    },
    footer: (page, count) =>
      drawn.has(page)
        ? ''
        : writer.text(writer.inline(`${title} · ${page} of ${count}`, 'text', SOFT_INK), 8, {
            alignment: 'center',
            margin: [0, points(FOOT_MM - 8), 0, 0],
          }),
  };
  const { bytes } = await bytesOf(pdfMake, whole);
  onProgress(1);
  return bytes;
}
