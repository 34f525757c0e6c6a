import type { Content, ContentText, TableCell } from 'pdfmake/interfaces';
import type { Block, ClockRow, PrintText, Run } from '../../print/document';
import { INK, SOFT_INK } from '../../print/inks';
import { pictureAsSvg } from '../../print/picture-svg';
import type { Picture } from '../../figure/drawing/picture';
import type { PackPartId } from '../../print/pack-parts';
import { points } from '../../print/paper';
import type { Face, TypeCase } from '../../print/type-case';

/** Sizes of type in points, before they are scaled. */
const SIZES = { title: 24, under: 12, heading: 15, text: 12.5, notes: 10 } as const;

type Inline = ContentText & { text: string };

export type WriterLook = Readonly<{
  scale: number;
  /** With what to watch for, and a line for what is said. */
  roomy?: boolean;
  /** How high the pictures of a run sheet are, in points before they are scaled. */
  pictureHigh?: number;
  /** Only to see how many pages it takes: pictures are left blank, for drawing them takes time. */
  blank?: boolean;
  /** On which pages the parts of the pack begin. */
  pages?: ReadonlyMap<PackPartId, number>;
}>;

/** Writes texts as pieces of a PDF, with one type case at one scale. */
export class TextWriter {
  readonly scale: number;
  readonly roomy: boolean;
  readonly pictureHigh: number;
  readonly blank: boolean;
  readonly pages: ReadonlyMap<PackPartId, number>;

  constructor(
    readonly type: TypeCase,
    { scale, roomy = true, pictureHigh = 32, blank = false, pages = new Map() }: WriterLook,
  ) {
    this.scale = scale;
    this.roomy = roomy;
    this.pictureHigh = pictureHigh;
    this.blank = blank;
    this.pages = pages;
  }
  inline(text: string, face: Face, color = INK): Inline[] {
    return this.type
      .stretches(face, text)
      .map(({ font, text: stretch }) => ({ text: stretch, font, color }));
  }

  text(inlines: readonly Inline[], size: number, more: Partial<ContentText> = {}): ContentText {
    return { text: [...inlines], fontSize: size * this.scale, lineHeight: 1.1, ...more };
  }

  runs(runs: readonly Run[]): Inline[] {
    return runs.flatMap(({ text, strong, soft, pageOf }) => {
      const page = pageOf ? String(this.pages.get(pageOf) ?? '…') : '';
      return this.inline(`${text}${page}`, strong ? 'strong' : 'text', soft ? SOFT_INK : INK);
    });
  }

  /** How wide the pictures of a run sheet are, in points before they are scaled. */
  get #seenWide(): number {
    return this.pictureHigh * 2 + 6;
  }

  /** Name and dose stand out together; what is said stands under them, or beside them to save room. */
  #clockRow({ clock, runs, said, notes, dose, picture }: ClockRow): Content[] {
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
    const seen: Content = picture ? this.picture(picture, this.pictureHigh, this.#seenWide) : '';
    return [this.text(this.inline(clock, 'text', SOFT_INK), SIZES.text), { stack }, seen];
  }

  /** Rows under their heading: it stays with the first of them, and comes again on the next page. */
  #clockTable(rows: readonly ClockRow[], head: Content | null): Content {
    const first: TableCell[][] = head ? [[{ ...(head as ContentText), colSpan: 3 }, '', '']] : [];
    return {
      table: {
        widths: [points(14) * this.scale, '*', this.#seenWide * this.scale],
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

  /** A picture no larger than this, in points before they are scaled. */
  picture(picture: Picture, high: number, wide: number): Content {
    const most = Math.min(high / picture.height, wide / picture.width) * this.scale;
    const [width, height] = [picture.width * most, picture.height * most];
    return this.blank
      ? { canvas: [{ type: 'rect', x: 0, y: 0, w: width, h: height, lineWidth: 0 }] }
      : { svg: pictureAsSvg(picture), width, height };
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
            ...(block.picture
              ? [{ width: 170, stack: [this.picture(block.picture, 74, 170)] }]
              : []),
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
