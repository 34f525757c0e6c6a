/** Every demo and every starting point, and short sums of what comes of them. */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { expect, it } from 'vitest';
import { parseArrupJson, parseScript, type Adventure } from '../../src/core';
import { countingIds } from '../../src/core/testing/make';

const STARTS = 'src/lib/shelf/starts';
const DEMOS = 'src/lib/demo';

/** Enough of a hash to tell that something is another. */
export const hashOf = (value: unknown) =>
  createHash('sha256')
    .update(typeof value === 'string' ? value : JSON.stringify(value))
    .digest('hex')
    .slice(0, 16);

function startOf(file: string): Adventure {
  let seed = 0;
  const source = { newId: countingIds(), newSeed: () => (seed += 7919), book: dictionary };
  const read = parseScript(readFileSync(`${STARTS}/${file}`, 'utf8'), source);
  if (!read.ok) throw new Error(file);
  return read.value.adventure;
}

function demoOf(file: string): Adventure {
  const read = parseArrupJson(readFileSync(`${DEMOS}/${file}`, 'utf8'));
  if (!read.ok) throw new Error(file);
  return read.value;
}

export const demos: readonly string[] = readdirSync(DEMOS).filter((name) =>
  name.endsWith('.arrup.json'),
);
const starts = readdirSync(STARTS);

/**
 * What is written down in a file, beside what comes now. What is meant is written anew with
 * `GOLDEN=write npx vitest run tests/outside/golden`, and the commit says why.
 */
export function writtenDown<T>(file: string, now: T): T {
  if (process.env.GOLDEN === 'write') writeFileSync(file, `${JSON.stringify(now, null, 2)}\n`);
  return JSON.parse(readFileSync(file, 'utf8')) as T;
}

/** Holds what is told of each document against what is written down. */
export async function holdsStill(
  file: string,
  tellAll: (adventure: Adventure, name: string) => object,
) {
  const documents = [
    ...demos.map((name) => [name, demoOf(name)] as const),
    ...starts.map((name) => [name, startOf(name)] as const),
  ];
  const now: Record<string, unknown> = {};
  for (const [name, one] of documents) now[name] = await tellAll(one, name);
  const before = writtenDown(file, now);

  it.each(Object.keys(before))('%s is as it was', (name) => {
    expect(JSON.parse(JSON.stringify(now[name]))).toEqual(before[name]);
  });

  it('every demo and starting point is written down', () => {
    expect(Object.keys(now).sort()).toEqual(Object.keys(before).sort());
  });
}
