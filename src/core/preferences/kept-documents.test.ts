import { PACK_PARTS } from '../print/pack-parts';
import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { OWN_MOVE } from '../document/own-move';
import { PRESET } from '../document/preset';
import { RUN } from '../log/run';
import { migrate, parseDocument, type DocumentKind } from '../model/document-kind';
import { DEFAULT_SETTING } from '../model/setting';
import { newOwnMove } from '../moves/new-own-move';
import { newSeries, newSession } from '../series/edit-series';
import { SERIES } from '../series/series';
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
const SUMS_1 = {
  seconds: 360,
  effortSeconds: [200, 20, 80, 60, 0],
  moves: { hop: 20 },
  skills: { hopping: 20 },
  regions: { legs: 20 },
  leftSeconds: 10,
  rightSeconds: 10,
  most: { hop: 10 },
  letters: ['A'],
  numbers: [10],
  shapes: ['circle'],
  words: ['fog'],
  devices: ['die'],
  kit: ['die'],
} as const;
/** What a recording of before told; `pace` has what was told of it since. */
const reviewedWith = (pace: object) => ({
  recording: 'six-lamps.vtt',
  scriptChecksum: 'abc',
  plannedPace: DEFAULT_PACE,
  drawsKnown: false,
  seconds: 20,
  lines: [],
  voices: null,
  pins: {},
  beats: [],
  counts: [],
  moments: [],
  pace: {
    wordsPerMinute: 150,
    byChapter: {},
    secondsPerRep: {},
    throwSeconds: null,
    childThrowSeconds: null,
    changeSeconds: null,
    allReps: 1,
    plannedSeconds: 12,
    realSeconds: 20,
    ...pace,
  },
  shares: {
    moving: 0.5,
    talking: 0.3,
    plannedMoving: 0.5,
    plannedTalking: 0.3,
    longestStillSeconds: 3,
    longestStillAt: 0,
    leftSeconds: 0,
    rightSeconds: 0,
  },
});
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
    'run of before showing was learned, from a recording',
    RUN as DocumentKind<object>,
    { ...RUN_1, version: 3, review: reviewedWith({}) },
    { ...RUN_1, version: 4, review: reviewedWith({ showTimes: null }) },
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
    'preferences of before showing was learned',
    PREFERENCES as DocumentKind<object>,
    { ...USUAL_PREFERENCES, version: 8, pace: without(DEFAULT_PACE, 'showTimes'), muted: true },
    { ...USUAL_PREFERENCES, muted: true },
  ],
  [
    'preferences of before pages were given away',
    PREFERENCES as DocumentKind<object>,
    { ...without(USUAL_PREFERENCES, 'madeBy'), version: 9, muted: true },
    { ...USUAL_PREFERENCES, muted: true },
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

/** The first version of a series: nothing older is kept anywhere. */
it('a series of the first version is read as it is; what has no version is refused', () => {
  const session = {
    ...newSession(() => 'ses_1', '2027-03-02', '09:30'),
    kept: { title: 'The late letter', sums: SUMS_1 },
    led: { runId: 'run_1', startedAt: '2027-03-02T09:30:00.000Z', sums: SUMS_1, debrief: null },
  };
  const series = { ...newSeries(() => 'ser_1', '2027-03-01T10:00:00.000Z'), sessions: [session] };
  expect(series.version).toBe(1);
  expect(parseDocument(SERIES, series)).toEqual({ ok: true, value: series });
  expect(parseDocument(SERIES, { ...series, version: undefined }).ok).toBe(false);
  const newer = parseDocument(SERIES, { ...series, version: 2 });
  expect(newer.ok || newer.problems.map(({ code }) => code)).toEqual(['newer-version']);
});

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
