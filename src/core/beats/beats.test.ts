import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryAdventure } from '../testing/arbitrary';
import {
  circuit,
  chainBeat,
  countingIds,
  doseOf,
  drawBeat,
  echoBeat,
  moveBeat,
  relayBeat,
} from '../testing/make';
import { beatsOf } from '../document/beats-of';
import { BUILT_IN } from '../moves/move-book';
import { makeMoveFinder } from '../moves/move-finder';
import {
  BEAT_KINDS,
  beatInWords,
  beatLabel,
  changeParts,
  copyBeat,
  innerIdsOf,
  partsAt,
  spokenLines,
  type Beat,
  type BeatKind,
} from '.';
import { lineOfBeat } from './lines';
import { beatsFromReading, readingInWords, readQuickLine } from './quick-line';

/** One of every kind, as a presenter may have written it. */
const ONE_OF_EACH: Readonly<Record<BeatKind, Beat>> = {
  tell: { kind: 'tell', id: 'bt_tell', text: 'The lamp has gone out.' },
  drink: { kind: 'drink', id: 'bt_drink', text: 'Sip slowly.', seconds: 30 },
  setup: {
    kind: 'setup',
    id: 'bt_setup',
    what: 'set out',
    things: ['4 cones', '2 mats'],
    helper: true,
    text: 'Stand by the wall.',
    seconds: 60,
  },
  move: moveBeat([doseOf('squat', 5), doseOf('hop', 6, { sides: 'each' })], { say: 'Ready?' }),
  circuit: circuit(['squat', 'march'], { say: 'Stations!', rounds: 2 }),
  chain: chainBeat(['squat', 'clap'], {
    say: 'Soup!',
    perform: ['usual'],
    performSay: 'And all of it!',
  }),
  echo: echoBeat(['clap', 'march'], { say: 'After me!', echo: true }),
  relay: relayBeat('walk', { say: 'Home with them!', thing: 'letters', things: 12 }),
  draw: drawBeat(['squat', 'hop'], { say: 'Throw!', device: { kind: 'spinner' } }),
};
const finder = makeMoveFinder(BUILT_IN);
const tools = { finder, ages: { from: 5, to: 6 }, kit: [], book: null };
const making = () => ({
  newId: countingIds(),
  seed: 1,
});

/** What stands at a path of a beat. */
const at = (beat: Beat, path: readonly (string | number)[]): unknown =>
  path.reduce<unknown>((inside, step) => (inside as Record<string | number, unknown>)[step], beat);

describe.each(BEAT_KINDS)('%s', (kind) => {
  const beat = ONE_OF_EACH[kind];

  it('says what it is, and how much', () => {
    expect(beat.kind).toBe(kind);
    expect(beatLabel(beat, BUILT_IN)).not.toBe('');
    expect(beatLabel(beat, BUILT_IN).length).toBeLessThanOrEqual(60);
    if (kind !== 'tell') expect(beatInWords(beat)).toMatch(/\d/u);
  });

  it('has every line that is said in it', () => {
    const said = spokenLines(beat);
    for (const key of ['say', 'text', 'performSay'] as const) {
      const line = (beat as Partial<Record<typeof key, string>>)[key];
      if (line) expect(said).toContain(line);
    }
  });

  it('is typed, read back, and is the same kind again with the same moves', () => {
    const line = lineOfBeat(beat, BUILT_IN);
    if (kind === 'tell') return expect(line).toBeNull();
    const reading = readQuickLine(line!, tools);
    expect(reading.kind).toBe(kind);
    expect(readingInWords(reading)).not.toBe('');
    const again = beatsFromReading(reading, making())[0]!;
    expect(partsAt(again).map(({ part }) => part.move)).toEqual(
      partsAt(beat).map(({ part }) => part.move),
    );
  });
});

it('parts are found where they stand, changed in their places, and copied under fresh ids', () => {
  fc.assert(
    fc.property(arbitraryAdventure, (adventure) => {
      for (const beat of beatsOf(adventure)) {
        for (const { part, path } of partsAt(beat)) expect(at(beat, path)).toBe(part);
        const renamed = changeParts(beat, (part) => ({ ...part, move: 'march' }));
        expect(partsAt(renamed).every(({ part }) => part.move === 'march')).toBe(true);
        expect(partsAt(renamed).map(({ path }) => path)).toEqual(
          partsAt(beat).map(({ path }) => path),
        );
        const copy = copyBeat(beat, countingIds());
        const ids = (one: Beat) => [
          one.id,
          ...partsAt(one).map(({ part }) => part.id),
          ...innerIdsOf(one).map(({ id }) => id),
        ];
        expect(new Set(ids(copy)).size).toBe(ids(copy).length);
        expect(ids(copy).map((id) => id.split('_')[0])).toEqual(
          ids(beat).map((id) => id.split('_')[0]),
        );
      }
    }),
    { numRuns: 60 },
  );
});
