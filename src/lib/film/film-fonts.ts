import text from '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-wght-normal.woff2?url';
import textExt from '@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-wght-normal.woff2?url';
import heading from '@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-wdth-normal.woff2?url';
import headingExt from '@fontsource-variable/bricolage-grotesque/files/bricolage-grotesque-latin-ext-wdth-normal.woff2?url';

/** As the fonts' own style sheets have it. */
const EXT =
  'U+0100-02BA,U+02BD-02C5,U+02C7-02CC,U+02CE-02D7,U+02DD-02FF,U+0304,U+0308,U+0329,U+1D00-1DBF,U+1E00-1E9F,U+1EF2-1EFF,U+2020,U+20A0-20AB,U+20AD-20C0,U+2113,U+2C60-2C7F,U+A720-A7FF';

/** The narrow cut of the Stage's scene: a width of its own, as canvases know only nine by name. */
const SCENE_WIDTH = '84%';

let loading: Promise<void> | null = null;

/** The fonts of the page, for a canvas here or in a worker; they're loaded once. */
export const loadFilmFonts = (fonts: FontFaceSet): Promise<void> => (loading ??= load(fonts));

async function load(fonts: FontFaceSet): Promise<void> {
  const face = (family: string, url: string, own: FontFaceDescriptors) =>
    new FontFace(family, `url(${url}) format('woff2')`, own).load();
  const wide = { weight: '200 800' };
  const loaded = await Promise.all([
    face('Film Scene', heading, { ...wide, stretch: SCENE_WIDTH }),
    face('Film Scene', headingExt, { ...wide, stretch: SCENE_WIDTH, unicodeRange: EXT }),
    face('Film Heading', heading, { ...wide, stretch: '100%' }),
    face('Film Heading', headingExt, { ...wide, stretch: '100%', unicodeRange: EXT }),
    face('Film Text', text, wide),
    face('Film Text', textExt, { ...wide, unicodeRange: EXT }),
  ]);
  for (const one of loaded) fonts.add(one);
}
