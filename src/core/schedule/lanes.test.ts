import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { changeParts, type Beat } from '../beats';
import { isWork, type Cue, type CueKind } from '../cues/cue';
import { DEFAULT_PACE } from '../cues/pace';
import { sayingsOf } from '../cues/saying';
import { speechSeconds } from '../cues/speech';
import { postureSeconds, TIMINGS } from '../cues/timing';
import type { Adventure } from '../document/adventure';
import { NO_GUISE, type Action } from '../model/action';
import type { LedAsSaid } from '../model/led';
import { CATALOGUE } from '../moves/catalogue';
import { arbitraryAdventure } from '../testing/arbitrary';
import {
  chainBeat,
  circuit,
  doseOf,
  drawBeat,
  moveBeat,
  relayBeat,
  withBeats,
} from '../testing/make';
import { unroll } from './unroll';

const words = (count: number) => Array.from({ length: count }, () => 'reed').join(' ');
const talk = (count: number) => (count * 60) / TIMINGS.wordsPerMinute.usual;
const said = (move: string, guise: Partial<Action['guise']>, amount = 10): Action => ({
  ...doseOf(move, amount),
  guise: { ...NO_GUISE, ...guise },
});
const kindsOf = (...beats: Beat[]) => unroll(withBeats(...beats)).cues.map(({ kind }) => kind);
const secondsOf = (cues: readonly Cue[], ...kinds: CueKind[]) =>
  cues.filter(({ kind }) => kinds.includes(kind)).reduce((sum, c) => sum + c.lengthSeconds, 0);

/** Everything between the work of one move and that of another. */
function leadIn(from: string, to: Action, how: Partial<LedAsSaid> = {}, say = ''): number {
  const { cues } = unroll(
    withBeats(moveBeat([doseOf(from, 5)], { show: 'none' }), moveBeat([to], { say, ...how })),
  );
  const work = cues.flatMap((cue, n) => (isWork(cue) ? [n] : []));
  return cues.slice(work[0]! + 1, work[1]).reduce((sum, cue) => sum + cue.lengthSeconds, 0);
}

describe('the way from one move to the next', () => {
  const move = fc.constantFrom(...CATALOGUE.map(({ id }) => id));
  const postureOf = (id: string) => CATALOGUE.find((one) => one.id === id)!;

  it('takes never more than getting there and explaining together, nor less than the longer', () => {
    fc.assert(
      fc.property(move, move, fc.nat({ max: 60 }), fc.nat({ max: 30 }), (from, to, line, say) => {
        const before = postureOf(from);
        const after = postureOf(to);
        const fetches = after.kit.some((thing) => !before.kit.includes(thing));
        const getting =
          Math.max(TIMINGS.changeOver.usual, postureSeconds(before.posture, after.posture)) +
          (fetches ? TIMINGS.fetchKit.usual : 0);
        const part = said(to, { line: words(line) });
        const explaining = [line, say]
          .map((count) => speechSeconds(words(count), DEFAULT_PACE))
          .reduce((sum, one) => sum + one, 0);
        const length = leadIn(from, part, { show: 'none' }, words(say));
        expect(length).toBeCloseTo(Math.max(getting, explaining), 2);
        expect(length).toBeLessThanOrEqual(getting + explaining + 0.01);
      }),
    );
  });

  it('shows a move that is new, and only then', () => {
    const lunges = said('lunge', { line: words(5) });
    expect(leadIn('squat', lunges)).toBe(TIMINGS.show.usual);
    expect(leadIn('squat', said('lunge', {}))).toBe(TIMINGS.showUnwritten.usual);
    // Where the others have their words, nothing is said to this one.
    const spoken = moveBeat([said('squat', { line: words(5) })], { show: 'none' });
    const bare = moveBeat([doseOf('lunge', 5)]);
    const { cues } = unroll(withBeats(spoken, bare));
    expect(secondsOf(cues, 'show')).toBe(TIMINGS.show.usual);
    // Long words are the showing.
    expect(leadIn('squat', said('lunge', { line: words(60) }))).toBeCloseTo(talk(60), 2);
    // Known already: only its line.
    expect(leadIn('lunge', lunges)).toBeCloseTo(talk(5), 2);
  });

  it('is silent where they follow: the line is said as they do it', () => {
    const lunges = said('lunge', { line: words(8) });
    expect(leadIn('squat', lunges, { led: 'follow me' })).toBe(0);
    expect(leadIn('squat', said('bear-walk', {}), { led: 'follow me' })).toBe(4);
    const { cues } = unroll(withBeats(moveBeat([lunges], { led: 'follow me' })));
    expect(cues.map(({ kind }) => kind)).toEqual(['work']);
    expect(cues[0]!.meanwhile).toMatchObject([{ text: lunges.guise.line, atSeconds: 0 }]);
  });

  it('gives everybody time to get into a hold, unless they follow', () => {
    const hold = doseOf('stork-stand', 5, { unit: 'hold' });
    const into = (how: Partial<LedAsSaid>) => leadIn('squat', hold, { show: 'none', ...how });
    expect(into({})).toBe(TIMINGS.changeOver.usual + TIMINGS.holdReady.usual);
    expect(into({ led: 'follow me' })).toBe(0);
  });
});

