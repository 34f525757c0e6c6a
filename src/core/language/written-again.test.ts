import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { partsOfBeat } from '../beats';
import { drawsOf } from '../document/beats-of';
import type { Action } from '../model/action';
import { BUILT_IN, moveBookOf } from '../moves/move-book';
import { makeMoveFinder } from '../moves/move-finder';
import { arbitraryDose } from '../testing/arbitrary';
import { doseOf } from '../testing/make';
import { everyShape } from '../testing/shelf-of-examples';
import { typedAction, typedAmongOthers, typedStation } from './dosed';
import { amountInWords, rulesInWords, stopInWords } from './draw-words';
import { readAction, readNamed } from './part-reader';
import { hideQuoted } from './said';
import { FOR_FIVES } from '../testing/line-tools';

const isAction = (part: object): part is Action => 'dose' in part;

describe('an action that is written and read again', () => {
  it('has its move, its dose and its name, in every demo and ready-made session', () => {
    let many = 0;
    for (const adventure of everyShape()) {
      const book = moveBookOf(adventure);
      const own = { ...FOR_FIVES, finder: makeMoveFinder(book), ages: adventure.setting.ages };
      const parts = adventure.chapters.flatMap(({ beats }) => beats.flatMap(partsOfBeat));
      for (const part of parts.filter(isAction)) {
        const line = typedAction(book, part);
        const read = readAction(hideQuoted(line), own);
        expect(read, line).not.toBeNull();
        expect(read!.move.id, line).toBe(part.move);
        expect(read!.dose, line).toEqual(part.dose);
        expect(read!.guise.name, line).toBe(part.guise.name);
        many += 1;
      }
    }
    expect(many).toBeGreaterThan(100);
  });
  it('is one of it where it is one', () => {
    const typed = (move: string, amount: number, sides: 'any' | 'each' = 'any') =>
      typedAction(BUILT_IN, doseOf(move, amount, { sides }));
    expect(typed('squat', 1)).toBe('1 squat');
    expect(typed('squat', 2)).toBe('2 squats');
    expect(typed('hop', 1, 'each')).toBe('1 hop each side');
    expect(typedAction(BUILT_IN, doseOf('squat', 1, { amounts: [1, 1] }))).toBe('2 x 1 squat');
  });

  it('has any dose that there may be', () => {
    fc.assert(
      fc.property(
        arbitraryDose,
        fc.constantFrom('squat', 'hop', 'march', 'jumping-jack'),
        (dose, move) => {
          const line = typedAction(BUILT_IN, doseOf(move, 1, dose));
          const read = readAction(hideQuoted(line), FOR_FIVES);
          expect(read?.move.id, line).toBe(move);
          const { amounts, unit, restSeconds, ways } = read!.dose;
          expect({ amounts, unit, restSeconds, ways }, line).toEqual({
            amounts: dose.amounts,
            unit: dose.unit,
            restSeconds: dose.restSeconds,
            ways: dose.ways,
          });
        },
      ),
      { numRuns: 300 },
    );
  });
  it('keeps what is said to it: behind a colon alone, in quotation marks among others', () => {
    const plain = doseOf('squat', 5);
    const said = { ...plain, guise: { ...plain.guise, name: 'kettle dips', line: 'Down we go!' } };
    expect(typedAction(BUILT_IN, said)).toBe('5 squats as kettle dips: Down we go!');
    expect(typedAmongOthers(BUILT_IN, said)).toBe('5 squats as kettle dips: “Down we go!”');
    expect(readAction(typedAction(BUILT_IN, said), FOR_FIVES)!.guise).toEqual(said.guise);
    const noted = { ...plain, guise: { ...plain.guise, note: 'arms out' } };
    expect(readAction(typedAction(BUILT_IN, noted), FOR_FIVES)!.guise.note).toBe('arms out');
  });
  it('a station has no dose', () => {
    const { guise } = doseOf('squat', 1);
    const station = { move: 'squat', also: [], guise: { ...guise, name: 'kettle dips' } };
    const line = typedStation(BUILT_IN, station);
    expect(line).toBe('squat as kettle dips');
    expect(readNamed(line, FOR_FIVES)).toMatchObject({
      move: { id: 'squat' },
      guise: station.guise,
    });
  });
});

describe('the rules of a draw in words', () => {
  const [draw] = everyShape().flatMap(drawsOf);
  const told = (rules: object) => ({ rules: { ...draw!.rules, ...rules } }) as never;
  it('say when it stops', () => {
    expect(stopInWords(told({ stop: { after: 'draws', draws: 1 } }))).toBe('1 draw');
    expect(stopInWords(told({ stop: { after: 'seconds', seconds: 90 } }))).toBe('for 1 min 30 s');
    expect(stopInWords(told({ stop: { after: 'all seen', most: 30 } }))).toBe(
      'until all have come, 30 draws at most',
    );
  });
  it('say what matters, and nothing of what is as usual', () => {
    const plain = {
      returns: 'back',
      onRepeat: 'keep',
      mostOfOne: null,
      mostAhead: null,
      noPattern: false,
      eachSeconds: null,
    };
    expect(rulesInWords(told(plain))).toEqual([]);
    const all = { ...plain, mostOfOne: 2, mostAhead: 1, noPattern: true, eachSeconds: 20 };
    expect(rulesInWords(told({ ...all, returns: 'bag', onRepeat: 'again' }))).toEqual([
      'every one comes once before any comes twice',
      'if the same comes twice in a row, draw again',
      'none comes more than 2 times',
      'all come about equally often',
      'no pattern they could guess',
      '20 s each, one straight after the other',
    ]);
    expect(rulesInWords(told({ ...plain, returns: 'out', onRepeat: 'stand-in' }))).toHaveLength(2);
  });
  it('say how the amount is made', () => {
    const number = { times: 1, plus: 0, least: 1, most: 12 };
    expect(amountInWords({ from: 'dose' } as never)).toBe('');
    expect(amountInWords({ from: 'room' } as never)).toBe('as far as the room goes');
    expect(amountInWords({ from: 'outcome', ...number } as never)).toBe('its number, 1 to 12');
    expect(amountInWords({ from: 'number die', ...number, times: 2, plus: -1 } as never)).toBe(
      'a number die × 2 − 1, 1 to 12',
    );
  });
});
