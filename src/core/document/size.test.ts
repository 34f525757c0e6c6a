import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isWork } from '../cues/cue';
import { unroll } from '../schedule/unroll';
import { arbitraryAdventure } from '../testing/arbitrary';
import { chainBeat, circuit, doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { parseAdventure } from './parse-adventure';
import { checkSize, MOST, sizeOf } from './size';

const tell = (text: string) => ({ kind: 'tell' as const, id: 'bt_s', text });

describe('the size of an adventure', () => {
  it.each([
    ['a line', tell('Up the tower!'), { beats: 1, parts: 0, letters: 13, goes: 1, seconds: 0 }],
    [
      'two sets on each side, twice over',
      moveBeat([doseOf('hop', 5, { amounts: [5, 5], sides: 'each', restSeconds: 10 })], {
        rounds: 2,
      }),
      { parts: 1, goes: 8, seconds: 2 * (20 + 30) },
    ],
    [
      'a circuit of three, two rounds',
      { ...circuit(3), rounds: 2, workSeconds: 30, restSeconds: 15, byRound: [] },
      { parts: 3, goes: 6, seconds: 6 * 45 },
    ],
    [
      'twelve draws of one set each',
      drawBeat(['squat', 'hop'], { rules: { stop: { after: 'draws', draws: 12 } } }),
      { parts: 2, goes: 12 },
    ],
    [
      'a chain of four, performed once',
      {
        ...chainBeat(['squat', 'hop', 'march', 'twist']),
        introduce: 1,
        perform: ['usual'] as const,
      },
      { parts: 4, goes: 20 },
    ],
  ])('of %s', (_, beat, size) => {
    expect(sizeOf(withBeats(beat))).toMatchObject(size);
  });

  it('bounds what the adventure unrolls to: no go has more than two works and a few cues', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        const { cues } = unroll(adventure);
        const { goes } = sizeOf(adventure);
        expect(cues.filter(isWork).length).toBeLessThanOrEqual(2 * goes);
        expect(cues.length).toBeLessThanOrEqual(8 * goes + 8);
      }),
      { numRuns: 200 },
    );
  });

  const codes = (adventure: object) => {
    const parsed = parseAdventure(JSON.parse(JSON.stringify(adventure)));
    return parsed.ok ? [] : parsed.problems.map(({ code, params }) => [code, params.of]);
  };
  const many = (count: number) =>
    withBeats(...Array.from({ length: count }, (_, n) => ({ ...tell('Hop.'), id: `bt_${n}` })));

  it('may come to the limit and not beyond; a file that does is refused with what is too much', () => {
    // A chapter holds 2000 beats, an adventure 3000.
    const whole = many(2000);
    const [first] = whole.chapters;
    const more = (count: number) => ({
      ...whole,
      chapters: [first!, { ...many(count).chapters[0]!, id: 'ch_2' }].map((chapter, at) => ({
        ...chapter,
        beats: chapter.beats.map((beat) => ({ ...beat, id: `${beat.id}-${at}` })),
      })),
    });
    expect(codes(more(MOST.beats - 2000))).toEqual([]);
    expect(codes(more(MOST.beats - 1999))).toEqual([['too-much', 'beats']]);
  });

  it.each([
    ['goes', moveBeat([doseOf('hop', 1, { amounts: Array<number>(20).fill(1), sides: 'each' })])],
    ['seconds', moveBeat([doseOf('hop', 600, { unit: 'seconds', amounts: [600, 600, 600] })])],
    ['letters', tell('x'.repeat(2000))],
  ])('counts the %s of all beats together', (of, beat) => {
    const rounds = of === 'goes' ? { rounds: 20 } : {};
    const all = Array.from({ length: 600 }, () => ({ ...beat, ...rounds }));
    const problems = checkSize(withBeats(...all));
    expect(problems.map(({ params }) => params.of)).toContain(of);
    expect(checkSize(withBeats(all[0]!))).toEqual([]);
  });
});
