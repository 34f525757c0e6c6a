import { describe, expect, it } from 'vitest';
import type { Beat } from '.';
import type { Cue } from '../cues/cue';
import { unroll } from '../schedule/unroll';
import {
  chainBeat,
  circuit,
  doseOf,
  drawBeat,
  echoBeat,
  moveBeat,
  relayBeat,
  withBeats,
} from '../testing/make';

/*
 * One full table of cues for each kind of beat, for fives, worked out by hand from the constants in
 * cues/timing.ts (docs/facts.md, "Timing as recorded"): 167 words a minute, 0.8 s for the shortest line,
 * 4 s to show what has words and 12.7 s what has none, 1.5 s from move to move, 4 s to the floor, 5 s to
 * lie down, 2 s into a hold, 2 s to swap legs, 1 s to turn; a squat takes 1.6 s, a march 0.6, a hop 0.8,
 * and a step of a bear 1 s for 0.35 m.
 */
const tell = (cue: Cue): string => {
  const { doing } = cue;
  const side = doing && doing.side !== 'any' ? ` ${doing.side}` : '';
  return `${cue.startSeconds} ${cue.kind} ${cue.lengthSeconds}${doing ? ` ${doing.move}${side}` : ''}`;
};
const tableOf = (...beats: readonly Beat[]) => unroll(withBeats(...beats)).cues.map(tell);

