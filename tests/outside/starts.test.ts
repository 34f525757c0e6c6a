import { readdirSync, readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import {
  check,
  DEFAULT_PACE,
  forecast,
  moveBookOf,
  next,
  parseAdventure,
  parseScript,
  prepareLeading,
  resolveDraws,
  seededRandom,
  unroll,
  type Adventure,
  type BeatKind,
  type Device,
} from '../../src/core';
import { countingIds } from '../../src/core/testing/make';

const FOLDER = 'src/lib/shelf/starts';
const files = readdirSync(FOLDER).filter((name) => name.endsWith('.md'));

function read(file: string): { adventure: Adventure; unread: readonly object[] } {
  let seed = 0;
  const source = { newId: countingIds(), newSeed: () => (seed += 7919), book: dictionary };
  const result = parseScript(readFileSync(`${FOLDER}/${file}`, 'utf8'), source);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
}

/** What makes each shape the shape that it is: a beat kind, a device where something is drawn. */
const SHAPES: Readonly<Record<string, BeatKind | Device['kind']>> = {
  coin: 'coin',
  s1: 'move',
  s2: 'circuit',
  s3: 'list',
  s4: 'die',
  s5: 'die',
  s6: 'deck',
  s7: 'leader',
  s8: 'letters',
  s9: 'calls',
  s10: 'relay',
  s11: 'chain',
  s12: 'move',
  s13: 'circuit',
  s14: 'calls',
  s15: 'move',
  s16: 'echo',
  s17: 'list',
  s18: 'echo',
  home: 'setup',
  sorting: 'relay',
  taught: 'chain',
};

it('there is one for every session shape, for a coin, a film for home, a sorting relay, a dance', () => {
  expect(files.map((file) => file.split('-')[0]!).sort()).toEqual(Object.keys(SHAPES).sort());
});

describe.each(files)('%s', (file) => {
  const { adventure, unread } = read(file);
  const seeds = Array.from({ length: 12 }, (_, n) => n);

  it('is understood line by line, and is a valid document', () => {
    expect(unread).toEqual([]);
    expect(parseAdventure(JSON.parse(JSON.stringify(adventure))).ok).toBe(true);
    const kinds = adventure.chapters
      .filter(({ kind }) => kind === 'adventure')
      .flatMap(({ beats }) =>
        beats.map((one) => (one.kind === 'draw' ? one.device.kind : one.kind)),
      );
    expect(kinds).toContain(SHAPES[file.split('-')[0]!]);
  });

  it('is complete: welcome, warm-up, cool-down and goodbye', () => {
    const kinds = adventure.chapters.map(({ kind }) => kind);
    for (const kind of ['welcome', 'warm-up', 'adventure', 'cool-down', 'goodbye'] as const) {
      expect(kinds).toContain(kind);
    }
  });

  it('has no finding, however its draws fall', () => {
    for (const seed of seeds) {
      const draws = resolveDraws(adventure, adventure.setting, DEFAULT_PACE, seed);
      const schedule = unroll(adventure, adventure.setting, DEFAULT_PACE, draws);
      const found = check(adventure, adventure.setting, schedule, dictionary);
      expect(found.map(({ rule, params }) => [rule, params])).toEqual([]);
    }
  });

  it('keeps to its slot in nine sessions of ten', () => {
    const { setting } = adventure;
    const context = { adventure, setting, pace: DEFAULT_PACE, book: moveBookOf(adventure) };
    expect(forecast(context, seededRandom(1), 1000).chanceOver).toBeLessThan(0.1);
  });

  it('is led from start to end with nothing but “next”', () => {
    const { cues } = unroll(adventure);
    let leading = next(prepareLeading(cues, { lines: 'run on' }), 0);
    let steps = 0;
    while (leading.status !== 'done' && steps <= cues.length + 1) {
      steps += 1;
      leading = next(leading, steps);
    }
    expect(leading.status).toBe('done');
    expect(new Set(leading.visits.map(({ cueId }) => cueId)).size).toBe(cues.length);
  });
});
