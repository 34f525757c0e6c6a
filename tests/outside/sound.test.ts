/**
 * Twenty sound sessions in all shapes, each read twice as a skilled presenter reads: what is told of them
 * is at most one note that such a presenter would wave away. (The demos: `planted.test.ts`; the starting
 * points: `starts.test.ts`.)
 */
import { readdirSync, readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import { check, parseScript, unroll } from '../../src/core';
import { countingIds } from '../../src/core/testing/make';

const FOLDER = 'tests/outside/sound';
const files = readdirSync(FOLDER).filter((name) => name.endsWith('.md'));

describe('sound sessions', () => {
  it('there are twenty', () => expect(files).toHaveLength(20));

  it.each(files)('%s', (file) => {
    let seed = 0;
    const source = { newId: countingIds(), newSeed: () => (seed += 7919), book: dictionary };
    const result = parseScript(readFileSync(`${FOLDER}/${file}`, 'utf8'), source);
    if (!result.ok) throw new Error(JSON.stringify(result.problems));
    const { adventure, unread } = result.value;
    expect(unread).toEqual([]);
    const schedule = unroll(adventure);
    expect(schedule.totalSeconds).toBeLessThanOrEqual(adventure.setting.slotSeconds + 30);
    const notes = check(adventure, adventure.setting, schedule, dictionary);
    const told = notes.map(({ rule, params }) => `${rule} ${JSON.stringify(params)}`);
    expect(told.length, told.join('\n')).toBeLessThanOrEqual(1);
  });
});
