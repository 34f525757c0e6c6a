/**
 * How long texts and lists may be and how far numbers go, in everything that is kept or read from a file.
 * Written down, so that a limit that changes by accident is noticed; `GOLDEN=write npx vitest run
 * tests/outside/golden-limits.test.ts` writes it anew, and the commit says why.
 */
import { expect, it } from 'vitest';
import { z } from 'zod';
import { writtenDown } from './golden-documents';

const FILE = 'tests/outside/golden/limits.json';
const LIMITS =
  'minimum exclusiveMinimum maximum minLength maxLength pattern minItems maxItems enum const'.split(
    ' ',
  );
type Node = Readonly<Record<string, unknown>>;
const isNode = (value: unknown): value is Node => typeof value === 'object' && value !== null;

/** "amount: integer, minimum 1, maximum 500", for every part of a schema that has limits, by its own name. */
function limitsIn(node: unknown, name = ''): readonly string[] {
  if (!isNode(node)) return [];
  // How a date is written is the package's to say.
  const own = LIMITS.filter((one) => one in node && !(one === 'pattern' && 'format' in node)).map(
    (one) => `${one} ${JSON.stringify(node[one])}`,
  );
  const told = own.length > 0 ? [`${name}: ${[node['type'], ...own].join(', ')}`] : [];
  const list = (key: string) => (node[key] ?? []) as unknown[];
  const properties = isNode(node['properties']) ? Object.entries(node['properties']) : [];
  return [
    ...told,
    ...properties.flatMap(([key, part]) => limitsIn(part, key)),
    ...limitsIn(node['items'], `${name}[]`),
    ...list('prefixItems').flatMap((part, n) => limitsIn(part, `${name}[${n}]`)),
    ...limitsIn(node['additionalProperties'], '*'),
    ...['anyOf', 'oneOf', 'allOf'].flatMap(list).flatMap((part) => limitsIn(part, name)),
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
const before = writtenDown(FILE, now);

it('what is written down is everything that is kept or read', () => {
  expect(Object.keys(now)).toEqual(Object.keys(before));
});

it.each(Object.keys(before))('%s takes what it took', (name) => {
  expect(now[name]).toEqual(before[name]);
});
