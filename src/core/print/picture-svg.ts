import type { Picture } from '../figure/drawing/picture';
import { escapeMarkup } from '../words/escape-markup';
import { INK } from './inks';

/** The strokes of a picture as SVG, drawn in lines of ink where they say no more. */
export function strokesAsSvg({ strokes }: Picture, ink = INK): string {
  const elements = strokes.map(([element, given]) => {
    const own = Object.entries(given)
      .filter(([name]) => name !== 'key')
      .map(([name, value]) => `${name}="${escapeMarkup(String(value))}"`);
    return `<${element} ${own.join(' ')}/>`;
  });
  return `<g fill="none" stroke="${ink}" stroke-width="1.5" stroke-linecap="round" stroke-linejoin="round">${elements.join('')}</g>`;
}

/** A picture as an SVG file of its own. */
export const pictureAsSvg = (picture: Picture): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${picture.width} ${picture.height}">${strokesAsSvg(picture)}</svg>`;
