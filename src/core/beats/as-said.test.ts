import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryDose } from '../testing/arbitrary';
import { countingIds, doseOf, moveBeat } from '../testing/make';
import { BUILT_IN } from '../moves/move-book';
import { makeMoveFinder } from '../moves/move-finder';
import type { Beat } from '.';
import { lineOfBeat } from './lines';
import { beatsFromReading, readingInWords, readQuickLine } from './quick-line';

const tools = {
  finder: makeMoveFinder(BUILT_IN),
  ages: { from: 4, to: 6 },
  kit: [],
  book: null,
};
const made = (line: string): Beat =>
  beatsFromReading(readQuickLine(line, tools), { newId: countingIds(), seed: 1 })[0]!;

/** What teachers type, and how it is read back. */
const LINES: readonly (readonly [typed: string, understood: string])[] = [
  // Amounts.
  ['plank fours 20 s, fives 40 s, sixes 60 s', 'plank, hold: fours 20 s, fives 40 s, sixes 60 s'],
  [
    'hold plank: fours 20 s, fives 40 s and sixes 60 s',
    'plank, hold: fours 20 s, fives 40 s, sixes 60 s',
  ],
  ['15-20 s plank', 'plank, 15 to 20 second hold'],
  ['3 x 8 to 10 squats', 'squat, 3 × 8 to 10 reps'],
  ['squats 6-8-10', 'squat, 6, 8, 10 reps'],
  ['hold plank 30 s as long as you can', 'plank, as long as you can (about 30 second hold)'],
  ['squats as many as you like', 'squat, as many as you like (about 6 reps) as usual'],
  ['10 squats, once more if you like', 'squat, once more if you like (about 10 reps)'],
  ['march 20 steps, the bigger ones on one foot', 'march, 20 steps; the bigger ones on one foot'],
  ['the bigger ones: 10 hops', 'hop, 10 reps; the bigger ones only'],
  ['10 squats (right down to the reeds)', 'squat, 10 reps; right down to the reeds'],
  ['star jumps (10)', 'star jumps (jumping jack), 10 reps'],
  // Tempo.
  ['10 squats slow, then usual, then fast', 'squat, 3 × 10 reps, slowly, then as usual, then fast'],
  ['march 20 steps at 120', 'march, 20 steps, at 120 a minute'],
  ['march 30 s at 96 bpm', 'march, 30 seconds, at 96 a minute'],
  ['10 squats getting faster', 'squat, 10 reps, faster and faster'],
  // Several at once.
  ['jog and slow turn 20 s', 'jog and slow turn (jogging step and slow turn), 20 seconds'],
  ['march and clap 20 steps', 'march and clap, 20 steps'],
  // Directions, and sides that are not legs.
  ['10 arm circles forwards and back', 'arm circle, 10 reps, forwards, then back'],
  ['arm circles 10 forwards, 10 backwards', 'arm circle, 10 reps, forwards, then back'],
  ['10 arm circles each way', 'arm circle, 10 reps, one way, then the other way'],
  ['bear walk 10 steps each way', 'bear walk (bear walk step), 10 steps, there and back'],
  ['8 side steps each way', 'side step, 8 steps, each side'],
  ['4 slow turns left then right', 'slow turn, 4 reps, each side'],
  ['8 arm circles one arm then the other', 'arm circle, 8 reps, each side'],
  ['hop 8 times, then swap legs', 'hop, 8 reps, each side'],
  // For home, and a leader's go.
  ['squats 2, at home 3 x 10', 'squat, 2 reps; at home 3 × 10 reps'],
  [
    'hold plank 3 s, at home fours 10 s, fives 20 s',
    'plank, 3 second hold; at home hold: fours 10 s, fives 20 s',
  ],
  ['my go, then yours: 5 squats', 'squat, 5 reps; my go, then yours'],
  // The story between the sets.
  [
    '10, 15, 20 hops between “The second lamp.” / “The last lamp.”',
    'hop, 10, 15, 20 reps; between the sets “The second lamp.”; between the sets “The last lamp.”',
  ],
  // Circuits, chains, relays.
  [
    'circuit 1 round 30 s rest 10, 5 points for the edge, 1 point for a tap, in teams: squats, plank',
    'A circuit: squat, plank; 1 × (30 s work, 10 s rest); 5 points for the edge; 1 point for a tap; in teams',
  ],
  [
    'circuit 2 rounds 45 s rest 15, round 2 30 s rest 10, shown in the rest: squats, plank',
    'A circuit: squat, plank; 2 × (45 s work, 15 s rest); round 2: 30 s work, 10 s rest; shown in the rest',
  ],
  [
    'chain 2 at a time, with the hands, the elbows, performed slow, then fast: tall reach + squat, hop',
    'A growing chain: tall reach + squat, hop; 2 at a time; with hands, elbows; performed slowly, then fast',
  ],
  ['chain not performed: squats, hops', 'A growing chain: squat, hop; not performed'],
  [
    'sort 12 socks 4 m, in 60 s, start over if one is missed: walk',
    'A relay: 12 socks, one at a time, 4 m there and back, all at once, in 60 s, start over if one is missed; walk (walking step)',
  ],
  [
    'list 5 s each: squats, hops',
    'A list in order: squat, hop; 2 draws; 5 s each, one straight after the other',
  ],
  // Checks of the body.
  [
    'Hands on your heart: quick or slow?',
    'A check: how are their bodies? A drink, a rest or less is a key away',
  ],
  [
    'Check: who needs a sip?',
    'A check: how are their bodies? A drink, a rest or less is a key away',
  ],
];

describe('a line as it is said', () => {
  it.each(LINES)('%s', (typed, understood) => {
    expect(readingInWords(readQuickLine(typed, tools))).toBe(understood);
  });

  it.each(LINES.filter(([typed]) => !typed.endsWith('?')))(
    'written out and read again is the same: %s',
    (typed) => {
      const line = lineOfBeat(made(typed), BUILT_IN)!;
      expect(made(line)).toEqual(made(typed));
    },
  );

  it.each([
    ['Fetch the letters: they are wet!'],
    ['Thumbs up for Nettie.'],
    ['The bigger ones: are you ready?'],
    ['At home, walk three steps with a sock on your head.'],
    ['As long as you can see the lamp, all is well.'],
  ])('is only said: %s', (typed) => {
    expect(made(typed)).toMatchObject({ kind: 'tell', text: typed });
  });

  it('keeps every field of a dose, whatever it is', () => {
    fc.assert(
      fc.property(arbitraryDose, fc.option(arbitraryDose), (dose, home) => {
        const squats = { ...doseOf('squat', 1), dose, home };
        const line = lineOfBeat(moveBeat([squats]), BUILT_IN)!;
        const beat = made(line);
        expect(beat).toMatchObject({ kind: 'move', actions: [{ dose, home }] });
      }),
      { numRuns: 300 },
    );
  });
});
