import { beatsOf } from '../document/beats-of';
import { beatLabel, partsOfBeat, type Beat } from '../beats';
import type { Draw } from '../beats/draw-schema';
import type { Adventure } from '../document/adventure';
import type { Cue } from '../cues/cue';
import { isCountedWork, isWork } from '../cues/cue';
import { deviceFile } from '../devices';
import type { Part } from '../beats/beat-file';
import { alsoCalled } from '../moves/names-of';
import { moveBookOf, moveIn, type MoveBook } from '../moves/move-book';
import type { Listening, Segment } from './listening';
import { pairOf, termsOf } from './terms';

/**
 * How often something is said where it is led, 0 to 1: names oftenest, whole lines in the presenter's
 * own words. Our own judgement, tried on made recordings.
 */
const SAID = {
  name: 0.65,
  namePair: 0.5,
  own: 0.4,
  ownPair: 0.3,
  also: 0.12,
  picture: 0.3,
  line: 0.5,
  again: 0.25,
  linePair: 0.25,
  meanwhile: 0.35,
  side: 0.4,
  rest: 0.3,
  drink: 0.6,
  sip: 0.35,
  label: 0.4,
} as const;

/** How unlikely it is that something is left out, in nats: a line sooner than a move. */
const SKIP = { line: 1.7, move: 2.3 } as const;
/** How far lengths are off, as standard deviations of their logarithms. Our own judgement. */
const SPREAD = { usual: 0.48, drink: 0.9 } as const;
/** Fewer reps than this are not counted aloud. */
const FEWEST_COUNTED = 4;
/** What passes so quickly, with nothing to listen for, belongs to what goes before. */
const PASSING_SECONDS = 2.5;

class Listener {
  readonly terms = new Map<string, number>();

  add(term: string, chance: number): void {
    this.terms.set(term, Math.max(chance, this.terms.get(term) ?? 0));
  }
  /** The words of a text, and each with the next one. */
  text(text: string, chance: number, pairs: number): void {
    const words = termsOf(text);
    words.forEach((word, n) => {
      this.add(word, chance);
      if (pairs > 0 && n > 0) this.add(pairOf(words[n - 1]!, word), pairs);
    });
  }
  part({ move, also, guise }: Part, line: number, book: MoveBook): void {
    for (const id of [move, ...also]) {
      const known = moveIn(book, id);
      const named = guise.name === '' && id === move;
      this.text(known.name, named ? SAID.name : SAID.own, named ? SAID.namePair : SAID.ownPair);
      for (const other of alsoCalled(known)) this.text(other, SAID.also, 0);
    }
    this.text(guise.name, SAID.name, SAID.namePair);
    this.text(guise.picture, SAID.picture, 0);
    this.text(guise.note, SAID.picture, 0);
    this.text(guise.line, line, 0);
    this.text(guise.meanwhile, line, 0);
  }
  cue(cue: Cue): void {
    this.text(cue.text, SAID.line, SAID.linePair);
    for (const { text } of cue.meanwhile) this.text(text, SAID.meanwhile, SAID.linePair);
    if (cue.kind === 'drink') {
      for (const word of ['drink', 'water']) this.text(word, SAID.drink, 0);
      for (const word of ['sip', 'thirsty', 'bottle']) this.text(word, SAID.sip, 0);
    }
    if (cue.kind === 'rest') {
      for (const word of ['rest', 'breath', 'shake']) this.text(word, SAID.rest, 0);
    }
    const { doing } = cue;
    if (!doing) return;
    this.text(doing.name, SAID.name, SAID.namePair);
    this.text(doing.note, SAID.picture, 0);
    this.text(doing.direction, SAID.picture, 0);
    if (doing.side !== 'any') {
      this.text(doing.side, SAID.side, 0);
    }
  }
}

/** What a device is thrown, drawn or spun with, as it is talked about. */
function deviceWords({ device }: Draw, listener: Listener): void {
  listener.text(deviceFile(device).choice, SAID.rest, 0);
}

/** What one entry of a draw may be heard as, where nobody knows what came. */
function entryTerms(beat: Draw, entry: number, book: MoveBook): Listening {
  const listener = new Listener();
  const { action, label, then } = beat.entries[entry]!;
  for (const one of [action, ...then]) listener.part(one, SAID.line, book);
  listener.text(label, SAID.label, 0);
  deviceWords(beat, listener);
  return listener.terms;
}

function standInTerms(beat: Draw, book: MoveBook): Listening {
  const listener = new Listener();
  if (beat.rules.standIn) listener.part(beat.rules.standIn, SAID.line, book);
  return listener.terms;
}

/** Each thing that a draw may have come to: its entries in order, and the stand-in where there is one. */
function anyOutcome(beat: Draw, said: Listening, book: MoveBook): readonly Listening[] {
  const all = beat.entries.map((_, entry) => entryTerms(beat, entry, book));
  if (beat.rules.standIn) all.push(standInTerms(beat, book));
  return all.map((terms) => new Map([...said, ...terms]));
}

