import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { idsInOrder } from '../model/new-id';
import { makeMoveFinder } from '../moves/move-finder';
import { moveBookOf } from '../moves/move-book';
import { beatSchema } from '.';
import { beatsFromReading } from './quick-line';
import { readLine } from './readings';
import { isSure } from './sure';

const tools = {
  finder: makeMoveFinder(moveBookOf({ moves: [] })),
  ages: { from: 4, to: 5 },
  kit: [],
  book: null,
};
const read = (line: string) => readLine(line, tools);
const beatsOf = (line: string) =>
  beatsFromReading(read(line).reading, { newId: idsInOrder('t'), seed: 1 });

describe('a reading of a line', () => {
  it('tells which words it uses, and which it only keeps', () => {
    const { left, used, others } = read('The keeper hops over to the lamps and waits.');
    expect([left, used]).toEqual([
      ['keeper', 'over', 'lamp', 'wait'],
      ['The', 'hops', 'to', 'the', 'and'],
    ]);
    const [done] = others;
    expect(done!.used).toEqual(['hops']);
  });

  it.each([
    ['circuit 2 rounds 3 s: squats, plank', [[3, 5]], { workSeconds: 5, rounds: 2 }],
    ['circuit 50 rounds 30 s: squats', [[50, 20]], { rounds: 20 }],
    ['10 squats rest 601', [[601, 600]], { actions: [{ dose: { restSeconds: 600 } }] }],
    ['900 squats', [[900, 600]], { actions: [{ dose: { amounts: [600] } }] }],
    ['0 squats', [[0, 1]], { actions: [{ dose: { amounts: [1] } }] }],
    ['squats 500 bpm', [[500, 240]], { actions: [{ dose: { tempo: [240] } }] }],
    ['die: 1-99 = squats', [[99, 80]], { entries: [{ faces: { length: 80 } }] }],
    ['die 500 throws: squats, hops', [[500, 200]], { rules: { stop: { draws: 200 } } }],
    ['relay 900 bean bags 5 m: walk', [[900, 200]], { things: 200 }],
    ['drink 5000 s', [[5000, 600]], { seconds: 600 }],
    ['drink 600 s', [], { seconds: 600 }],
    ['600 squats', [], { actions: [{ dose: { amounts: [600] } }] }],
  ])('of %s takes the nearest that a file holds, and says so', (line, held, beat) => {
    const reading = read(line);
    expect(reading.held.map(({ asked, taken }) => [asked, taken])).toEqual(held);
    expect(beatsOf(line)).toMatchObject([beat]);
    expect(isSure(reading)).toBe(held.length === 0);
    for (const [asked, taken] of held) {
      expect(reading.says).toContain(`${asked} is `);
      expect(reading.says).toContain(`${taken} is taken`);
    }
  });

  it.each([
    ['chain', 30, 20],
    ['die', 90, 60],
  ])('is said where a %s has more than one line holds', (kind, moves, most) => {
    const line = `${kind}: ${Array.from({ length: moves }, () => 'squats').join(', ')}`;
    expect(read(line).reading).toMatchObject({ kind: 'tell', text: line, most });
    expect(read(line).says).toContain(`${most} in one line is the most`);
  });

  it('makes what a file may hold, whatever is typed', () => {
    const word = fc.constantFrom(
      ...'squats hop x rest circuit rounds die : , = - s m 0 3 99 601 5000 1e9 each then drink relay bean bags rhyme times at bpm chain deck ranks numbers plus letters A-Z calls travel between set out round worth points'.split(
        ' ',
      ),
    );
    const line = fc.array(word, { minLength: 1, maxLength: 14 }).map((words) => words.join(' '));
    fc.assert(
      fc.property(line, (typed) => {
        for (const beat of beatsOf(typed)) expect(beatSchema.safeParse(beat).success).toBe(true);
        expect(beatsOf(typed).length > 0 || !read(typed).reading.kind.match(/tell|move/u)).toBe(
          true,
        );
      }),
      { numRuns: 600 },
    );
  });
});