describe('how it is led', () => {
  const lunges = () => moveBeat([doseOf('lunge', 8), doseOf('march', 20, { unit: 'seconds' })]);
  const led = (adventure: Adventure, change: Partial<Adventure['defaults']>) =>
    unroll({ ...adventure, defaults: { ...adventure.defaults, ...change } }).cues.map(
      ({ kind }) => kind,
    );

  it('counts in by the clock before timed work, and else only where it is said', () => {
    expect(led(withBeats(lunges()), {})).toEqual(['show', 'work', 'show', 'work']);
    expect(led(withBeats(lunges()), { led: 'by the clock' })).toEqual([
      'show',
      'show',
      'work',
      'change',
      'count-in',
      'work',
    ]);
    expect(led(withBeats(lunges()), { countIn: true })).toEqual([
      'show',
      'count-in',
      'work',
      'show',
      'count-in',
      'work',
    ]);
    expect(led(withBeats({ ...lunges(), countIn: false }), { countIn: true })).not.toContain(
      'count-in',
    );
    expect(led(withBeats({ ...lunges(), led: 'follow me' }), { countIn: true })).toEqual([
      'work',
      'work',
    ]);
  });

  it('is the beat’s word, then the chapter’s, then the adventure’s', () => {
    const adventure = withBeats(lunges());
    const inChapter = {
      ...adventure,
      chapters: adventure.chapters.map((chapter) => ({ ...chapter, led: 'follow me' as const })),
    };
    expect(led(inChapter, { led: 'by the clock' })).toEqual(['work', 'work']);
    const own = {
      ...inChapter,
      chapters: inChapter.chapters.map((chapter) => ({
        ...chapter,
        beats: [{ ...lunges(), led: 'show, then do' as const }],
      })),
    };
    expect(led(own, { led: 'by the clock' })).toEqual(['show', 'work', 'show', 'work']);
  });

  it('nobody counts in before a call, unless it is asked for', () => {
    const calls = (countIn: boolean | null) =>
      unroll({
        ...withBeats(drawBeat(3, { device: { kind: 'calls' }, countIn })),
        defaults: { led: 'show, then do', countIn: true, countInSeconds: 1.8 },
      }).cues.some(({ kind }) => kind === 'count-in');
    expect(calls(null)).toBe(false);
    expect(calls(true)).toBe(true);
  });
});

describe('words said meanwhile', () => {
  const HOLDERS: readonly (readonly [string, (words: string) => Beat])[] = [
    ['a move', (meanwhile) => moveBeat([said('squat', { meanwhile })])],
    [
      'a hold',
      (meanwhile) =>
        moveBeat([
          { ...said('plank', { meanwhile }), dose: doseOf('x', 8, { unit: 'hold' }).dose },
        ]),
    ],
    [
      'a station',
      (meanwhile) => {
        const beat = circuit(2);
        const [first, ...others] = beat.stations;
        return { ...beat, stations: [{ ...first!, guise: { ...NO_GUISE, meanwhile } }, ...others] };
      },
    ],
    ['a draw', (meanwhile) => drawBeat(3, { meanwhile })],
    [
      'a link',
      (meanwhile) =>
        changeParts(chainBeat(['squat']), (part) => ({
          ...part,
          guise: { ...NO_GUISE, meanwhile },
        })),
    ],
    [
      'a relay',
      (meanwhile) => ({
        ...relayBeat('walk'),
        travel: { id: 'st_r', move: 'walk', also: [], guise: { ...NO_GUISE, meanwhile } },
      }),
    ],
    ['a drink', (text) => ({ kind: 'drink', id: 'bt_d', text, seconds: 20 })],
    [
      'what is set out',
      (text) => ({
        kind: 'setup',
        id: 'bt_s',
        what: 'set out',
        things: ['4 cones'],
        helper: false,
        text,
        seconds: 20,
      }),
    ],
  ];

  it.each(HOLDERS)('to %s take no time of their own, and stand in the second lane', (_, make) => {
    const silent = unroll(withBeats(make('')));
    const spoken = unroll(withBeats(make(words(8))));
    const plain = (cues: readonly Cue[]) =>
      cues.map(({ kind, startSeconds, lengthSeconds }) => [kind, startSeconds, lengthSeconds]);
    expect(plain(spoken.cues)).toEqual(plain(silent.cues));
    const lane = sayingsOf(spoken.cues, DEFAULT_PACE).filter(({ when }) => when === 'while');
    expect(lane.map(({ text }) => text).join(' ')).toBe(words(8));
    expect(lane[0]!.lengthSeconds).toBeCloseTo(talk(8), 3);
  });

  it.each(HOLDERS)('to %s stretch the plan by what sticks out, and by no more', (_, make) => {
    const silent = unroll(withBeats(make('')));
    const spoken = unroll(withBeats(make(words(400))));
    const over = spoken.cues.filter(({ sticksOut }) => sticksOut);
    expect(over).toHaveLength(1);
    expect(spoken.totalSeconds).toBeCloseTo(silent.totalSeconds + over[0]!.lengthSeconds, 2);
    const during = spoken.cues
      .flatMap(({ meanwhile }) => meanwhile)
      .reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
    expect(during + over[0]!.lengthSeconds).toBeCloseTo(talk(400), 2);
  });

  it('never move the work of any adventure: only what sticks out takes time', () => {
    const without = (adventure: Adventure): Adventure => ({
      ...adventure,
      chapters: adventure.chapters.map((chapter) => ({
        ...chapter,
        beats: chapter.beats.map((beat) => {
          const quiet = changeParts(beat, (part) => ({
            ...part,
            guise: { ...part.guise, meanwhile: '' },
          }));
          if (quiet.kind === 'drink' || quiet.kind === 'setup') return { ...quiet, text: '' };
          return quiet.kind === 'draw' ? { ...quiet, meanwhile: '' } : quiet;
        }),
      })),
    });
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        const [spoken, silent] = [unroll(any), unroll(without(any))];
        const work = ({ cues }: typeof spoken) =>
          cues.filter(isWork).map(({ lengthSeconds, doing, reps }) => [lengthSeconds, doing, reps]);
        expect(work(spoken)).toEqual(work(silent));
        const over = spoken.cues.filter(({ sticksOut }) => sticksOut);
        const said = over.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
        // What sticks out is talk in which the next thing is got to: it may save that.
        expect(spoken.totalSeconds).toBeLessThanOrEqual(silent.totalSeconds + said + 0.01);
        if (over.length === 0) {
          expect(spoken.totalSeconds - silent.totalSeconds).toBeLessThanOrEqual(0.01);
        }
      }),
    );
  });

  it('leave no word out, in whatever lane it is said', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        const { cues } = unroll(any);
        const { length } = sayingsOf(cues, DEFAULT_PACE).filter(({ text }) => !text.trim());
        expect(length).toBe(0);
        for (const one of sayingsOf(cues, DEFAULT_PACE)) {
          expect(one.lengthSeconds).toBeGreaterThanOrEqual(0);
          expect(one.startSeconds).toBeGreaterThanOrEqual(0);
        }
      }),
    );
  });
});

