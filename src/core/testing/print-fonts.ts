/** The fonts that ship, for tests that print. */
import { readFileSync } from 'node:fs';
import { TypeCase, type FontFile, type FontFiles } from '../print/type-case';

const inPackages = (path: string) =>
  new URL(`../../../node_modules/${path}`, import.meta.url).pathname;
const atkinson = (subset: string, weight: number) =>
  inPackages(
    `@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${subset}-${weight}-normal.woff`,
  );
const bricolage = (subset: string) =>
  inPackages(`@fontsource/bricolage-grotesque/files/bricolage-grotesque-${subset}-800-normal.woff`);
const dejavu = (style: string) => inPackages(`dejavu-fonts-ttf/ttf/DejaVuSans${style}.ttf`);

const PATHS = {
  text: [atkinson('latin', 400), atkinson('latin-ext', 400), dejavu('')],
  strong: [atkinson('latin', 700), atkinson('latin-ext', 700), dejavu('-Bold')],
  heading: [bricolage('latin'), bricolage('latin-ext'), dejavu('-Bold')],
} as const;

export const PRINT_FONT_PATHS: readonly string[] = [...new Set(Object.values(PATHS).flat())];

const FILES = new Map<string, FontFile>();

/** Each is read once: what is packed for the PDF package is known by its bytes. */
function fileAt(path: string): FontFile {
  const name = path
    .split('/')
    .at(-1)!
    .replace(/\.\w+$/u, '');
  const file = FILES.get(path) ?? { name, bytes: readFileSync(path) };
  FILES.set(path, file);
  return file;
}

export const printFontFiles = (): FontFiles => ({
  text: PATHS.text.map(fileAt),
  strong: PATHS.strong.map(fileAt),
  heading: PATHS.heading.map(fileAt),
});

let shared: TypeCase | null = null;

/** Read once for all tests of a file. */
export function printFonts(): TypeCase {
  shared ??= new TypeCase(printFontFiles());
  return shared;
}