describe('the cues of a beat, one by one', () => {
  it('tell: six words, a question with its wait, and the shortest line', () => {
    expect(
      tableOf(
        // 6 x 60 / 167
        { kind: 'tell', id: 'bt_1', text: 'Good day, post carriers of Lanternfen!' },
        // 3 x 60 / 167, and 3 s
        { kind: 'tell', id: 'bt_2', text: 'Who is ready?', waitSeconds: 3 },
        // One word would be 0.36 s.
        { kind: 'tell', id: 'bt_3', text: 'Off!' },
      ),
    ).toEqual(['0 say 2.156', '2.156 ask 4.078', '6.234 say 0.8']);
  });

  it('move: sets with a rest, both legs, into a hold, there and back again', () => {
    const beat = moveBeat(
      [
        doseOf('squat', 10, { amounts: [10, 6], restSeconds: 12 }),
        doseOf('hop', 4, { sides: 'each' }),
        doseOf('plank', 15, { unit: 'hold' }),
        doseOf('bear-walk', 6, { unit: 'metres', ways: 2 }),
      ],
      { say: 'Now the bridge.', led: 'show, then do', show: 'first' },
    );
    expect(tableOf(beat)).toEqual([
      '0 say 1.078',
      // What was said is part of the four seconds in which the first is shown.
      '1.078 show 2.922 squat',
      '4 show 4 hop left',
      '8 show 4 plank',
      '12 show 4 bear-walk',
      // It was long ago that anybody did anything: nobody has to get anywhere.
      '16 work 16 squat',
      '32 rest 12 squat',
      '44 work 9.6 squat',
      '53.6 change 1.5 hop left',
      '55.1 work 3.2 hop left',
      '58.3 swap 2 hop right',
      '60.3 work 3.2 hop right',
      // 4 s down, 2 s into the hold.
      '63.5 change 6 plank',
      '69.5 hold 15 plank',
      '84.5 change 1.5 bear-walk',
      // 6 m in steps of 0.35 m
      '86 work 17.143 bear-walk',
      '103.143 swap 1 bear-walk',
      '104.143 work 17.143 bear-walk',
    ]);
  });

  it('move, in rounds, with nothing written to say', () => {
    const beat = moveBeat([doseOf('squat', 5), doseOf('march', 10)], {
      rounds: 2,
      restBetweenRoundsSeconds: 20,
    });
    expect(tableOf(beat)).toEqual([
      '0 show 12.7 squat',
      '12.7 work 8 squat',
      '20.7 show 12.7 march',
      '33.4 work 6 march',
      '39.4 rest 20',
      '59.4 work 8 squat',
      '67.4 change 1.5 march',
      '68.9 work 6 march',
    ]);
  });

  it('move, where they follow: no stop', () => {
    const beat = moveBeat([doseOf('squat', 10), doseOf('march', 20, { unit: 'seconds' })], {
      led: 'follow me',
    });
    expect(tableOf(beat)).toEqual(['0 work 16 squat', '16 work 20 march']);
  });

  it('move: up from the floor, and down again to lie', () => {
    const beat = moveBeat([doseOf('bear-walk', 5), doseOf('squat', 5), doseOf('sit-up', 2)], {
      show: 'none',
    });
    const changes = tableOf(beat).filter((cue) => cue.includes('change'));
    // Nobody has worked before the first, so only the way to the floor counts.
    expect(changes.map((cue) => cue.split(' ').slice(1).join(' '))).toEqual([
      'change 4 bear-walk',
      'change 4 squat',
      'change 5 sit-up',
    ]);
  });

  it('move, half at a time: the others wait, and a child is counted once', () => {
    const squats = doseOf('squat', 5, { atOnce: 'half' });
    const { cues, totals } = unroll(withBeats(moveBeat([squats], { show: 'none' })));
    // Three seconds until the next are ready.
    expect(cues.map(tell)).toEqual(['0 work 8 squat', '8 change 3 squat', '11 work 8 squat']);
    expect(cues.map(({ doing }) => doing?.go)).toEqual([
      { n: 1, of: 2 },
      { n: 2, of: 2 },
      { n: 2, of: 2 },
    ]);
    expect(totals.all).toMatchObject({ seconds: 19, workSeconds: 8, reps: 5 });
    expect(totals.all.effortSeconds).toEqual([8, 3, 0, 8, 0]);
  });

  it('move, five at a time: twelve children are three goes, in every set', () => {
    const hops = doseOf('hop', 4, { atOnce: 5, amounts: [4, 4], restSeconds: 10 });
    expect(tableOf(moveBeat([hops], { show: 'none' }))).toEqual([
      '0 work 3.2 hop',
      '3.2 change 3 hop',
      '6.2 work 3.2 hop',
      '9.4 change 3 hop',
      '12.4 work 3.2 hop',
      '15.6 rest 10 hop',
      '25.6 work 3.2 hop',
      '28.8 change 3 hop',
      '31.8 work 3.2 hop',
      '35 change 3 hop',
      '38 work 3.2 hop',
    ]);
  });

  it('circuit: counted in, both legs in halves, a drink in the place of a rest', () => {
    const beat = circuit(['squat', 'lunge', 'plank'], {
      say: 'Three lamps.',
      rounds: 2,
      drinkBetweenRoundsSeconds: 30,
    });
    expect(tableOf(beat)).toEqual([
      // Two words are shorter than the shortest line.
      '0 say 0.8',
      '0.8 count-in 1.8 squat',
      '2.6 work 30 squat',
      '32.6 rest 15 lunge',
      '47.6 work 15 lunge left',
      '62.6 work 15 lunge right',
      '77.6 rest 15 plank',
      '92.6 work 30 plank',
      '122.6 drink 30 squat',
      '152.6 work 30 squat',
      '182.6 rest 15 lunge',
      '197.6 work 15 lunge left',
      '212.6 work 15 lunge right',
      '227.6 rest 15 plank',
      '242.6 work 30 plank',
    ]);
  });

  it('draw: three seconds a throw, and the work; getting to the next goes on meanwhile', () => {
    const beat = drawBeat(['squat', 'march'], {
      rules: { returns: 'in order', stop: { after: 'draws', draws: 3 } },
    });
    expect(tableOf(beat)).toEqual([
      '0 draw 2 squat',
      '2 work 8 squat',
      '10 draw 2 march',
      '12 work 3 march',
      '15 draw 2 squat',
      '17 work 8 squat',
    ]);
  });

  it('chain: each time one link more, from the first on', () => {
    expect(tableOf(chainBeat(['squat', 'march', 'hop']))).toEqual([
      '0 work 3.2 squat',
      '3.2 change 1.5 squat',
      '4.7 work 3.2 squat',
      '7.9 work 1.2 march',
      '9.1 change 1.5 squat',
      '10.6 work 3.2 squat',
      '13.8 work 1.2 march',
      '15 work 1.6 hop',
    ]);
  });

  it('echo: four beats at 120 a minute are two seconds, said and done, twice', () => {
    const beat = echoBeat(['clap', 'march'], { echo: true, times: 2 });
    const once = [
      [0, 'show', 'clap'],
      [2, 'work', 'clap'],
      [4, 'show', 'march'],
      [6, 'work', 'march'],
    ] as const;
    const again = [0, 8].flatMap((later) =>
      once.map(([at, kind, move]) => `${at + later} ${kind} 2 ${move}`),
    );
    expect(tableOf(beat)).toEqual(again);
  });

  it('drink and set-up: as long as they say', () => {
    expect(
      tableOf(
        { kind: 'drink', id: 'bt_d', text: 'Sip.', seconds: 30 },
        {
          kind: 'setup',
          id: 'bt_s',
          what: 'set out',
          text: 'Cones out.',
          things: [],
          helper: false,
          seconds: 40,
        },
      ),
    ).toEqual(['0 drink 30', '30 setup 40']);
  });

  it('relay: one trip each, there and back at a jog, picking up and putting down', () => {
    // Twelve children and letters: 2 x 5 m at 0.6 m in 0.4 s, and twice a second, in whole seconds.
    expect(tableOf(relayBeat('jog'))).toEqual(['0 work 9 jog']);
    // Twice as many letters are two trips each: 2 x 8.667 s.
    expect(tableOf(relayBeat('jog', { things: 24 }))).toEqual(['0 work 18 jog']);
  });
});
