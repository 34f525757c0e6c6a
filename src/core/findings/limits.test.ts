import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import type { Adventure, Chapter } from '../document/adventure';
import { TIMINGS } from '../cues/timing';
import { NO_GUISE } from '../model/action';
import { CATALOGUE } from '../moves/catalogue';
import { counted, hold, told } from '../testing/finding-cases';
import { forAge, rest, timed, toldBy } from '../testing/findings-of';
import { doseOf, drawBeat, moveBeat, relayBeat, withBeats } from '../testing/make';
import type { RuleId } from './check';

/*
 * Where each rule with a number in it begins to speak: silent at the limit, told just beyond it. The
 * numbers are those of docs/findings.md; ages are five unless a line says otherwise.
 */
const follow = (move: string, seconds: number): Beat =>
  moveBeat([doseOf(move, seconds, { unit: 'hold' })], { led: 'follow me' });
const saidIn = (move: string, words: number, seconds: number): Beat => {
  const meanwhile = Array.from({ length: words }, () => 'reed').join(' ');
  const action = doseOf(move, seconds, { unit: 'seconds' });
  return moveBeat([{ ...action, guise: { ...NO_GUISE, meanwhile } }], { led: 'follow me' });
};
const inTurn = (draws: number): Beat =>
  drawBeat(3, { rules: { thrower: 'child', stop: { after: 'draws', draws } } });
const showing = (count: number): Beat[] =>
  CATALOGUE.filter(({ usual }) => usual.unit === 'reps')
    .slice(0, count)
    .map(({ id }) => counted(id, 3));
const quiet = (seconds: number): Beat => told('Hm?', seconds - TIMINGS.shortestLine.usual);
const then = (first: Adventure, kind: Chapter['kind'], ...beats: readonly Beat[]): Adventure => ({
  ...first,
  chapters: [...first.chapters, { id: 'ch_then', kind, title: '', led: null, beats }],
});
const many = <One>(count: number, of: (n: number) => One): One[] =>
  Array.from({ length: count }, (_, n) => of(n));
const set = (adventure: Adventure, setting: Partial<Adventure['setting']>): Adventure => ({
  ...adventure,
  setting: { ...adventure.setting, ...setting },
});
const onFloor = (floor: Adventure['setting']['room']['floor'], ...beats: readonly Beat[]) => {
  const script = withBeats(...beats);
  return set(script, { room: { ...script.setting.room, floor } });
};
const grouped = (group: number, ...beats: readonly Beat[]) => set(withBeats(...beats), { group });
const slotted = (slotSeconds: number, ...beats: readonly Beat[]) =>
  set(withBeats(...beats), { slotSeconds });

type Limit = readonly [
  rule: RuleId,
  what: string,
  build: (n: number) => Adventure,
  /** The last that is silent, and the first that is told. */
  silent: number,
  told: number,
];

