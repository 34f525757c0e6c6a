import { NO_GUISE, type Guise } from '../model/action';

/*
 * How words to be said stand in a typed line: what is said before after ": ", what is said meanwhile
 * after " … " (three dots will do). In quotation marks they may hold commas, colons, "then" and dots.
 */

/** Where the letters of a quoted text are hidden from the patterns that read a line. */
const HIDDEN = 0xe000;
const PLAIN_LETTERS = 0x1900;
const QUOTED = /“[^“”]*”|"[^"]*"/gu;
/** The typographer's dots and quotation marks, beyond the plain letters. */
const FAR = ['…', '“', '”', '’', '‘', '–', '—', '×', '−'] as const;

const hide = (letter: string) => {
  const far = (FAR as readonly string[]).indexOf(letter);
  const code = far < 0 ? letter.charCodeAt(0) : PLAIN_LETTERS - 1 - far;
  return code < PLAIN_LETTERS ? String.fromCharCode(HIDDEN + code) : letter;
};
const reveal = (letter: string) => {
  const code = letter.charCodeAt(0) - HIDDEN;
  return FAR[PLAIN_LETTERS - 1 - code] ?? String.fromCharCode(code);
};

const [OPENING, CLOSING, PLAIN] = ['“', '”', '"'].map(hide) as [string, string, string];
/** A text in quotation marks, hidden, as a part of a pattern. */
export const HIDDEN_TEXT = `(?:${OPENING}[^${CLOSING}]*${CLOSING}|${PLAIN}[^${PLAIN}]*${PLAIN})`;
/** Several of them, with "/" between. */
export const HIDDEN_TEXTS = String.raw`(?:${HIDDEN_TEXT}(?:\s*/\s*${HIDDEN_TEXT})*)`;

/** The texts of such a list, as they were typed. */
export function revealedTexts(list: string): readonly string[] {
  return [...list.matchAll(new RegExp(HIDDEN_TEXT, 'gu'))].map(([text]) => revealed(text));
}

/** More than a line that asks for something has, beside what stands in quotation marks in it. */
const MOST_READ = { letters: 12_000, words: 2500, quotes: 200, whole: 60_000 } as const;

/** A line that is too long to ask for anything: it is said. Reading takes time that grows with its square. */
export function isTooLongToRead(line: string): boolean {
  if (line.length <= MOST_READ.words) return false;
  const quotes = line.match(QUOTED)?.length ?? 0;
  const beside = line.replace(QUOTED, ' ');
  return (
    line.length > MOST_READ.whole ||
    quotes > MOST_READ.quotes ||
    beside.length > MOST_READ.letters ||
    (beside.match(/[^\p{L}\p{N}]+/gu)?.length ?? 0) > MOST_READ.words
  );
}

/** The line with what stands in quotation marks made unreadable, the marks too. */
export function hideQuoted(line: string): string {
  return line.replace(QUOTED, (quoted) => quoted.replace(/[^]/gu, hide));
}

/** A text as it was typed. */
function asTyped(text: string): string {
  return text.replace(/[\uE000-\uF8FF]/gu, reveal).trim();
}

/** What is to be said, as it was typed, without the marks around it. */
export function revealed(text: string): string {
  const whole = asTyped(text);
  return /^(?:“[^“”]*”|"[^"]*")$/u.test(whole) ? whole.slice(1, -1).trim() : whole;
}

const DURING = /(?:^|\s)(?:…|\.{3})\s*/u;
/** In quotation marks it may stand before the colon of the table too. */
const FRONT_DURING = /^[^:]*?(\s(?:…|\.{3})\s*([\uE000-\uF8FF]+))\s*(?=:)/u;
const LAST_DURING = /(?:^|\s)(?:…|\.{3})\s*([^\s\uE000-\uF8FF].*)$/u;

const MUCH = '(?:long|many|much|far|high|fast|quick|quickly)';
/** "as the heron", but not "as long as you can". */
const NAMED = new RegExp(String.raw`(?<!\bas ${MUCH})\s+as\s+(?!${MUCH} as\b)(?:an? |the )?`, 'iu');

/** A part's own words, its guise's name after " as ", its line after ": ", what is said meanwhile. */
export function splitGuise(text: string): Readonly<{ words: string; guise: Guise }> {
  const during = DURING.exec(text);
  const before = during ? text.slice(0, during.index) : text;
  const meanwhile = during ? text.slice(during.index + during[0].length) : '';
  const [front, ...line] = before.split(/:(?=\s|$)/u);
  const [words, ...name] = front!.split(NAMED);
  return {
    words: words!,
    guise: {
      ...NO_GUISE,
      name: revealed(name.join(' as ')),
      line: revealed(line.join(':')),
      meanwhile: revealed(meanwhile),
    },
  };
}

/**
 * Takes off what is said meanwhile at the end of a line of several parts, where it does not stand in
 * quotation marks: it is said to all of it, or to the last.
 */
export function takeDuring(line: string): readonly [front: string, meanwhile: string] {
  const inFront = FRONT_DURING.exec(line);
  if (inFront) return [line.replace(inFront[1]!, ''), revealed(inFront[2]!)];
  const match = LAST_DURING.exec(line);
  return match ? [line.slice(0, match.index), revealed(match[1]!)] : [line, ''];
}

const SAID_FROM = /:(?=\s|$)|(?:^|\s)(?:…|\.{3})/u;

/** Where a line stops saying what is done, and what is said begins; its length where nothing is said. */
export function headEnd(line: string): number {
  return SAID_FROM.exec(line)?.index ?? line.length;
}

/** What begins with the mark of being said meanwhile, without it; null for anything else. */
export function saidDuring(line: string): string | null {
  const match = /^(?:…|\.{3})\s*(.+)$/u.exec(line.trim());
  return match ? revealed(hideQuoted(match[1]!)) : null;
}

/** Marks around a text that can be taken off again. */
export function quoted(text: string): string {
  if (!/[“”]/u.test(text)) return `“${text}”`;
  return text.includes('"') ? `“${text.replace(/“/gu, '‘').replace(/”/gu, '’')}”` : `"${text}"`;
}

/** What could be taken for a part of the line that it is not. */
const RISKY = /[“”"…+]|\.{3}|:\s|\bthen\b|^\P{L}*\d/iu;

/** Words as they are typed after a part; among others always in quotation marks. */
export function typedSaid({ line, meanwhile }: Guise, isAlone: boolean): string {
  const typed = (text: string) => (isAlone && !RISKY.test(text) ? text : quoted(text));
  return (line.trim() && `: ${typed(line)}`) + (meanwhile.trim() && ` … ${typed(meanwhile)}`);
}

/** What is said, as a typed line is read back: nothing where nothing is said. */
export function saidInWords({ line, meanwhile }: Pick<Guise, 'line' | 'meanwhile'>): string {
  return (line && `; say “${line}”`) + (meanwhile && `; meanwhile “${meanwhile}”`);
}
