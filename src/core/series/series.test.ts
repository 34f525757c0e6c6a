import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { parseDocument } from '../model/document-kind';
import { idsInOrder } from '../model/new-id';
import { BUILT_IN } from '../moves/move-book';
import { demoAdventure } from '../testing/shelf-of-examples';
import { FIRST_DAY, ledOn, rowOf, seriesOf, sumsOf } from '../testing/make-series';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { daysBetween, laterBy } from './days';
import {
  addGaps,
  changeSession,
  moveContents,
  newSession,
  removeSession,
  shiftFrom,
} from './edit-series';
import { withLed } from './led-in';
import { SERIES, type Series } from './series';
import { SKILLS, skillOf } from './skills';
import { ledSums, movingSeconds } from './sums';

const letter = demoAdventure('late-letter');
const ferry = demoAdventure('ferry-die');
const lamps = demoAdventure('six-lamps');
const days = ({ sessions }: Series) => sessions.map(({ day }) => day);
const ids = ({ sessions }: Series) => sessions.map(({ adventureId }) => adventureId);

describe('fundamental skills', () => {
  it('are practised by moves that there are, each move by one', () => {
    const all = SKILLS.flatMap(({ moves }) => moves);
    expect(all.filter((id) => !BUILT_IN.has(id))).toEqual([]);
    expect(new Set(all).size).toBe(all.length);
  });

  it('has those of the published test, and the order in which they come', () => {
    // Test of Gross Motor Development, 3rd edition (Ulrich, 2019): docs/facts.md.
    const has = (id: string) => skillOf(BUILT_IN.get(id)!)?.id;
    expect(['jog', 'gallop', 'hop', 'skip', 'broad-jump', 'side-step'].map(has)).toEqual([
      'running',
      'galloping',
      'hopping',
      'skipping',
      'jumping',
      'sliding',
    ]);
    expect(['bat-tap', 'dribble', 'kick', 'overarm-throw', 'underarm-throw'].map(has)).toEqual([
      'striking',
      'bouncing',
      'kicking',
      'overarm',
      'underarm',
    ]);
    // Skipping settles last of the ways of travelling.
    expect(SKILLS.filter(({ family }) => family === 'travelling').at(-1)!.id).toBe('skipping');
  });
});

describe('what one session comes to', () => {
  it('is the time of its cues: each level of effort, one child’s work by move and side', () => {
    const script = withBeats(
      moveBeat([doseOf('hop', 10, { sides: 'each' }), doseOf('underarm-throw', 6)]),
    );
    const sums = sumsOf(script);
    expect(sums.effortSeconds.reduce((a, b) => a + b, 0)).toBeCloseTo(sums.seconds, 6);
    expect(sums.leftSeconds).toBeGreaterThan(0);
    expect(sums.leftSeconds).toBeCloseTo(sums.moves.hop! / 2, 6);
    expect(sums.rightSeconds).toBeCloseTo(sums.leftSeconds, 6);
    expect(sums.skills.hopping).toBeCloseTo(sums.moves.hop!, 6);
    expect(sums.skills.underarm).toBeCloseTo(sums.moves['underarm-throw']!, 6);
    expect(sums.most).toEqual({ hop: 10, 'underarm-throw': 6 });
    expect(sums.numbers).toEqual([6, 10]);
    expect(movingSeconds(sums)).toBeLessThan(sums.seconds);
  });

  it('led as planned, comes to what was planned', () => {
    for (const adventure of [letter, lamps]) {
      const planned = sumsOf(adventure);
      const led = ledSums(ledOn(adventure, FIRST_DAY), BUILT_IN, planned);
      expect(led.seconds).toBeCloseTo(planned.seconds, 3);
      for (const key of ['moves', 'skills', 'regions'] as const) {
        expect(Object.keys(led[key]).sort()).toEqual(Object.keys(planned[key]).sort());
        for (const [name, value] of Object.entries(planned[key]))
          expect(led[key][name]).toBeCloseTo(value, 3);
      }
      expect(led.leftSeconds).toBeCloseTo(planned.leftSeconds, 3);
      led.effortSeconds.forEach((value, n) =>
        expect(value).toBeCloseTo(planned.effortSeconds[n]!, 3),
      );
    }
  });
});

