import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { countWords } from '../words/count-words';
import { inPieces, layWords, piecesAt, type Room } from './pieces';
import { DEFAULT_PACE } from './pace';
import { plainSpeechSeconds } from './speech';

const words = fc.array(
  fc.constantFrom('reed', 'punt,', 'lamp.', 'over', 'the', 'ditch?', 'and', 'so:', '“Up!”', '–'),
  { maxLength: 60 },
);
const rooms: fc.Arbitrary<Room[]> = fc.array(
  fc.record({
    freeSeconds: fc.double({ min: 0, max: 12, noNaN: true }),
    fromSeconds: fc.double({ min: 0, max: 5, noNaN: true }),
  }),
  { maxLength: 6 },
);
const wordsOf = (text: string) => text.split(/\s+/u).filter(Boolean);

describe('words in pieces', () => {
  it('break at sentences, then at commas, and are read at a glance', () => {
    expect(
      inPieces('Knees up. Arms swing! Who is there behind the reeds by the old ferry?'),
    ).toEqual(['Knees up. Arms swing!', 'Who is there behind the reeds by the old ferry?']);
    const long =
      'We carry the letter over the ditch and the plank, and the heron looks on from the far bank';
    expect(inPieces(long)).toEqual([
      'We carry the letter over the ditch and the plank,',
      'and the heron looks on from the far bank',
    ]);
  });

  it('lose no word and keep their order', () => {
    fc.assert(
      fc.property(words, (list) => {
        const pieces = inPieces(list.join(' '));
        expect(pieces.flatMap(wordsOf)).toEqual(list);
        for (const piece of pieces) expect(countWords(piece)).toBeLessThanOrEqual(12);
      }),
    );
  });
});

describe('words laid over the work', () => {
  it('take the time that they take, one after another, and what is too much is left over', () => {
    fc.assert(
      fc.property(words, rooms, (list, given) => {
        const text = list.join(' ');
        // Signs alone are not said.
        fc.pre(countWords(text) > 0);
        const { pieces, rest, restSeconds } = layWords(text, given, DEFAULT_PACE);
        const all = plainSpeechSeconds(text, DEFAULT_PACE);
        const free = given.reduce((sum, { freeSeconds }) => sum + freeSeconds, 0);
        expect(restSeconds).toBeCloseTo(Math.max(0, all - free), 6);
        const said = pieces.flat().reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
        expect(said + restSeconds).toBeCloseTo(all, 6);
        pieces.forEach((list, n) => {
          const { fromSeconds, freeSeconds } = given[n]!;
          let end = fromSeconds;
          for (const { atSeconds, lengthSeconds } of list) {
            expect(atSeconds).toBeCloseTo(end, 6);
            end = atSeconds + lengthSeconds;
          }
          expect(end).toBeLessThanOrEqual(fromSeconds + freeSeconds + 1e-6);
        });
        const begun = pieces.flat().filter(({ goesOn }) => !goesOn);
        const told = [...begun.map((piece) => piece.text), rest].flatMap(wordsOf);
        expect(told).toEqual(list);
      }),
    );
  });

  it('show the piece that is being said, and the next one ready', () => {
    const [first, second] = ['Knees up as high as the reeds.', 'Who is there by the old ferry?'];
    const { pieces } = layWords(`${first} ${second}`, [{ freeSeconds: 20, fromSeconds: 0 }], {
      ...DEFAULT_PACE,
      wordsPerMinute: 60,
    });
    expect(piecesAt(pieces[0]!, 0)).toEqual({ now: first, next: second });
    expect(piecesAt(pieces[0]!, 7.5)).toEqual({ now: second, next: '' });
    expect(piecesAt([], 1)).toEqual({ now: '', next: '' });
  });
});
