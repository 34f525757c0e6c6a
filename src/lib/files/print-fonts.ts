import atkinson400 from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?url';
import atkinson400ext from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?url';
import atkinson700 from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?url';
import atkinson700ext from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?url';
import bricolage from '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-800-normal.woff?url';
import bricolageExt from '@fontsource/bricolage-grotesque/files/bricolage-grotesque-latin-ext-800-normal.woff?url';
import dejavu from 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf?url';
import dejavuBold from 'dejavu-fonts-ttf/ttf/DejaVuSans-Bold.ttf?url';
import type { FontFile, FontFiles } from '$core/files';

/** The first has our looks; the last has the signs of most scripts, for names that need them. */
const PLACES = {
  text: [
    ['Atkinson', atkinson400],
    ['Atkinson ext', atkinson400ext],
    ['DejaVu', dejavu],
  ],
  strong: [
    ['Atkinson bold', atkinson700],
    ['Atkinson bold ext', atkinson700ext],
    ['DejaVu bold', dejavuBold],
  ],
  heading: [
    ['Bricolage', bricolage],
    ['Bricolage ext', bricolageExt],
    ['DejaVu bold', dejavuBold],
  ],
} as const;

const kept = new Map<string, Promise<Uint8Array>>();
/** A font's file, fetched once for as long as the page or the worker lives; anew where that failed. */
function fetched(url: string, read: (url: string) => Promise<Response>): Promise<Uint8Array> {
  const known = kept.get(url);
  if (known) return known;
  const file = read(url).then(async (answer) => new Uint8Array(await answer.arrayBuffer()));
  kept.set(url, file);
  file.catch(() => kept.delete(url));
  return file;
}

/** The fonts that are printed with; they ship with the application. */
export async function loadPrintFonts(read: (url: string) => Promise<Response>): Promise<FontFiles> {
  const load = async ([name, url]: readonly [string, string]): Promise<FontFile> => ({
    name,
    bytes: await fetched(url, read),
  });
  const [text, strong, heading] = await Promise.all(
    [PLACES.text, PLACES.strong, PLACES.heading].map((files) => Promise.all(files.map(load))),
  );
  return { text: text!, strong: strong!, heading: heading! };
}
