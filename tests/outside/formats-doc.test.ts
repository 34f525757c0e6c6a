import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseArrupJson, serializeArrupJson, unroll } from '../../src/core';

const doc = readFileSync('docs/formats.md', 'utf8');
const example = /```json\n([\s\S]*?)```/u.exec(doc)![1]!;

describe('docs/formats.md', () => {
  it('has an example that is a whole, valid adventure, written as Arrup writes it', () => {
    const parsed = parseArrupJson(example);
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    expect(JSON.parse(serializeArrupJson(parsed.value))).toEqual(JSON.parse(example));
    // 2 sets of 6 and 8, each side.
    expect(unroll(parsed.value).totals.all.reps).toBe(28);
  });

  it('names every field of the example', () => {
    const fields = new Set([...example.matchAll(/"(\w+)":/gu)].map(([, name]) => name!));
    const missing = [...fields].filter((field) => !doc.replace(example, '').includes(field));
    expect(missing).toEqual([]);
  });
});
