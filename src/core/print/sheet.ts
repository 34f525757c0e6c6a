import type { Picture } from '../figure/drawing/picture';
import type { Ink } from './ink-choices';
import { INK } from './inks';
import { PAPERS, type Box, type Paper, type PageSize } from './paper';
import { escapeMarkup } from '../words/escape-markup';
import { strokesAsSvg } from './picture-svg';
import type { Face, FitBox, TypeCase } from './type-case';

/** Height of a capital over the size of the type, near enough for both families. */
const CAPITAL_HEIGHT = 0.7;
export const LEADING = 1.15;

const number = (n: number) => String(Math.round(n * 1e4) / 1e4);

type Look = Readonly<{ fill?: string; stroke?: string; width?: number; dash?: string }>;

function attributes({ fill, stroke, width = 0.3, dash }: Look): string {
  return [
    `fill="${fill ?? 'none'}"`,
    stroke ? `stroke="${stroke}" stroke-width="${number(width)}"` : '',
    dash ? `stroke-dasharray="${dash}"` : '',
    'stroke-linejoin="round"',
  ]
    .filter(Boolean)
    .join(' ');
}

/** `align`: the point is the middle of each line, or its left end. */
export type TextLook = FitBox &
  Readonly<{ face?: Face; fill?: string | undefined; align?: 'middle' | 'left' }>;

/** One sheet of paper that is drawn on in millimetres, from its upper left corner. */
export class Sheet {
  readonly #marks: string[] = [];

  constructor(
    readonly paper: Paper,
    readonly ink: Ink,
    readonly type: TypeCase,
    /** A size of its own, for what is no paper. */
    readonly ownSize: PageSize | null = null,
  ) {}

  get size(): PageSize {
    return this.ownSize ?? PAPERS[this.paper];
  }

  /** A colour for a surface: nothing where ink is saved. */
  tint(colour: string): string {
    return this.ink === 'saving' ? 'none' : colour;
  }

  path(d: string, look: Look): void {
    this.#marks.push(`<path d="${d}" ${attributes(look)}/>`);
  }

  /** A path in units of its own, so many millimetres each, its middle at a point. */
  pathIn(d: string, x: number, y: number, unitMm: number, look: Look): void {
    const { width = 0.3 } = look;
    this.#marks.push(
      `<path d="${d}" transform="translate(${number(x)} ${number(y)}) scale(${number(unitMm)})" ${attributes({ ...look, width: width / unitMm })}/>`,
    );
  }

  polygon(points: readonly (readonly [number, number])[], look: Look): void {
    this.path(
      `${points.map(([x, y], n) => `${n ? 'L' : 'M'}${number(x)} ${number(y)}`).join('')}Z`,
      look,
    );
  }

  line(x1: number, y1: number, x2: number, y2: number, look: Look): void {
    this.path(`M${number(x1)} ${number(y1)}L${number(x2)} ${number(y2)}`, look);
  }

  box({ x, y, width, height }: Box, look: Look, radius = 0): void {
    const round = radius > 0 ? ` rx="${number(radius)}"` : '';
    this.#marks.push(
      `<rect x="${number(x)}" y="${number(y)}" width="${number(width)}" height="${number(height)}"${round} ${attributes(look)}/>`,
    );
  }

  circle(x: number, y: number, r: number, look: Look): void {
    this.#marks.push(
      `<circle cx="${number(x)}" cy="${number(y)}" r="${number(r)}" ${attributes(look)}/>`,
    );
  }

  /** What `paint` paints, turned clockwise around a point. */
  turned(degrees: number, x: number, y: number, paint: () => void): void {
    this.#marks.push(`<g transform="rotate(${number(degrees)} ${number(x)} ${number(y)})">`);
    paint();
    this.#marks.push('</g>');
  }

  /** A picture around a point, as large as a box of this width and height takes. */
  picture(picture: Picture, x: number, y: number, width: number, height = width): void {
    const scale = Math.min(width / picture.width, height / picture.height);
    const left = x - (picture.width * scale) / 2;
    const top = y - (picture.height * scale) / 2;
    this.#marks.push(
      `<g transform="translate(${number(left)} ${number(top)}) scale(${number(scale)})">${strokesAsSvg(picture)}</g>`,
    );
  }

  /**
   * Text around a point, in as many lines as it needs and may have. Returns how high it is, in
   * millimetres.
   */
  text(text: string, x: number, y: number, look: TextLook): number {
    const face = look.face ?? 'text';
    const { sizeMm, lines } = this.type.fit(face, text, look);
    const height = lines.length * sizeMm * LEADING;
    lines.forEach((words, n) => {
      const baseline =
        y - height / 2 + (n + 0.5) * sizeMm * LEADING + (sizeMm * CAPITAL_HEIGHT) / 2;
      // Each stretch has its own place: the PDF writer does not join fonts within a line.
      const before = look.align === 'left' ? 0 : (this.type.ems(face, words) * sizeMm) / 2;
      let at = x - before;
      for (const { font, text: stretch } of this.type.stretches(face, words)) {
        this.#marks.push(
          `<text x="${number(at)}" y="${number(baseline)}" font-family="${font}" font-size="${number(sizeMm)}" fill="${look.fill ?? INK}" xml:space="preserve">${escapeMarkup(stretch)}</text>`,
        );
        at += this.type.ems(face, stretch) * sizeMm;
      }
    });
    return height;
  }

  /** The sheet as SVG, one unit a millimetre. */
  toSvg(): string {
    const { widthMm, heightMm } = this.size;
    return `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}">${this.#marks.join('')}</svg>`;
  }
}
