import { PACK_PARTS } from '../print/pack-parts';
import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { OWN_MOVE } from '../document/own-move';
import { PRESET } from '../document/preset';
import { RUN } from '../log/run';
import { migrate, parseDocument, type DocumentKind } from '../model/document-kind';
import { DEFAULT_SETTING } from '../model/setting';
import { newOwnMove } from '../moves/new-own-move';
import { PREFERENCES, USUAL_PREFERENCES } from './preferences';

/** The object without some of its fields, as an older build wrote it. */
const without = (whole: object, ...keys: readonly string[]) =>
  Object.fromEntries(Object.entries(whole).filter(([key]) => !keys.includes(key)));

const move = newOwnMove(() => 'own_1');
const figureless = without(move, 'figure');
const firstSetting = {
  ...without(DEFAULT_SETTING, 'grownUps'),
  room: without(DEFAULT_SETTING.room, 'noGoMetres', 'marks'),
};

/** What each version of each kind has left in browsers: never changed, only added to. */
const RUN_1 = {
  id: 'run_1',
  adventureId: 'adv_1',
  title: 'The late letter',
  startedAt: '2026-03-02T09:00:00.000Z',
  savedAt: '2026-03-02T09:01:00.000Z',
  slotSeconds: 600,
  speed: 1,
  plan: [
    {
      id: 'bt_1.0',
      kind: 'work',
      beatId: 'bt_1',
      chapterId: 'ch_1',
      startSeconds: 0,
      lengthSeconds: 12,
      effort: 3,
    },
  ],
  labels: { bt_1: 'march' },
  chapters: [{ id: 'ch_1', kind: 'warm-up', title: 'Warm-up' }],
  leading: {
    lines: 'run on',
    done: true,
    index: 0,
    scheduleSeconds: 12,
    elapsedSeconds: 13,
    enteredSeconds: 0,
    visits: [{ cueId: 'bt_1.0', startSeconds: 0, lengthSeconds: 13, cutShort: false }],
  },
  note: 'Windy.',
};
type Sample = readonly [name: string, kind: DocumentKind<object>, old: object, now: object];
const SAMPLES: readonly Sample[] = [
  ['run', RUN as DocumentKind<object>, RUN_1, { ...RUN_1, version: 4 }],
  [
    'run of before recordings',
    RUN as DocumentKind<object>,
    { ...RUN_1, version: 2, points: 12 },
    { ...RUN_1, version: 4, points: 12 },
  ],
  [
    'preset of before no-go strips',
    PRESET as DocumentKind<object>,
    { name: 'hall', setting: firstSetting },
    { version: 2, name: 'hall', setting: DEFAULT_SETTING },
  ],
  [
    'preset',
    PRESET as DocumentKind<object>,
    { name: 'hall', setting: { ...DEFAULT_SETTING, grownUps: 4 } },
    { version: 2, name: 'hall', setting: { ...DEFAULT_SETTING, grownUps: 4 } },
  ],
  [
    'own move of before figures',
    OWN_MOVE as DocumentKind<object>,
    figureless,
    { version: 2, id: move.id, move },
  ],
  ['own move', OWN_MOVE as DocumentKind<object>, move, { version: 2, id: move.id, move }],
  [
    'preferences, of which only what was changed was kept',
    PREFERENCES as DocumentKind<object>,
    { wordsPerMinute: 150, muted: true },
    // As much faster while talking as it was over a whole session: 150 of 135, of 167.
    { ...USUAL_PREFERENCES, pace: { ...DEFAULT_PACE, wordsPerMinute: 186 }, muted: true },
  ],
  [
    'preferences of before talk was measured by itself',
    PREFERENCES as DocumentKind<object>,
    { ...without(USUAL_PREFERENCES, 'pace'), version: 2, wordsPerMinute: 135, muted: true },
    { ...USUAL_PREFERENCES, muted: true },
  ],
  [
    'preferences of before throws could be quick',
    PREFERENCES as DocumentKind<object>,
    { ...without(USUAL_PREFERENCES, 'throws'), version: 3, counts: 'taps' },
    { ...USUAL_PREFERENCES, counts: 'taps' },
  ],
  [
    // Whoever printed stickers, and no room plan, still does; nobody chose what came since.
    'preferences of before there was paper for children',
    PREFERENCES as DocumentKind<object>,
    { ...without(USUAL_PREFERENCES, 'backs'), version: 6, notPrinted: ['floor-sheet', 'room'] },
    {
      ...USUAL_PREFERENCES,
      notPrinted: PACK_PARTS.filter(
        (part) =>
          part === 'room' ||
          (USUAL_PREFERENCES.notPrinted.includes(part) && part !== 'script' && part !== 'stickers'),
      ),
    },
  ],
];

describe.each(SAMPLES)('%s', (_name, kind, old, now) => {
  it('of an older build is read, and is then the newest; the newest stays as it is', () => {
    const before = structuredClone(old);
    expect(parseDocument(kind, old)).toEqual({ ok: true, value: now });
    expect(old).toEqual(before);
    expect(parseDocument(kind, now)).toEqual({ ok: true, value: now });
  });

  it('of a newer build is refused by name, and so is what has no sense', () => {
    const newer = parseDocument(kind, { ...now, version: kind.version + 1 });
    expect(newer.ok || newer.problems).toEqual([
      {
        code: 'newer-version',
        path: ['version'],
        params: { version: kind.version + 1, known: kind.version },
      },
    ]);
    const codes = (input: unknown) => {
      const parsed = parseDocument(kind, input);
      return parsed.ok || parsed.problems.map(({ code }) => code);
    };
    expect(codes(null)).toEqual(['not-arrup']);
    expect(codes({ version: 'two' })).toEqual(['bad-version']);
    expect(codes({ ...now, surprise: 1 })).toEqual(['unknown-field']);
  });

  it('has a migration for every version before this one', () => {
    expect(kind.migrations.map(({ from }) => from)).toEqual(
      Array.from({ length: kind.version - 1 }, (_one, n) => n + 1),
    );
  });
});

it('a missing migration is a mistake of the programmer', () => {
  expect(() => migrate({}, 1, [], 2)).toThrow(RangeError);
});
