/** What stands in captions and is not said. */

const ENTITIES: Readonly<Record<string, string>> = {
  amp: '&',
  lt: '<',
  gt: '>',
  quot: '"',
  apos: "'",
  nbsp: ' ',
  lrm: '',
  rlm: '',
};

function character(code: number): string {
  return code > 0 && code <= 0x10ffff ? String.fromCodePoint(code) : ' ';
}

/** Entities of WebVTT and XML as the signs that they stand for; twice, for files that were escaped twice. */
export function withoutEntities(text: string): string {
  const once = (said: string) =>
    said.replace(/&(?:#x([0-9a-f]{1,6})|#(\d{1,7})|([a-z]{2,6}));/giu, (all, hex, digits, name) => {
      if (hex) return character(parseInt(String(hex), 16));
      if (digits) return character(Number(digits));
      return ENTITIES[String(name).toLowerCase()] ?? String(all);
    });
  return once(once(text));
}

/** A text without tags, sounds in brackets, notes of music and marks of who speaks. */
export function spokenOnly(text: string): string {
  return withoutEntities(text.replace(/<[^<>]*>/gu, ' '))
    .replace(/[[(（][^\])）]{0,80}[\])）]/gu, ' ')
    .replace(/\{\\[^}]{0,200}\}/gu, ' ')
    .replace(/[♪♫#*_]+/gu, ' ')
    .replace(/(^|\n)[ \t]*(>>+|-{1,2}|–)\s*/gu, '$1')
    .replace(/(^|\n|>>)[ \t]*[A-Z][A-Z .'-]{1,24}:\s/gu, '$1')
    .replace(/>>/gu, ' ')
    .replace(/\s+/gu, ' ')
    .trim();
}
