/** Text as it may stand in HTML, XML and SVG, between marks and in attributes with double quotes. */
export const escapeMarkup = (text: string): string =>
  text
    .replace(/&/gu, '&amp;')
    .replace(/</gu, '&lt;')
    .replace(/>/gu, '&gt;')
    .replace(/"/gu, '&quot;');
