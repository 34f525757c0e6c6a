/** Reading PDFs with poppler's tools: a reader that is not ours, nor the writer's. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const folder = mkdtempSync(join(tmpdir(), 'arrup-print-'));
let count = 0;

export function pdfFile(bytes: Uint8Array): string {
  const path = join(folder, `${(count += 1)}.pdf`);
  writeFileSync(path, bytes);
  return path;
}

const run = (tool: string, ...args: string[]) =>
  execFileSync(tool, args, { encoding: 'utf8', maxBuffer: 1 << 28 });

/** The size of every page, in points. */
export function pageSizes(path: string): readonly (readonly [number, number])[] {
  const info = run('pdfinfo', '-f', '1', '-l', '9999', path);
  return [...info.matchAll(/^Page\s+\d+ size:\s+([\d.]+) x ([\d.]+) pts/gmu)].map(
    ([, width, height]) => [Number(width), Number(height)] as const,
  );
}

/** The text of pages, as it is selected. */
export function textOf(path: string, page?: number): string {
  const pages = page ? ['-f', String(page), '-l', String(page)] : [];
  return run('pdftotext', ...pages, path, '-').replace(/\s+/gu, ' ');
}

export type FontInPdf = Readonly<{ name: string; embedded: boolean; unicode: boolean }>;

export function fontsOf(path: string): readonly FontInPdf[] {
  return run('pdffonts', path)
    .split('\n')
    .slice(2)
    .filter(Boolean)
    .map((row) => {
      const [emb, , uni] = /(yes|no)\s+(yes|no)\s+(yes|no)\s+\d+\s+\d+\s*$/u.exec(row)!.slice(1);
      return { name: row.split(/\s+/u)[0]!, embedded: emb === 'yes', unicode: uni === 'yes' };
    });
}

const DPI = 300;
export const MM_PER_PIXEL = 25.4 / DPI;

/** A page as grey pixels, 300 to the inch. */
export class GreyPage {
  readonly width: number;
  readonly height: number;
  readonly #pixels: Uint8Array;

  constructor(path: string, page: number) {
    const out = join(folder, `page-${(count += 1)}`);
    run(
      'pdftoppm',
      '-gray',
      '-r',
      String(DPI),
      '-f',
      String(page),
      '-l',
      String(page),
      '-singlefile',
      path,
      out,
    );
    const bytes = readFileSync(`${out}.pgm`);
    const head = /^P5\s+(\d+)\s+(\d+)\s+255\s/u.exec(bytes.subarray(0, 40).toString('latin1'))!;
    [this.width, this.height] = [Number(head[1]), Number(head[2])];
    this.#pixels = bytes.subarray(head[0].length);
  }

  /** How much of the page is dark, 0 to 1. */
  get darkShare(): number {
    const dark = this.#pixels.reduce((sum, grey) => sum + (255 - grey), 0);
    return dark / 255 / this.#pixels.length;
  }

  /** Middles of the marks that a line across the page crosses, in millimetres. */
  crossings(direction: 'across' | 'down', atMm: number): readonly number[] {
    const at = Math.round(atMm / MM_PER_PIXEL);
    const length = direction === 'across' ? this.width : this.height;
    const pixel = (n: number) =>
      direction === 'across'
        ? this.#pixels[at * this.width + n]!
        : this.#pixels[n * this.width + at]!;
    const middles: number[] = [];
    let from = -1;
    for (let n = 0; n <= length; n += 1) {
      const dark = n < length && pixel(n) < 210;
      if (dark && from < 0) from = n;
      if (!dark && from >= 0) {
        middles.push(((from + n) / 2) * MM_PER_PIXEL);
        from = -1;
      }
    }
    return middles;
  }
}
