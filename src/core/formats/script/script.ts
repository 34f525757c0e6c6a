import { Lexer, type Token, type Tokens } from 'marked';
import { beatsFromReading, readQuickLine } from '../../beats/quick-line';
import { readLine } from '../../beats/readings';
import { asSaid, type BecameLine, type ReadScript, type UnreadLine } from './became';
import { makeMoveFinder } from '../../moves/move-finder';
import type { LineTools } from '../../language/part-reader';
import type { SoundBook } from '../../words/phonemes';
import type { Adventure, Chapter } from '../../document/adventure';
import { isLed, splitWords, withMeanwhile, type Beat } from '../../beats';
import { tellOf } from '../../beats/tell';
import { saidTogether } from '../../words/said-together';
import { ledAlone } from '../../language/how-reader';
import { saidDuring } from '../../language/said';
import { SHOWINGS, type Led, type Showing } from '../../model/led';
import type { Move } from '../../model/move';
import { beatsOf, hasBeats } from '../../document/beats-of';
import { UNHEADED } from '../../document/with-plan';
import { withMissingMoves } from '../../document/missing-moves';
import { checkSize } from '../../document/size';
import { newAdventure, newChapter } from '../../document/new-adventure';
import type { NewId } from '../../model/new-id';
import { problem, type Result } from '../../model/problem';
import { moveBookOf } from '../../moves/move-book';
import { carryMoves } from '../../document/carry-moves';
import { readHeadLine } from './script-head';
import { plain, scriptText } from './script-text';

/** More than anybody writes by hand. */
export const MAX_SCRIPT_CHARACTERS = 200_000;

/** Longest title. */
const MOST_TITLE = 120;

/** What a script is read with: fresh ids, a seed for each draw, own moves, sounds if loaded. */
export type ScriptSource = Readonly<{
  newId: NewId;
  newSeed: () => number;
  moves?: readonly Move[];
  book?: SoundBook | null;
}>;

/** Lists in lists are read to this depth; deeper ones are lines. */
const MOST_DEPTH = 12;
const LIST_MARK = /^[ \t]*(?:[-*+]|\d+[.)])[ \t]+/gmu;

/** Reads a script line by line, however it was laid out. */
export class ScriptReader {
  adventure: Adventure;
  readonly chapters: { -readonly [K in keyof Chapter]: Chapter[K] }[] = [];
  readonly unread: UnreadLine[] = [];
  readonly lines: BecameLine[] = [];
  #say = '';
  /** When moves are shown, as scripts of before had it for all of their beats. */
  #shown: Showing | null = null;
  readonly #finder;

  constructor(readonly source: ScriptSource) {
    const { newId, moves = [] } = source;
    this.adventure = { ...newAdventure(newId), moves };
    this.#finder = makeMoveFinder(moveBookOf({ moves }));
  }

  get tools(): LineTools {
    const { ages, kit } = this.adventure.setting;
    return { finder: this.#finder, ages, kit, book: this.source.book ?? null };
  }

  name(title: string): void {
    const whole = plain(title);
    this.adventure = { ...this.adventure, title: whole.slice(0, MOST_TITLE) };
    if (whole.length > MOST_TITLE) this.tell(whole);
  }

  /** A chapter begins; its kind is taken from its heading, if that names one. */
  open(title: string): void {
    const { newId } = this.source;
    const read = readQuickLine(`# ${title}`, this.tools);
    if (read.kind !== 'chapter') return;
    // "Warm-up: up the reed path" is a warm-up with a name of its own.
    const [, own = read.title] = /^[^:]+:\s*(.+)$/u.exec(read.title) ?? [];
    this.#sayWhatIsLeft();
    const chapter = newChapter(newId, read.chapterKind, own.slice(0, MOST_TITLE));
    this.chapters.push({ ...chapter, led: read.led });
    if (own.length > MOST_TITLE) this.tell(own);
  }

  /** Adds beats; their ids as they stand in the chapter. */
  #addAll(beats: readonly Beat[]): readonly string[] {
    if (this.chapters.length === 0) this.open(UNHEADED);
    const before = this.chapters.at(-1)!.beats.length;
    for (const beat of beats) this.#add(beat);
    return this.chapters
      .at(-1)!
      .beats.slice(before)
      .map(({ id }) => id);
  }

