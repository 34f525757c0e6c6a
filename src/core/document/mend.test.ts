import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { brokenAdventure } from '../testing/broken';
import { countingIds, doseOf, moveBeat, withBeats } from '../testing/make';
import { mendAdventure } from './mend';
import { parseAdventure } from './parse-adventure';

const tell = (id: string, text: string) => ({ kind: 'tell' as const, id, text });
const whole = withBeats(
  tell('bt_a', 'Up the tower!'),
  moveBeat([doseOf('squat', 5), doseOf('hop', 3)]),
  tell('bt_z', 'Down again.'),
);
/** The adventure as plain JSON, broken in some way. */
function broken(change: (plain: any) => void): unknown {
  const plain = JSON.parse(JSON.stringify(whole));
  change(plain);
  return plain;
}
const mend = (input: unknown) => mendAdventure(input, countingIds());

describe('a broken adventure', () => {
  it('that is whole stays what it is', () => {
    expect(mend(broken(() => {}))).toEqual({ adventure: whole, leftOut: [] });
  });

  it.each([
    ['a move that nobody knows', (one: any) => (one.chapters[0].beats[1].actions[0].move = 'gone')],
    [
      'an amount that is a word',
      (one: any) => (one.chapters[0].beats[1].actions[0].dose.unit = 'x'),
    ],
    ['a dose that is lost', (one: any) => delete one.chapters[0].beats[1].actions[0].dose],
  ])('loses the move with %s and nothing else', (_, change) => {
    const mended = mend(broken(change))!;
    const [first, second, third] = mended.adventure.chapters[0]!.beats;
    expect([first, third]).toEqual([whole.chapters[0]!.beats[0], whole.chapters[0]!.beats[2]]);
    expect(second).toMatchObject({ actions: [{ move: 'hop' }] });
    expect(mended.leftOut).toHaveLength(1);
  });

  it('takes the usual for a field that can’t be read, and passes over one that it does not know', () => {
    const mended = mend(
      broken((one) => {
        one.setting = 7;
        one.title = null;
        one.colourOfTheSky = 'grey';
      }),
    )!;
    expect(mended.adventure).toMatchObject({ title: '', chapters: whole.chapters });
    expect(mended.leftOut).toHaveLength(3);
  });

  it('is given up where nothing of it can be read', () => {
    expect([null, 3, 'adventure', [], { format: 'other' }].map(mend)).toEqual(
      Array.from({ length: 5 }, () => null),
    );
    expect(mend(broken((one) => (one.version = 99)))).toBeNull();
  });

  it('is valid whatever was broken in it', () => {
    fc.assert(
      fc.property(brokenAdventure, (plain) => {
        const mended = mend(plain);
        if (mended) expect(parseAdventure(mended.adventure).ok).toBe(true);
      }),
      { numRuns: 150 },
    );
  });
});