const LIMITS: readonly Limit[] = [
  ['no-drink', 'seconds of moving', (n) => withBeats(timed('march', n)), 300, 301],
  [
    'no-drink',
    'seconds of moving since a drink',
    (n) => withBeats(timed('march', 200), rest(30), timed('march', n)),
    300,
    301,
  ],
  ['sitting-long', 'seconds of listening', (n) => withBeats(quiet(n)), 75, 76],
  ['sitting-long', 'seconds, for threes', (n) => forAge(withBeats(quiet(n)), 3), 60, 61],
  ['sitting-long', 'seconds, for sevens', (n) => forAge(withBeats(quiet(n)), 7), 90, 91],
  [
    'steep-start',
    'seconds short of gentle moving first',
    (n) => withBeats(timed('march', 40 - n), timed('burpee', 10)),
    0,
    1,
  ],
  ['long-on-knees', 'seconds, on mats', (n) => onFloor('mats', timed('drum-roll', n)), 80, 81],
  [
    'long-on-knees',
    'seconds, on a hard floor',
    (n) => onFloor('hard', timed('drum-roll', n)),
    40,
    41,
  ],
  [
    'long-on-hands',
    'seconds in two moves',
    (n) => withBeats(timed('bear-walk', 20), timed('crab-walk', n - 20)),
    40,
    41,
  ],
  ['long-on-hands', 'moves', (n) => withBeats(...many(n, () => timed('bear-walk', 5))), 2, 3],
  [
    'ups-and-downs',
    'times',
    (n) => withBeats(...many(n, (at) => timed(at % 2 ? 'march' : 'bear-walk', 5))),
    8,
    9,
  ],
  ['still-stretch-first', 'seconds', (n) => withBeats(hold('calf-stretch', n)), 5, 6],
  [
    'still-stretch-first',
    'seconds short of being warm',
    (n) => withBeats(timed('march', 30 - n), hold('calf-stretch', 10)),
    0,
    1,
  ],
  [
    'drink-then',
    'seconds sooner than settled',
    (n) => withBeats(rest(20), quiet(60 - n), timed('log-roll', 10)),
    0,
    1,
  ],
  ['count-beyond-age', 'counted, fives', (n) => withBeats(counted('squat', n)), 30, 31],
  ['count-beyond-age', 'counted, fours', (n) => forAge(withBeats(counted('squat', n)), 4), 20, 21],
  ['count-beyond-age', 'counted, threes', (n) => forAge(withBeats(counted('squat', n)), 3), 10, 11],
  [
    'same-region',
    'tiring parts for the legs',
    (n) => withBeats(moveBeat(many(n, () => doseOf('squat-jump', 3)))),
    2,
    3,
  ],
  [
    'relay-time',
    'seconds short',
    (n) => withBeats(relayBeat('jog', { limitSeconds: 9 - n })),
    0,
    1,
  ],
  [
    'long-wait',
    'children that wait, 8.7 s a trip',
    (n) => grouped(n + 1, relayBeat('jog', { atOnce: 1, things: 60 })),
    5,
    6,
  ],
  [
    'calm-end',
    'seconds short of a calm end',
    (n) => then(withBeats(timed('burpee', 20)), 'calm', quiet(25 - n)),
    0,
    1,
  ],
  [
    'calm-end',
    'seconds short of a tenth of the whole',
    // Of 301 s that is 30.1 s.
    (n) => then(withBeats(timed('march', 260), timed('burpee', 10)), 'calm', quiet(31 - n)),
    0,
    2,
  ],
  [
    'dizzy-then',
    'seconds sooner than steady',
    (n) => withBeats(timed('log-roll', 6), quiet(25 - n), timed('hop', 5)),
    0,
    1,
  ],
  [
    'dizzy-then',
    'rolls before it',
    (n) => withBeats(counted('log-roll', n), timed('hop', 5)),
    1,
    2,
  ],
  [
    'no-breather',
    'lively parts one after another',
    (n) => withBeats(...many(n, () => timed('squat-jump', 20))),
    2,
    3,
  ],
  [
    'no-breather',
    'seconds of each of three lively parts, 40 in all',
    (n) => withBeats(...many(3, () => timed('squat-jump', n))),
    13,
    14,
  ],
  ['no-peak', 'seconds of the whole', (n) => withBeats(timed('march', n)), 359, 360],
  [
    'no-peak',
    'seconds of work in the adventure',
    (n) => then(withBeats(timed('march', n)), 'calm', timed('lie-still', 300)),
    89,
    90,
  ],
  ['slot', 'seconds longer than there is time', (n) => slotted(100, timed('march', 100 + n)), 0, 1],
  ['slot', 'seconds short of filling it', (n) => slotted(100, timed('march', 70 - n)), 0, 1],
  ['landings', 'jumps, fives', (n) => withBeats(counted('two-foot-jump', n)), 120, 121],
  ['landings', 'jumps, threes', (n) => forAge(withBeats(counted('two-foot-jump', n)), 3), 60, 61],
  ['landings', 'jumps, sevens', (n) => forAge(withBeats(counted('two-foot-jump', n)), 7), 200, 201],
  ['many-new-moves', 'moves shown', (n) => withBeats(...showing(n)), 20, 21],
  ['many-new-moves', 'for threes', (n) => forAge(withBeats(...showing(n)), 3), 16, 17],
  ['many-new-moves', 'for sevens', (n) => forAge(withBeats(...showing(n)), 7), 24, 25],
  [
    'promised-time',
    'seconds before the drink that was promised',
    (n) =>
      withBeats(timed('march', 90), told('Thirty seconds’ rest, soon.'), timed('march', n), {
        ...rest(30),
      }),
    7,
    8,
  ],
  ['turns-left-out', 'of twelve children that get no turn', (n) => withBeats(inTurn(12 - n)), 6, 7],
  ['turn-twice', 'throws of twelve children', (n) => withBeats(inTurn(n)), 12, 13],
  ['hold-unready', 'seconds', (n) => withBeats(timed('march', 5), follow('stork-stand', n)), 6, 7],
  [
    'dose-for-age',
    'squats: one and a half times twelve',
    (n) => withBeats(counted('squat', n)),
    18,
    19,
  ],
  ['no-rest-place', 'seconds of the whole', (n) => withBeats(timed('march', n)), 599, 600],
  [
    'share-moving',
    'seconds of the whole',
    (n) => withBeats(timed('march', 20), quiet(n - 20)),
    239,
    240,
  ],
  ['never-used', 'seconds of the whole', (n) => withBeats(timed('march', n)), 299, 300],
  [
    'no-cool-down',
    'parts that are hard',
    (n) => withBeats(...many(n, () => timed('burpee', 5))),
    0,
    1,
  ],
  ['talk-in-hard-work', 'words', (n) => withBeats(saidIn('burpee', n, 20)), 10, 11],
  [
    'talk-in-hard-work',
    'words in forty seconds',
    (n) => withBeats(saidIn('burpee', n, 40)),
    20,
    21,
  ],
  [
    'words-outlast-work',
    'seconds',
    (n) => withBeats(saidIn('march', Math.round(((10 + n) * 167) / 60), 10)),
    2,
    3,
  ],
];

describe('a rule speaks beyond its limit, and not at it', () => {
  it.each(LIMITS)('%s: %s', (rule, _what, build, silent, first) => {
    expect(toldBy(build(silent), rule)).toEqual([]);
    expect(toldBy(build(first), rule)).not.toEqual([]);
  });
});

describe('how grave it is', () => {
  const doses = (n: number) => toldBy(withBeats(counted('squat', n)), 'dose-for-age')[0];

  it('a dose is to be mended, and stops the session beyond twice what is bearable', () => {
    // Twelve are usual for fives, and half as many again are bearable.
    expect(doses(36)).toMatchObject({
      severity: 'mend',
      params: { amount: 36, least: 6, most: 12 },
    });
    expect(doses(37)).toMatchObject({ severity: 'stop', params: { amount: 37 } });
  });
});
