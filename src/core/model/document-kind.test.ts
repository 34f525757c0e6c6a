import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { migrate, MOST_PROBLEMS, parseDocument, type DocumentKind } from './document-kind';

type Note = { version: 3; text: string; ages: { from: number; to: number } };
const KIND: DocumentKind<Note> = {
  version: 3,
  unnumbered: 1,
  migrations: [
    { from: 1, migrate: ({ words, ...rest }) => ({ ...rest, text: words }) },
    { from: 2, migrate: (note) => ({ ...note, ages: { from: 3, to: 7 } }) },
  ],
  schema: z.strictObject({
    version: z.literal(3),
    text: z.string().min(1),
    ages: z.strictObject({ from: z.number(), to: z.number() }),
  }) as never,
};
const codesOf = (input: unknown, kind = KIND) => {
  const result = parseDocument(kind, input);
  return result.ok ? [] : result.problems.map(({ code, path }) => [code, path.join('.')]);
};

describe('parseDocument', () => {
  const now = { version: 3, text: 'hop', ages: { from: 3, to: 7 } };
  it('takes a document of today, of before, and of before there were numbers', () => {
    expect(parseDocument(KIND, now)).toEqual({ ok: true, value: now });
    expect(parseDocument(KIND, { version: 2, text: 'hop' })).toEqual({ ok: true, value: now });
    expect(parseDocument(KIND, { words: 'hop' })).toEqual({ ok: true, value: now });
  });
  it('doesn’t change what it’s given', () => {
    const old = { words: 'hop' };
    parseDocument(KIND, old);
    expect(old).toEqual({ words: 'hop' });
  });
  it('says what it can’t open', () => {
    for (const input of [null, 'text', [], 7]) expect(codesOf(input)).toEqual([['not-arrup', '']]);
    for (const version of [0, 1.5, 'one']) {
      expect(codesOf({ ...now, version })).toEqual([['bad-version', 'version']]);
    }
    const newer = parseDocument(KIND, { ...now, version: 4 });
    expect(newer).toMatchObject({
      ok: false,
      problems: [{ code: 'newer-version', params: { version: 4, known: 3 } }],
    });
    expect(codesOf({ words: 'hop' }, { ...KIND, unnumbered: null })).toEqual([
      ['bad-version', 'version'],
    ]);
  });
  it('says what is wrong in it, and where, twenty at most', () => {
    expect(codesOf({ ...now, text: '', ages: { from: '3' } })).toEqual([
      ['too-small', 'text'],
      ['wrong-type', 'ages.from'],
      ['missing', 'ages.to'],
    ]);
    expect(codesOf({ ...now, more: 1 })).toEqual([['unknown-field', '']]);
    const list = { ...KIND, schema: z.looseObject({ list: z.array(z.number()) }) as never };
    const broken = { version: 3, list: Array.from({ length: 40 }, () => 'x') };
    expect(codesOf(broken, list)).toHaveLength(MOST_PROBLEMS);
  });
});

it('a step that is missing is a mistake of the programmer', () => {
  expect(() => migrate({}, 1, KIND.migrations, 4)).toThrow('no migration from version 3');
  expect(migrate({ words: 'a' }, 1, KIND.migrations, 1)).toEqual({ words: 'a' });
});
