/** Lines as teachers write them, and lines that are only told. Common practice, made up for this test. */
import { describe, expect, it } from 'vitest';
import { addBeats } from '../document/edit';
import { parseAdventure } from '../document/parse-adventure';
import { isUnknown } from '../moves/unknown-move';
import { BUILT_IN } from '../moves/move-book';
import { makeMoveFinder } from '../moves/move-finder';
import { countingIds, withBeats } from '../testing/make';
import { beatsFromReading, readingInWords, readQuickLine } from './quick-line';

const tools = { finder: makeMoveFinder(BUILT_IN), ages: { from: 5, to: 5 }, kit: [], book: null };
const read = (line: string) => readQuickLine(line, tools);

const DONE: readonly (readonly [typed: string, understood: string])[] = [
  ['jump like a frog 10 times', 'frog jump, 10 reps'],
  ['jump 10 times like a frog', 'frog jump, 10 reps'],
  [
    'walk like a bear to the wall and back',
    'bear walk step, 9 steps, there and back as usual; to the wall',
  ],
  ['stomp like an elephant 8 times', 'elephant step, 8 steps'],
  ['freeze like a statue for 5 seconds', 'candle shape, 5 second hold'],
  ['run on the spot for half a minute', 'fast feet, 30 seconds'],
  ['a dozen hops each leg', 'hop, 12 reps, each side'],
  ['a couple of squats', 'squat, 2 reps'],
  ['squats x 10 x 3', 'squat, 3 × 10 reps'],
  ['star jumps 10x', 'jumping jack, 10 reps'],
  ['ten starjumps', 'jumping jack, 10 reps'],
  ["let's do 10 squats", 'squat, 10 reps'],
  ['now 10 frog jumps to the pond', 'frog jump, 10 reps; to the pond'],
  ['everyone clap 5 times', 'clap, 5 reps'],
  ['stamp your feet 10 times', 'stamp, 10 reps'],
  ['shrug your shoulders 5 times', 'shoulder shrug, 5 reps'],
  ['tap your knees 8 times', 'knee pat, 8 reps'],
  ['5 big frog jumps', 'frog jump, 5 reps; big'],
  ['jump up and down 10 times', 'two-foot jump, 10 reps; up and down'],
  ['jog around the hall for 1 min', 'jogging step, 60 seconds; around the hall'],
  ['10 frog jumps over the wobbly bridge', 'frog jump, 10 reps; over the wobbly bridge'],
  ['10 squats, 5 star jumps', 'squat, 10 reps; then jumping jack, 5 reps'],
  ['8 hops left leg, 8 hops right leg', 'hop, 8 reps, left side; then hop, 8 reps, right side'],
  ['10 hops R, 10 hops L', 'hop, 10 reps, right side; then hop, 10 reps, left side'],
  ['10 moon walks', 'moon walks (walking step), 10 steps'],
  ['have a drink', 'A drink, 30 s'],
  ['1 minute water break', 'A drink, 1 min'],
  ['45 s on 15 s off: squats, plank', 'A circuit: squat, plank; 1 × (45 s work, 15 s rest)'],
  ['roll a die 6 times: 1 = squats, 2 = hops, 3 = stamps', 'A die: squat, hop, stamp; 6 draws'],
  ['10 gorilla thumps', 'gorilla thumps, 10 reps, a move of your own: nobody knows it yet'],
  ['swim 20 s', 'swim, 20 seconds, a move of your own: nobody knows it yet'],
];

describe('a line as it is written on paper', () => {
  it.each(DONE)('%s', (typed, understood) => {
    expect(readingInWords(read(typed))).toBe(understood);
  });

  it.each([['dice'], ['cards'], ['spinner'], ['calls'], ['roll the dice 6 times']])(
    '%s begins a table to be filled',
    (typed) => {
      expect(read(typed)).toMatchObject({ kind: 'draw', entries: [] });
    },
  );

  it('is never the floor for a part of the body, and keeps the part', () => {
    for (const typed of ['roll your shoulders 5 times', 'roll your hips 10 times']) {
      expect([typed, read(typed).kind]).toEqual([typed, 'tell']);
    }
    expect(readingInWords(read('wobble your arms 5 times'))).toContain('; your arms');
  });

  it('is told where it is a sentence', () => {
    for (const typed of [
      'Ten little lamps are burning',
      'Two by two they cross the bridge',
      'Squats are hard work',
      'Rest now, little lion',
      'Clap your hands!',
      'Stamp your feet, everybody!',
      'Three geese sleep on the wall.',
      'Who wants to jump over the river?',
      'She walks to the tower and back, every night.',
      'Five frogs sat by the pond and sang.',
      'Roll your shoulders, said the heron.',
      'Hands up if you can see the lamp.',
    ]) {
      expect([typed, read(typed).kind]).toEqual([typed, 'tell']);
    }
  });

  it('that names what nobody knows makes a move that is kept with the adventure', () => {
    const beats = beatsFromReading(read('10 gorilla thumps each side: Fists!'), {
      newId: countingIds(),
      seed: 1,
    });
    const adventure = addBeats(withBeats(), 'ch_1', 0, beats);
    expect(adventure.moves.map(({ name }) => name)).toEqual(['gorilla thumps']);
    expect(adventure.moves.every(isUnknown)).toBe(true);
    expect(beats[0]).toMatchObject({
      actions: [{ guise: { name: 'gorilla thumps', line: 'Fists!' }, dose: { sides: 'each' } }],
    });
    expect(parseAdventure(JSON.parse(JSON.stringify(adventure))).ok).toBe(true);
  });
});
