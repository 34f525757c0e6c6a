/** Lines as teachers write them, and lines that are only told. Common practice, made up for this test. */
import { describe, expect, it } from 'vitest';
import { addBeats } from '../document/edit';
import { parseAdventure } from '../document/parse-adventure';
import { isUnknown } from '../moves/unknown-move';
import { isSlip } from '../language/spelling';
import { countingIds, withBeats } from '../testing/make';
import { beatsFromReading, readingInWords, readQuickLine } from './quick-line';
import { FOR_FIVES } from '../testing/line-tools';

const read = (line: string) => readQuickLine(line, FOR_FIVES);

describe('a line as it is written on paper', () => {
  it.each([['dice'], ['cards'], ['spinner'], ['calls'], ['roll the dice 6 times']])(
    '%s begins a table to be filled',
    (typed) => {
      expect(read(typed)).toMatchObject({ kind: 'draw', entries: [] });
    },
  );

  it('is never the floor for a part of the body, and keeps the part', () => {
    for (const typed of [
      'roll your shoulders 5 times',
      'roll your hips 10 times',
      'roll your eyes 5 times',
    ]) {
      expect([typed, readingInWords(read(typed))]).not.toContain('log roll');
    }
    expect(readingInWords(read('wobble your arms 5 times'))).toContain('your arms');
  });

  it('that asks or calls is said first, and then done', () => {
    expect(read('Can you do 5 star jumps?')).toMatchObject({
      kind: 'move',
      actions: [{ guise: { name: 'star jumps', line: 'Can you do 5 star jumps?' } }],
    });
    expect(read('March with me, soldiers!')).toMatchObject({
      kind: 'move',
      actions: [{ move: { id: 'march' }, guise: { line: 'March with me, soldiers!' } }],
    });
    expect(read('Who can hop?').kind).toBe('tell');
  });

  it('forgives slips of spelling, and takes no other word for one', () => {
    expect(read('sqats x 5')).toMatchObject({ actions: [{ move: { id: 'squat' } }] });
    expect(read('10 jumpng jacks')).toMatchObject({ actions: [{ move: { id: 'jumping-jack' } }] });
    expect(read('8 hopps')).toMatchObject({ actions: [{ move: { id: 'hop' } }] });
    expect(isSlip('ships', 'skips')).toBe(false);
    expect(isSlip('jupm', 'jump')).toBe(true);
  });

  it('is told where it is a sentence', () => {
    for (const typed of [
      'Ten little lamps are burning',
      'Two by two they cross the bridge',
      'Squats are hard work',
      'Rest now, little lion',
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
