import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Problem } from '../../model/problem';
import { CURRENT_VERSION, MIGRATIONS } from '../../document/versions';
import { migrate } from '../../model/document-kind';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { circuit, doseOf, moveBeat, withBeats } from '../../testing/make';
import { isAsWritten, MAX_FILE_CHARACTERS, parseArrupJson, serializeArrupJson } from './arrup-json';

const good = withBeats(
  { kind: 'tell', id: 'bt_hello', text: 'Hello, post carriers!' },
  moveBeat([doseOf('squat', 8)]),
  circuit(2),
);

/** The problems of the good adventure with something changed. */
function problemsWith(change: (document: any) => unknown): readonly Problem[] {
  const document = structuredClone(good) as any;
  const result = parseArrupJson(JSON.stringify(change(document) ?? document));
  if (result.ok) throw new Error('was accepted');
  return result.problems;
}

describe('.arrup.json', () => {
  it('reads back any adventure that it writes', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (adventure) => {
        expect(parseArrupJson(serializeArrupJson(adventure))).toEqual({
          ok: true,
          value: adventure,
        });
      }),
    );
  });

  it('takes a file with a byte order mark', () => {
    expect(parseArrupJson(`\uFEFF${serializeArrupJson(good)}`).ok).toBe(true);
  });

  it.each<[string, (d: any) => unknown, Problem['code'], string]>([
    ['another format', () => ({ name: 'thing' }), 'not-arrup', ''],
    ['a list', () => [], 'not-arrup', ''],
    ['null', () => 'null', 'not-arrup', ''],
    ['no version', (d) => void delete d.version, 'bad-version', 'version'],
    ['version 0', (d) => void (d.version = 0), 'bad-version', 'version'],
    ['a newer version', (d) => void (d.version = 99), 'newer-version', 'version'],
    ['no title', (d) => void delete d.title, 'missing', 'title'],
    ['a number for a title', (d) => void (d.title = 7), 'wrong-type', 'title'],
    ['a title that is too long', (d) => void (d.title = 'x'.repeat(200)), 'too-big', 'title'],
    ['an unknown field', (d) => void (d.extra = 1), 'unknown-field', ''],
    ['a foreign id', (d) => void (d.id = 'x'), 'bad-pattern', 'id'],
    ['an age of 12', (d) => void (d.setting.ages.to = 12), 'too-big', 'setting.ages.to'],
    [
      'ages backwards',
      (d) => void (d.setting.ages = { from: 6, to: 4 }),
      'ages-backwards',
      'setting.ages',
    ],
    [
      'no sets',
      (d) => void (d.chapters[0].beats[1].actions[0].dose.amounts = []),
      'too-small',
      'chapters.0.beats.1.actions.0.dose.amounts',
    ],
    [
      '0 reps',
      (d) => void (d.chapters[0].beats[1].actions[0].dose.amounts = [0]),
      'too-small',
      'chapters.0.beats.1.actions.0.dose.amounts.0',
    ],
    [
      'half a rep',
      (d) => void (d.chapters[0].beats[1].actions[0].dose.amounts = [1.5]),
      'wrong-type',
      'chapters.0.beats.1.actions.0.dose.amounts.0',
    ],
    [
      'a kind nobody knows',
      (d) => void (d.chapters[0].beats[0].kind = 'dance'),
      'not-one-of',
      'chapters.0.beats.0.kind',
    ],
    [
      'an unknown move',
      (d) => void (d.chapters[0].beats[1].actions[0].move = 'moon-walk'),
      'unknown-move',
      'chapters.0.beats.1.actions.0.move',
    ],
    [
      'one id twice',
      (d) => void (d.chapters[0].beats[1].id = 'bt_hello'),
      'same-id',
      'chapters.0.beats.1.id',
    ],
    [
      'three ways',
      (d) => void (d.chapters[0].beats[1].actions[0].dose.ways = 3),
      'not-one-of',
      'chapters.0.beats.1.actions.0.dose.ways',
    ],
  ])('refuses %s, with the place', (_, change, code, path) => {
    const problems = problemsWith(change);
    expect(problems.map((one) => [one.code, one.path.join('.')])).toContainEqual([code, path]);
  });

  it.each([
    ['nothing', '', 'not-json'],
    ['half a file', serializeArrupJson(good).slice(0, 300), 'not-json'],
    ['a picture', '\u0089PNG\r\n\u001a\n', 'not-json'],
    ['very deep nesting', '['.repeat(200_000), 'not-json'],
    ['more than 2 MiB', `"${'x'.repeat(MAX_FILE_CHARACTERS)}"`, 'too-large'],
    [
      'a prototype for a field',
      '{"format":"arrup","version":1,"__proto__":{"title":"x"}}',
      'missing',
    ],
  ])('refuses %s', (_, text, code) => {
    const result = parseArrupJson(text);
    expect(result.ok).toBe(false);
    if (!result.ok) expect(result.problems.map((one) => one.code)).toContain(code);
    expect(({} as any).title).toBeUndefined();
  });

  it('tells twenty problems at most', () => {
    const beats = Array.from({ length: 100 }, (_, n) => ({ kind: 'tell', id: `bt_${n}`, text: 7 }));
    expect(problemsWith((d) => void (d.chapters[0].beats = beats))).toHaveLength(20);
  });
});

describe('migrations', () => {
  it('run one after another up to the present version', () => {
    const steps = [
      { from: 1, migrate: (d: any) => ({ ...d, seen: [1] }) },
      { from: 2, migrate: (d: any) => ({ ...d, seen: [...d.seen, 2] }) },
    ];
    const old = { version: 1 };
    expect(migrate(old, 1, steps, 3)).toEqual({ version: 3, seen: [1, 2] });
    expect(migrate({ version: 2, seen: [] }, 2, steps, 3)).toEqual({ version: 3, seen: [2] });
    expect(old).toEqual({ version: 1 });
    expect(() => migrate(old, 1, [], 2)).toThrow(RangeError);
  });

  it('lead from every released version to the present one without a gap', () => {
    expect(MIGRATIONS.map((step) => step.from)).toEqual(
      Array.from({ length: CURRENT_VERSION - 1 }, (_, n) => n + 1),
    );
  });
});

describe('the checksum of a file', () => {
  const text = serializeArrupJson(good);

  it('comes last, is read past, and tells a file that was changed', () => {
    const file = JSON.parse(text) as Record<string, unknown>;
    expect(Object.keys(file).at(-1)).toBe('checksum');
    expect(parseArrupJson(text)).toMatchObject({ ok: true });
    expect(isAsWritten(text)).toBe(true);
    expect(isAsWritten(JSON.stringify(file))).toBe(true);
    expect(isAsWritten(JSON.stringify({ ...file, title: 'Another' }))).toBe(false);
    // A file of before has none.
    expect(isAsWritten(JSON.stringify({ ...file, checksum: undefined }))).toBe(true);
  });
});