  #add(beat: Beat): void {
    if (this.chapters.length === 0) this.open(UNHEADED);
    const chapter = this.chapters.at(-1)!;
    const say = this.#say;
    this.#say = '';
    const shown = this.#asShown(beat);
    const whole = say && 'say' in shown ? { ...shown, say } : shown;
    if (say && !('say' in beat)) this.tell(say);
    chapter.beats = [...chapter.beats, ...splitWords(whole, this.source)];
  }

  #asShown(beat: Beat): Beat {
    const usual = beat.kind === 'draw' || beat.kind === 'circuit';
    if (!this.#shown || usual || !isLed(beat) || beat.show !== null) return beat;
    return { ...beat, show: this.#shown };
  }

  /** "Shown: none" at the head of an older script. */
  #readShown(text: string): boolean {
    const [, word] = /^shown\s*:\s*(each|first|none)$/iu.exec(text) ?? [];
    const show = SHOWINGS.find((one) => one === word?.toLowerCase());
    if (show && show !== 'each') this.#shown = show;
    return show !== undefined;
  }

  /** Said meanwhile, to what stands before it; where nobody moves it is simply said. */
  during(text: string): void {
    const chapter = this.chapters.at(-1);
    const last = chapter?.beats.at(-1);
    const changed = last && withMeanwhile(last, text);
    if (!chapter || !changed) return this.tell(text);
    chapter.beats = [...chapter.beats.slice(0, -1), ...splitWords(changed, this.source)];
  }

  /** A line that is said, whatever it could ask for; `line` is its number, where it has one. */
  tell(text: string, line = 0): void {
    const { newId } = this.source;
    const said = text.replace(/^["“]([^"“”]*)["”]$/u, '$1');
    const beats = this.#addAll(beatsFromReading(tellOf(said), { newId, seed: 0 }));
    if (line > 0) this.lines.push({ line, text, read: asSaid(readLine(text, this.tools)), beats });
  }

  /** A line of the head: its setting; false where it is none. */
  head(text: string): boolean {
    const read = readHeadLine(this.adventure, text);
    if (read) this.adventure = read;
    return read !== null;
  }

  say(text: string): void {
    this.#say = saidTogether(this.#say, text);
  }

  /** A quotation that nothing comes after is simply said. */
  #sayWhatIsLeft(): void {
    const left = this.#say;
    this.#say = '';
    if (left && this.chapters.length > 0) this.tell(left);
  }

  line(text: string, line: number): void {
    const { newId, newSeed } = this.source;
    const whole = readLine(text, this.tools);
    const read = whole.reading;
    if (read.kind === 'chapter') return this.open(text.replace(/^#+\s*/u, ''));
    if (read.kind === 'led') return this.#lead(read.led);
    if (read.kind === 'meanwhile') return this.during(read.text);
    if (read.kind === 'tell' && read.unread.length > 0) {
      this.unread.push({ line, text, words: read.unread });
    }
    const beats = this.#addAll(beatsFromReading(read, { newId, seed: newSeed() }));
    this.lines.push({ line, text, read: whole, beats });
  }

  /** How the chapter is led that stands open. */
  #lead(led: Led): void {
    if (this.chapters.length === 0) this.open(UNHEADED);
    this.chapters.at(-1)!.led = led;
  }

  /** A paragraph, or a quotation after what it is said to: said meanwhile, the way it is led, or told. */
  said(text: string, line: number): void {
    const [during, led] = [saidDuring(text), ledAlone(text)];
    if (during) this.during(during);
    else if (led) this.#lead(led);
    else this.tell(text, line);
  }

  /** A quotation: said before what comes next, or, with its mark, meanwhile. */
  quote(text: string): void {
    const during = saidDuring(text);
    if (during) this.during(during);
    else this.say(text);
  }

  heading({ depth, text }: Tokens.Heading): void {
    if (depth === 1 && this.chapters.length === 0 && this.adventure.title === '') {
      this.name(text);
    } else this.open(plain(text));
  }

  paragraph(text: string, line: number): void {
    if (this.chapters.length > 0) return this.said(plain(text), line);
    for (const [n, one] of text.split('\n').entries()) {
      if (this.#readShown(plain(one))) continue;
      if (!this.head(plain(one))) this.unread.push({ line: line + n, text: one, words: [one] });
    }
  }

  item({ tokens }: Tokens.ListItem, line: number, depth = 0): void {
    const [first, ...others] = tokens;
    const quotes = others.flatMap((one) =>
      one.type === 'blockquote' ? [plain((one as Tokens.Blockquote).text)] : [],
    );
    const during = quotes.filter((one) => saidDuring(one) !== null);
    for (const one of quotes) if (!during.includes(one)) this.say(one);
    const text = plain(first && 'text' in first ? String(first.text) : '');
    if (this.chapters.length === 0) this.paragraph(text, line);
    else this.line(text, line);
    for (const one of during) this.quote(one);
    // What else stands in it comes after it: lists in lists, more paragraphs.
    for (const one of others) if (one.type !== 'blockquote') this.token(one, line, depth + 1);
  }

  /** Lines that are set apart as they are: each is read as on the Desk. */
  #verbatim(text: string, line: number): void {
    text.split('\n').forEach((one, n) => {
      if (plain(one)) this.line(plain(one), line + n);
    });
  }

  /** What was read; refused where there is nothing in it. */
  finish(): Result<ReadScript> {
    this.#sayWhatIsLeft();
    const { adventure, chapters, unread, lines } = this;
    if (!hasBeats({ chapters })) {
      return { ok: false, problems: [problem('no-script')] };
    }
    // Own moves that a script may name travel in it only if it does.
    const whole = carryMoves({ ...adventure, chapters, moves: [] }, this.source.moves ?? []);
    const known = withMissingMoves(whole, beatsOf(whole));
    const problems = checkSize(known);
    return problems.length > 0
      ? { ok: false, problems }
      : { ok: true, value: { adventure: known, unread, lines } };
  }

  token(token: Token, line: number, depth = 0): void {
    if (token.type === 'heading') this.heading(token as Tokens.Heading);
    else if (token.type === 'paragraph') this.paragraph((token as Tokens.Paragraph).text, line);
    else if (token.type === 'blockquote') this.quote(plain((token as Tokens.Blockquote).text));
    else if (token.type === 'list') {
      if (depth >= MOST_DEPTH) return this.#verbatim(token.raw.replace(LIST_MARK, ''), line);
      let at = line;
      for (const item of (token as Tokens.List).items) {
        this.item(item, at, depth);
        at += item.raw.split('\n').length - 1 || 1;
      }
    } else if (token.type === 'table') {
      const { header, rows } = token as Tokens.Table;
      [header, ...rows].forEach((cells, n) => {
        const text = cells.map((cell) => plain(cell.text)).filter(Boolean);
        // The second line of a table is its rule.
        if (text.length > 0) this.line(text.join(', '), line + (n > 0 ? n + 1 : 0));
      });
    } else if (token.type === 'html') {
      const bare = (token as Tokens.HTML).text.replace(/<!--[^]*?-->|<[^>]{0,500}>/gu, ' ');
      this.#verbatim(bare, line);
    } else if (token.type !== 'space' && token.type !== 'hr' && 'text' in token) {
      this.#verbatim(String(token.text), line);
    }
  }
}

/**
 * A script written by hand in Markdown as an adventure: the first heading is its title, lines like
 * "Ages: 4 to 5" below it are its setting, further headings are chapters, paragraphs are said, list
 * items are read as on the Desk, and a quotation is what is said before the item that follows or
 * holds it, or, begun with three dots, meanwhile. What is not understood stays as a line to say, and is told with its line number. Refused
 * only where it is too large, or has nothing in it.
 */
export function parseScript(text: string, source: ScriptSource): Result<ReadScript> {
  if (text.length > MAX_SCRIPT_CHARACTERS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_SCRIPT_CHARACTERS })] };
  }
  const reader = new ScriptReader(source);
  let line = 1;
  // Blocks alone: marks within a line are ours to read, and cost nothing where there are thousands.
  for (const token of new Lexer().blockTokens(scriptText(text), [])) {
    reader.token(token, line);
    line += token.raw.split('\n').length - 1;
  }
  return reader.finish();
}