type Open = { key: string; from: number; to: number };

/** Which cues belong together: a line, a station in a round, a verse, a draw. */
function keyOf(cue: Cue, beat: Beat | undefined, before: string): string {
  const { beatId, doing, kind } = cue;
  if (!doing) {
    // What is said before or between parts is by itself; rests and the like go with what they follow.
    if (kind === 'say' || kind === 'ask') return `${beatId}|said`;
    return before.startsWith(`${beatId}|`) ? before : `${beatId}|`;
  }
  if (beat?.kind === 'chain') return `${beatId}|round|${doing.round.n}`;
  if (beat?.kind === 'draw') return `${beatId}|draw|${doing.round.n}`;
  return `${beatId}|${doing.part}|${doing.round.n}`;
}

/** What is listened for in each segment, beat by beat. */
class Script {
  readonly #book: MoveBook;
  readonly #beats: ReadonlyMap<string, Beat>;
  readonly #known: ReadonlySet<string>;

  constructor(adventure: Adventure, known: ReadonlySet<string>) {
    this.#book = moveBookOf(adventure);
    this.#beats = new Map(beatsOf(adventure).map((beat) => [beat.id, beat]));
    this.#known = known;
  }

  /** Cues that belong together, as from and up to. */
  stretches(cues: readonly Cue[]): readonly Open[] {
    const open: Open[] = [];
    cues.forEach((cue, index) => {
      const last = open.at(-1);
      const key = keyOf(cue, this.#beats.get(cue.beatId), last?.key ?? '');
      if (last?.key === key) last.to = index + 1;
      else open.push({ key, from: index, to: index + 1 });
    });
    return open;
  }

  /** The draw of which nobody knows what came, if it is one. */
  #unknown(beat: Beat | undefined): Draw | null {
    return beat?.kind === 'draw' && !this.#known.has(beat.id) ? beat : null;
  }

  #variants(own: readonly Cue[], beat: Beat | undefined): readonly Listening[] {
    const draw = this.#unknown(beat);
    const listener = new Listener();
    for (const cue of own) if (!draw || !cue.doing) listener.cue(cue);
    const led = own.some(({ doing }) => doing !== null);
    if (draw && led) return anyOutcome(draw, listener.terms, this.#book);
    const ids = new Set(own.flatMap(({ doing }) => doing?.part ?? []));
    for (const part of beat ? partsOfBeat(beat) : []) {
      // What was said at the showing is said again while they do it.
      if (ids.has(part.id)) listener.part(part, SAID.again, this.#book);
    }
    return [listener.terms];
  }

  segment({ key, from, to }: Open, cues: readonly Cue[]): Segment {
    const own = cues.slice(from, to);
    const { chapterId, beatId } = own[0]!;
    const beat = this.#beats.get(beatId);
    const doing = own.find((cue) => cue.doing)?.doing ?? null;
    const isNamed = doing !== null && beat?.kind !== 'chain' && !this.#unknown(beat);
    const counted = own.filter((cue) => isCountedWork(cue) && cue.doing!.amount >= FEWEST_COUNTED);
    return {
      key,
      chapterId,
      beatId,
      part: isNamed ? doing.part : null,
      round: doing?.round.n ?? 0,
      label: isNamed ? doing.name : beat ? beatLabel(beat, this.#book) : '',
      plannedSeconds: own.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0),
      fromCue: from,
      toCue: to,
      skipCost: doing ? SKIP.move : SKIP.line,
      spread: own.some(({ kind }) => kind === 'drink') ? SPREAD.drink : SPREAD.usual,
      mayMove: own.some(isWork),
      variants: this.#variants(own, beat),
      amounts: this.#unknown(beat)
        ? []
        : [...new Set(counted.map((cue) => Math.round(cue.doing!.amount)))],
    };
  }
}

/**
 * The script as it is led, in stretches that are looked for in a recording: each line, each part in each
 * of its rounds, each verse of a chain, each draw. `known` has the beats whose draws are known: for the
 * others each draw may have come to any of its entries.
 */
export function segmentsOf(
  adventure: Adventure,
  cues: readonly Cue[],
  known: ReadonlySet<string>,
): readonly Segment[] {
  const script = new Script(adventure, known);
  const segments: Segment[] = [];
  const used = new Map<string, number>();
  for (const open of script.stretches(cues)) {
    const segment = script.segment(open, cues);
    const before = segments.at(-1);
    const says = segment.variants.some(({ size }) => size > 0);
    const passes = segment.plannedSeconds < PASSING_SECONDS && !says;
    if (before?.beatId === segment.beatId && passes) {
      const plannedSeconds = before.plannedSeconds + segment.plannedSeconds;
      segments[segments.length - 1] = { ...before, toCue: segment.toCue, plannedSeconds };
      continue;
    }
    const times = (used.get(open.key) ?? 0) + 1;
    used.set(open.key, times);
    segments.push(times === 1 ? segment : { ...segment, key: `${open.key}|${times}` });
  }
  return segments;
}