describe('days', () => {
  it('are counted by the calendar, whatever the clocks do', () => {
    // Clocks go on in March and back in October in Europe, on other days in America.
    expect(laterBy('2027-03-27', 7)).toBe('2027-04-03');
    expect(laterBy('2027-10-30', 7)).toBe('2027-11-06');
    expect(laterBy('2028-02-28', 1)).toBe('2028-02-29');
    fc.assert(
      fc.property(fc.integer({ min: -400, max: 4000 }), (n) => {
        expect(daysBetween(FIRST_DAY, laterBy(FIRST_DAY, n))).toBe(n);
      }),
    );
    expect(() => laterBy('2027-02-30', 1)).toThrow(RangeError);
  });
});

describe('a series is changed', () => {
  const newId = idsInOrder('x');

  it('by more gaps, week by week after the last', () => {
    const more = addGaps(seriesOf([letter]), 3, '2020-01-01', newId);
    expect(days(more)).toEqual(['2027-03-02', '2027-03-09', '2027-03-16', '2027-03-23']);
    expect(days(addGaps(seriesOf([]), 2, '2027-05-04', newId))).toEqual([
      '2027-05-04',
      '2027-05-11',
    ]);
  });

  it('by another day, which calendars are told; by words, which they are not', () => {
    const series = seriesOf([letter, ferry]);
    const [first] = series.sessions;
    const moved = changeSession(series, first!.id, { day: '2027-03-12' });
    expect(days(moved)).toEqual(['2027-03-09', '2027-03-12']);
    expect(moved.sessions[1]!.sequence).toBe(1);
    const worded = changeSession(series, first!.id, { nextTime: 'more light' });
    expect(worded.sessions[0]!.sequence).toBe(0);
    expect(changeSession(series, first!.id, { fallsOut: 'snow' }).sessions[0]!.sequence).toBe(1);
  });

  it('by taking what stands on one day to another; what was led and what falls out stays', () => {
    const led = { runId: 'run_1', startedAt: '2027-03-02T09:30:00.000Z', sums: sumsOf(letter) };
    const series = seriesOf([letter, ferry, null, lamps, letter], {}, (n) => ({
      ...(n === 0 ? { led: { ...led, debrief: null } } : {}),
      ...(n === 2 ? { fallsOut: 'half term' } : {}),
    }));
    const moved = moveContents(series, 4, 1);
    expect(ids(moved)).toEqual([letter.id, letter.id, null, ferry.id, lamps.id]);
    expect(days(moved)).toEqual(days(series));
    expect(moveContents(series, 0, 3)).toBe(series);
    expect(moveContents(series, 3, 2)).toBe(series);
  });

  it('by taking one out, which a calendar hears of, and by putting the rest later', () => {
    const series = seriesOf([letter, ferry, lamps]);
    const gone = removeSession(series, series.sessions[1]!.id);
    expect(ids(gone)).toEqual([letter.id, lamps.id]);
    expect(gone.removed).toMatchObject([{ id: series.sessions[1]!.id, sequence: 1 }]);
    const later = shiftFrom(series, series.sessions[1]!.id, 7);
    expect(days(later)).toEqual(['2027-03-02', '2027-03-16', '2027-03-23']);
  });

  it('and always stays a series that can be read again', () => {
    const step = fc.record({
      what: fc.constantFrom('gap', 'move', 'remove', 'shift', 'out', 'fill'),
      at: fc.nat(9),
      to: fc.nat(9),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 20 }), (steps) => {
        const fresh = idsInOrder('p');
        let series = seriesOf([letter, null, ferry]);
        for (const { what, at, to } of steps) {
          const id = series.sessions[at % Math.max(1, series.sessions.length)]?.id ?? 'ses_0';
          if (what === 'gap') series = addGaps(series, (to % 3) + 1, FIRST_DAY, fresh);
          if (what === 'move') series = moveContents(series, at, to);
          if (what === 'remove') series = removeSession(series, id);
          if (what === 'shift') series = shiftFrom(series, id, to);
          if (what === 'out') series = changeSession(series, id, { fallsOut: to % 2 ? 'ill' : '' });
          if (what === 'fill') series = changeSession(series, id, { adventureId: lamps.id });
        }
        expect(days(series)).toEqual([...days(series)].sort());
        expect(parseDocument(SERIES, series)).toEqual({ ok: true, value: series });
      }),
    );
  });
});

