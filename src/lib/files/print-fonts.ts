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

/** The fonts that are printed with; they ship with the application. */
export async function loadPrintFonts(read: (url: string) => Promise<Response>): Promise<FontFiles> {
  const load = ([name, url]: readonly [string, string]): Promise<FontFile> =>
    read(url).then(async (answer) => ({ name, bytes: new Uint8Array(await answer.arrayBuffer()) }));
  const [text, strong, heading] = await Promise.all(
    [PLACES.text, PLACES.strong, PLACES.heading].map((files) => Promise.all(files.map(load))),
  );
  return { text: text!, strong: strong!, heading: heading! };
}
