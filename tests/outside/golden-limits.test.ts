/**
 * How long texts and lists may be and how far numbers go, in everything that is kept or read from a file.
 * Written down, so that a limit that changes by accident is noticed; `GOLDEN=write npx vitest run
 * tests/outside/golden-limits.test.ts` writes it anew, and the commit says why.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { z } from 'zod';

const FILE = 'tests/outside/golden/limits.json';
const LIMITS = ['minimum', 'exclusiveMinimum', 'maximum', 'minLength', 'maxLength', 'pattern'];
const MORE_LIMITS = ['minItems', 'maxItems', 'enum', 'const'];
type Node = Readonly<Record<string, unknown>>;
/** The last name of a place: a part is the same wherever it is. */
const near = (place: string) => place.split('.').at(-1);
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null;

/** "amounts/item: integer, minimum 1, maximum 500", for every part of a schema that has limits. */
function limitsIn(node: unknown, place = ''): readonly string[] {
  if (!isNode(node)) return [];
  // How a date is written is the package's to say.
  const own = [...LIMITS, ...MORE_LIMITS]
    .filter((name) => name in node && !(name === 'pattern' && 'format' in node))
    .map((name) => `${name} ${JSON.stringify(node[name])}`);
  const told = own.length > 0 ? [`${near(place)}: ${[node['type'], ...own].join(', ')}`] : [];
  const properties = isNode(node['properties']) ? Object.entries(node['properties']) : [];
  const choices = ['anyOf', 'oneOf', 'allOf'].flatMap((name) => (node[name] ?? []) as unknown[]);
  return [
    ...told,
    ...properties.flatMap(([name, part]) => limitsIn(part, place ? `${place}.${name}` : name)),
    ...limitsIn(node['items'], `${place}[]`),
    ...((node['prefixItems'] ?? []) as unknown[]).flatMap((part, n) =>
      limitsIn(part, `${place}[${n}]`),
    ),
    ...limitsIn(node['additionalProperties'], `${place}.*`),
    ...choices.flatMap((part) => limitsIn(part, place)),
  ];
}

const files = import.meta.glob<Readonly<Record<string, unknown>>>(
  ['../../src/core/**/*.ts', '!**/*.test.ts', '!**/testing/**', '!**/catalogue/**'],
  { eager: true },
);
const all = Object.fromEntries(
  Object.values(files)
    .flatMap((file) => Object.entries(file))
    .filter(([, value]) => value instanceof z.ZodType)
    .map(([name, schema]) => {
      const told = z.toJSONSchema(schema as z.ZodType, { unrepresentable: 'any', io: 'input' });
      return [name, [...new Set(limitsIn(told))]] as const;
    })
    .sort(([a], [b]) => (a < b ? -1 : 1)),
);
/** What is a part of a larger one is written down there. */
const isPart = (name: string, limits: readonly string[]) =>
  Object.entries(all).some(
    ([other, more]) =>
      other !== name && more.length > limits.length && limits.every((one) => more.includes(one)),
  );
const now = Object.fromEntries(
  Object.entries(all).filter(([name, limits]) => !isPart(name, limits)),
);
if (process.env.GOLDEN === 'write') writeFileSync(FILE, `${JSON.stringify(now, null, 2)}\n`);
const before = JSON.parse(readFileSync(FILE, 'utf8')) as typeof now;

it('what is written down is everything that is kept or read', () => {
  expect(Object.keys(now)).toEqual(Object.keys(before));
});

it.each(Object.keys(before))('%s takes what it took', (name) => {
  expect(now[name]).toEqual(before[name]);
});
