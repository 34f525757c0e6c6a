import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  countWords,
  DEFAULT_PACE,
  parseScript,
  sayingsOf,
  TIMINGS,
  unroll,
  type Adventure,
  type Schedule,
} from '../../src/core';
import { countingIds } from '../../src/core/testing/make';

/*
 * Stretches of sessions as they are led, against the figures of "Timing as recorded" (docs/facts.md: common
 * practice, measured over recordings; no published source). Nothing is set but what a presenter writes.
 */

function scheduleOf(script: string, setting = ''): Schedule & Readonly<{ adventure: Adventure }> {
  const source = { newId: countingIds(), newSeed: () => 3 };
  const read = parseScript(
    `# Led\n\nAges: 5 to 6\n${setting}\n\n## The way\n\n${script}\n`,
    source,
  );
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  expect(read.value.unread).toEqual([]);
  return { ...unroll(read.value.adventure), adventure: read.value.adventure };
}
const words = (count: number) => Array.from({ length: count }, () => 'reed').join(' ');
const isWithin = (seconds: number, [least, most]: readonly [number, number]) => {
  expect(seconds).toBeGreaterThanOrEqual(least);
  expect(seconds).toBeLessThanOrEqual(most);
};
/** Seconds of so many words, from the quicker half to the slower half of all stretches. */
const talk = (count: number): readonly [number, number] => [(count * 60) / 194, (count * 60) / 141];

describe('stretches as they are led', () => {
  it('a follow-along of thirty images lasts as long as its images, most words said meanwhile', () => {
    const moves = ['march', 'squat', 'tall reach', 'giant walk', 'claps', 'stamps'];
    const images = Array.from(
      { length: 30 },
      (_, n) =>
        `- ${moves[n % moves.length]} 8 s … Here comes the heron over the reeds, and off we go`,
    );
    const { totalSeconds, cues } = scheduleOf(images.join('\n'), 'Led: in the room; follow me');
    // 0 to 3 s of silence between two.
    isWithin(totalSeconds, [30 * 8, 30 * 8 + 29 * 3]);
    const lane = sayingsOf(cues, DEFAULT_PACE);
    const count = (when: string) =>
      lane.filter((one) => one.when === when).reduce((sum, { text }) => sum + countWords(text), 0);
    expect(count('while') / (count('while') + count('before'))).toBeGreaterThanOrEqual(0.8);
  });

  it('a circuit keeps to its clock within a second or two a station', () => {
    const seven = 'squats, march, lunges, step jacks, high knees, stamps, punch air';
    const { cues } = scheduleOf(`- circuit 2 rounds 45 s rest 15: ${seven}`);
    const first = cues.findIndex(({ kind }) => kind === 'work');
    const clock = cues.slice(first).reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
    isWithin(clock, [825 - 14, 825 + 28]);
    const countIns = cues.filter(({ kind }) => kind === 'count-in');
    expect(countIns).toHaveLength(1);
    expect(countIns[0]!.lengthSeconds).toBeLessThan(2);
  });

  it('a ladder with a story between takes its reps and the talk', () => {
    const script = `${words(30)}.

- 10 squats

${words(30)}.

- 15 squats

${words(30)}.

- 20 squats`;
    const { totalSeconds } = scheduleOf(script);
    const [least, most] = talk(90);
    isWithin(totalSeconds, [45 * 1.6 + least, 45 * 1.6 + most + 3 * 3]);
  });

  it('a die of twenty throws by the presenter is twenty works, and two to four seconds a throw', () => {
    const { totalSeconds } = scheduleOf(
      '- die 20 throws: march 30 s, squats 30 s, hops 30 s, stamps 30 s, lunges 30 s, claps 30 s',
    );
    isWithin(totalSeconds, [20 * (30 + 2), 20 * (30 + 4)]);
  });

  it('eleven cards drawn by children take nine to fifteen seconds each, and their moves', () => {
    const { totalSeconds, totals } = scheduleOf(
      '- cards 11 cards, children draw, 4 to 10: squats, step jacks, stamps, claps',
    );
    isWithin(totalSeconds - totals.all.workSeconds, [11 * 9, 11 * 15]);
  });

  it('a throw by a child with a sum to do takes twenty-five to thirty seconds', () => {
    const { totalSeconds, totals } = scheduleOf(
      '- die 6 throws, numbers x 2, 4 to 12, ask first, children throw: squats, claps, stamps',
    );
    isWithin((totalSeconds - totals.all.workSeconds) / 6, [25, 30]);
  });

  it('a new move is shown in seven to forty seconds, its talk in it, and never again', () => {
    const shown = (script: string) =>
      scheduleOf(script).cues.flatMap(({ kind, lengthSeconds }) =>
        kind === 'show' ? [lengthSeconds] : [],
      );
    expect(shown('- 10 lunges\n- 10 lunges')).toEqual([12.7]);
    isWithin(shown(`- 10 lunges: ${words(20)}`)[0]!, talk(20));
  });
});

describe('the table of timings', () => {
  it('stands in the documentation as it is', () => {
    const doc = readFileSync('docs/clock.md', 'utf8');
    for (const [name, { usual, least, most, origin }] of Object.entries(TIMINGS)) {
      const row = doc.split('\n').find((line) => line.includes(`\`${name}\``));
      const cells = row?.split('|').map((cell) => cell.trim());
      expect(cells?.slice(2, 6), name).toEqual([`${usual}`, `${least}`, `${most}`, origin]);
    }
  });
});
