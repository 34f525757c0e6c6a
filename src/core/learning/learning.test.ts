import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import { beatsFromReading } from '../beats/quick-line';
import { readLine } from '../beats/readings';
import { partsOfBeat } from '../beats';
import { makeMoveFinder } from '../moves/move-finder';
import { BUILT_IN } from '../moves/move-book';
import { countingIds } from '../testing/make';
import { allLearnLines, linesOfSet } from './learn-lines';
import { LEARN_SETS } from './sets';

const tools = {
  finder: makeMoveFinder(BUILT_IN),
  ages: { from: 4, to: 5 },
  kit: [],
  book: dictionary,
};
const beatsOf = (line: string) => {
  const { reading } = readLine(line, tools);
  return { reading, beats: beatsFromReading(reading, { newId: countingIds(), seed: 1 }) };
};
const LINES = allLearnLines().flatMap(({ lines }) => lines);
/** What a line of each device becomes on the Desk. */
const BECOMES = {
  die: 'draw',
  cards: 'draw',
  wheel: 'draw',
  calls: 'draw',
  strip: /^(draw|move)$/u,
};

describe('ready tables', () => {
  it.each(LINES)(
    '$name on $device: the line is read as it is meant, every move known',
    ({ line, device }) => {
      const { beats } = beatsOf(line);
      expect(beats).toHaveLength(1);
      expect(beats[0]!.kind).toMatch(BECOMES[device]);
      const parts = partsOfBeat(beats[0]!);
      expect(parts.length).toBeGreaterThan(2);
      for (const { move } of parts) expect(BUILT_IN.has(move), move).toBe(true);
    },
  );

  it.each(LEARN_SETS)('$name: everything of it occurs, in its order', (set) => {
    const lines = linesOfSet(set);
    for (const device of ['wheel', 'calls', 'strip'] as const) {
      const { line } = lines.find((one) => one.device === device)!;
      const said = JSON.stringify(beatsOf(line).beats);
      const places = set.items.map(({ label }) => said.indexOf(`"${label}"`));
      expect(
        places.every((at) => at >= 0),
        `${device}: ${line}`,
      ).toBe(true);
      expect(places).toEqual([...places].sort((a, b) => a - b));
    }
  });

  it('pairs make what they say', () => {
    for (const [id, sum] of [
      ['pairs-that-make-five', 5],
      ['pairs-that-make-ten', 10],
    ] as const) {
      const { items } = LEARN_SETS.find((set) => set.id === id)!;
      for (const { label } of items) {
        const [one, other] = label.split(' and ').map(Number);
        expect(one! + other!).toBe(sum);
      }
      expect(new Set(items.map(({ label }) => label)).size).toBe(items.length);
    }
  });
});