describe('led sessions come in from the Logbook', () => {
  const dayOf = (iso: string) => iso.slice(0, 10);
  const bookOf = () => BUILT_IN;
  const ledIn = (series: Series, ...runs: Parameters<typeof withLed>[1]) =>
    withLed(series, runs, bookOf, dayOf);

  it('to the session of their adventure that is nearest, or a gap on the very day', () => {
    const series = seriesOf([letter, null, letter]);
    const one = ledIn(series, ledOn(letter, '2027-03-15'), ledOn(ferry, '2027-03-09'));
    expect(one.sessions.map(({ led }) => led?.runId)).toEqual([
      undefined,
      'run_2027-03-09',
      'run_2027-03-15',
    ]);
    expect(ids(one)[1]).toBe(ferry.id);
  });

  it('each once, and no rehearsal, nothing broken off, nothing from another week', () => {
    const series = seriesOf([letter]);
    const broken = ledOn(letter, FIRST_DAY);
    for (const run of [
      ledOn(letter, FIRST_DAY, { speed: 4 }),
      { ...broken, leading: { ...broken.leading, done: false } },
      ledOn(letter, '2027-03-06'),
      ledOn(ferry, FIRST_DAY),
    ])
      expect(ledIn(series, run)).toBe(series);
    const first = ledIn(series, ledOn(letter, FIRST_DAY));
    expect(ledIn(first, ledOn(letter, FIRST_DAY))).toBe(first);
    // The run that is there stays, with its numbers, when its log is deleted.
    expect(ledIn(first, ledOn(letter, '2027-03-03'))).toBe(first);
    expect(first.sessions[0]!.led!.sums.seconds).toBeGreaterThan(300);
  });

  it('with what was to be learned, as it was planned', () => {
    const series = seriesOf([letter]);
    const sums = { ...sumsOf(letter), letters: ['L', 'T'], words: ['wharf'] };
    const [session] = series.sessions;
    const learning = (kept: Series['sessions'][number]['kept']) => {
      const planned = { ...series, sessions: [{ ...session!, kept }] };
      const { letters, words } = ledIn(planned, ledOn(letter, FIRST_DAY)).sessions[0]!.led!.sums;
      return { letters, words };
    };
    expect(learning({ title: 'The letter', sums })).toEqual({
      letters: ['L', 'T'],
      words: ['wharf'],
    });
    expect(learning(null)).toEqual({ letters: [], words: [] });
  });

  it('with what was said of them afterwards, whenever that was', () => {
    const debrief = { length: null, effort: 'too hard', next: null } as const;
    const first = ledIn(seriesOf([letter]), ledOn(letter, FIRST_DAY));
    expect(first.sessions[0]!.led!.debrief).toBeNull();
    const then = ledIn(first, ledOn(letter, FIRST_DAY, { debrief }));
    expect(then.sessions[0]!.led!.debrief).toEqual(debrief);
  });
});

it('a new session is a gap on its day', () => {
  const session = newSession(idsInOrder('y'), FIRST_DAY, '09:30');
  const row = rowOf({ ...seriesOf([]), sessions: [session] }, []);
  expect(row.covered).toEqual([
    { id: session.id, day: FIRST_DAY, title: '', planned: null, led: null },
  ]);
});