describe('a draw', () => {
  const die = { kind: 'spinner' } as const;
  const draws = (given: Parameters<typeof drawBeat>[1]) =>
    unroll(withBeats(drawBeat(3, { device: die, ...given }))).cues;

  // docs/facts.md, "Timing as recorded".
  it.each([
    ['presenter', 2, 4],
    ['child', 9, 15],
  ] as const)('thrown by a %s takes %i to %i s', (thrower, least, most) => {
    const throws = draws({ rules: { thrower } }).filter(({ kind }) => kind === 'draw');
    expect(throws).toHaveLength(10);
    for (const { lengthSeconds } of throws) {
      expect(lengthSeconds).toBeGreaterThanOrEqual(least);
      expect(lengthSeconds).toBeLessThanOrEqual(most);
    }
  });

  it('with a sum to do takes a child about twenty-five seconds', () => {
    const amount = { from: 'number die', sides: 6, dice: 1, plus: 0, least: 3, most: 20 } as const;
    const cues = draws({ amount: { ...amount, times: 2, ask: true }, rules: { thrower: 'child' } });
    expect(secondsOf(cues, 'draw', 'ask') / 10).toBeCloseTo(25, 6);
  });

  it('of a number is a throw, though the move is only called', () => {
    const amount = { from: 'number die', sides: 6, dice: 1, plus: 0, least: 3, most: 20 } as const;
    const calls = (from: Parameters<typeof drawBeat>[1]) =>
      secondsOf(draws({ device: { kind: 'calls' }, ...from }), 'draw');
    expect(calls({})).toBe(10 * TIMINGS.readOut.usual);
    expect(calls({ amount: { ...amount, times: 1, ask: false } })).toBe(
      10 * TIMINGS.presenterThrow.usual,
    );
  });

  it('goes at the presenter’s own pace where that is known', () => {
    const beat = drawBeat(3, { device: die });
    const pace = { ...DEFAULT_PACE, throwSeconds: 6, changeSeconds: 0 };
    const { cues } = unroll(withBeats(beat), undefined, pace);
    expect(secondsOf(cues, 'draw')).toBe(60);
  });

  it('says a line in full the first time, and the name after that', () => {
    const beat = drawBeat(1, { device: die });
    const entries = beat.entries.map((entry) => ({
      ...entry,
      action: { ...entry.action, guise: { ...NO_GUISE, line: words(9), meanwhile: 'Once.' } },
    }));
    const { cues } = unroll(withBeats({ ...beat, entries }));
    expect(cues.filter(({ text }) => text === words(9))).toHaveLength(1);
    expect(cues.filter(({ meanwhile }) => meanwhile.length > 0)).toHaveLength(1);
  });

  it('begins its work at the read-out: getting there passes under the throw', () => {
    expect(kindsOf(drawBeat(['squat', 'lunge'], { device: die }))).not.toContain('change');
  });
});
