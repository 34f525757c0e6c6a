/** Marks of Markdown that are only for the eye, and line breaks within a thing that is said. */
export const plain = (text: string) =>
  text
    .replace(/(?<!\\)(\*\*|__|\*|_)(?=\S)(.{1,200}?)(?<!\\)\1/gu, '$2')
    .replace(/\\([\\`*_{}[\]<>()#+\-.!|~])/gu, '$1')
    .replace(/\s+/gu, ' ')
    .trim();

/** More marks of a quotation in a quotation than anybody writes: they are one. */
const DEEP_QUOTES = /^[ \t]*(?:>[ \t]*){5,}/gmu;
/** The same for lists in lists on one line, quotations among them; a line across the page is none. */
const DEEP_LISTS =
  /^(?![ \t]*([-*])(?:[ \t]*\1)*[ \t]*$)[ \t]*(?:(?:[-*+]|\d{1,9}[.)])[ \t]+|>[ \t]*){13,}/gmu;

/** A script as its blocks are looked for: without a byte-order mark, with one kind of line end. */
export const scriptText = (text: string): string =>
  text
    .replace(/^\uFEFF/u, '')
    .replace(/\r\n?/gu, '\n')
    .replace(DEEP_QUOTES, '> ')
    .replace(DEEP_LISTS, '- ');
