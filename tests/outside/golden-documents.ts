/** Every demo and every starting point, and short sums of what comes of them. */
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import type { Adventure } from '../../src/core';
import { demoAdventure, startAdventure } from '../../src/core/testing/shelf-of-examples';

const STARTS = 'src/lib/shelf/starts';
const DEMOS = 'src/lib/demo';

/** Enough of a hash to tell that something is another. */
export const hashOf = (value: unknown) =>
  createHash('sha256')
    .update(typeof value === 'string' ? value : JSON.stringify(value))
    .digest('hex')
    .slice(0, 16);

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
    ...demos.map((name) => [name, demoAdventure(name.replace('.arrup.json', ''))] as const),
    ...starts.map((name) => [name, startAdventure(name)] as const),
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
