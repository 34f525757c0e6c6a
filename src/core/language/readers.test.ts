import { describe, expect, it } from 'vitest';
import { plainDose } from '../model/dose';
import { takeAsides } from './dose-asides';
import { unitNamed } from './dose-reader';
import { askedInWords, doseInWords, tempoInWords, turnsInWords, unitWord } from './dose-words';
import { readRules } from './draw-rules-reader';
import { howAsTyped, ledAlone, takeHow, takeLed } from './how-reader';
import { lettersOf } from './letter-strip';
import { letterStrokes } from './letter-strokes';
import { loosen } from './loosen';
import { readAction, readLines, readNamed } from './part-reader';
import { inRow, namesInRow } from './rows';
import { hideQuoted, quoted, revealed, splitGuise } from './said';
import { askedFor } from './sentences';
import { isSlip, respelled } from './spelling';
import { asTyped, isSameName } from './typed-words';
import { isSentence, unknownNamed } from './unknown-part';
import { doseIn } from './words-of';
import { FOR_FIVES } from '../testing/line-tools';

const { finder } = FOR_FIVES;

describe('a dose is read', () => {
  it.each([
    ['10', { openAmounts: [10] }],
    ['3 sets of 8', { openAmounts: [8], sets: 3 }],
    ['4 x 6', { openAmounts: [6], sets: 4 }],
    ['5 10 15', { openAmounts: [5, 10, 15] }],
    ['30 seconds each side', { dose: { sides: 'each', unit: 'seconds', amounts: [30] } }],
    [
      'twice 20 s, rest 10 s',
      { sets: 2, dose: { restSeconds: 10, unit: 'seconds', amounts: [20] } },
    ],
    ['10 m there and back', { dose: { ways: 2, unit: 'metres', amounts: [10] } }],
    ['8 on each leg slowly', { openAmounts: [8], dose: { tempo: ['slow'], sides: 'each' } }],
  ])('%s', (text, read) => {
    expect(doseIn(text)).toMatchObject({ ...read, unread: [] });
  });
  it('what it doesn’t understand is left over, and not left out', () => {
    expect(doseIn('10 squats').unread).toEqual(['squat']);
    expect(doseIn('as many as your age').openAmounts).toBeNull();
    expect(doseIn('as many as your age').unread).toContain('age');
  });
  it('units go by many names', () => {
    expect(['sec', 'reps', 'steps', 'metres', 'times'].map(unitNamed)).toEqual([
      'seconds',
      'reps',
      'steps',
      'metres',
      'reps',
    ]);
  });
  it('turns and what is done at home stand beside it', () => {
    expect(takeAsides('10 squats, half at a time').found).toMatchObject({ atOnce: 'half' });
    expect(takeAsides('hop 3 at a time').found).toMatchObject({ atOnce: 3 });
    expect(takeAsides('8 hops, at home 4')).toMatchObject({ rest: '8 hops', found: { home: '4' } });
    expect(takeAsides('10 squats').found).toEqual({});
  });
});

describe('a dose is told', () => {
  const dose = plainDose('reps', 8);
  it.each([
    [dose, '8 reps'],
    [plainDose('reps', 1), '1 rep'],
    [plainDose('seconds', 30), '30 seconds'],
    [plainDose('hold', 5), /5/u],
    [{ ...dose, amounts: [8, 8, 8], restSeconds: 10 }, /3 × 8 reps.*10 s/u],
    [{ ...dose, amounts: [5, 10, 15] }, /5, 10, 15 reps/u],
    [{ ...dose, sides: 'each' as const }, /8 reps.*each/u],
    [{ ...dose, ways: 2 as const, unit: 'steps' as const }, /there and back/u],
  ])('%o as %s', (one, told) => {
    expect(doseInWords(one as never)).toMatch(told as never);
  });
  it('units, tempi and turns have their words', () => {
    expect([unitWord('reps', 1), unitWord('reps', 2), unitWord('steps', 1)]).toEqual([
      'rep',
      'reps',
      'step',
    ]);
    expect(['slow', 'fast', 'faster', 90].map((one) => tempoInWords(one as never))).toEqual(
      expect.arrayContaining([expect.stringMatching(/slow/u), expect.stringMatching(/90/u)]),
    );
    expect(turnsInWords('half')).toMatch(/half/u);
    expect(turnsInWords(3)).toMatch(/3|three/u);
    expect(askedInWords({ as: 'range', least: 3 } as never, 'reps', 5)).toMatch(/^3 to 5 rep/u);
  });
});

describe('rules of a draw are read', () => {
  it.each([
    ['no repeats', { rules: { onRepeat: 'again' } }],
    ['each once', { rules: { returns: 'bag' } }],
    ['child throws', { rules: { thrower: 'child' } }],
    ['until all are seen', { stop: { after: 'all seen', most: 30 } }],
    ['6 draws', { stop: { after: 'draws', draws: 6 } }],
    ['two decks', { copies: 2 }],
    ['of 12', { sides: 12 }],
  ])('%s', (text, read) => {
    const found = readRules(text);
    expect(found.read).toMatchObject(read);
    expect(found.rest).toBe('');
  });
  it('what is no rule is left', () => {
    expect(readRules('squats, hops')).toEqual({
      read: { rules: {}, sum: {} },
      rest: 'squats hops',
    });
  });
});

describe('how something is led', () => {
  it('is taken from before and from behind a line, and from a title', () => {
    expect(takeHow('10 squats by the clock')).toEqual({
      how: { led: 'by the clock' },
      rest: '10 squats',
    });
    expect(takeHow('follow me: march')).toEqual({ how: { led: 'follow me' }, rest: 'march' });
    expect(takeHow('8 hops, no count-in')).toEqual({ how: { countIn: false }, rest: '8 hops' });
    expect(takeHow('8 hops')).toBeNull();
    expect(takeLed('Warm-up (follow me)')).toEqual({ title: 'Warm-up', led: 'follow me' });
    expect(takeLed('Plain')).toEqual({ title: 'Plain', led: null });
    expect(['follow me', 'march'].map(ledAlone)).toEqual(['follow me', null]);
  });
  it('typed again it is read as the same', () => {
    const how = { led: 'by the clock', show: 'none', countIn: false } as const;
    const typed = ['8 hops', ...howAsTyped(how)].join(', ');
    expect(takeHow(typed)).toEqual({ how, rest: '8 hops' });
  });
});

describe('what is said', () => {
  it('a name and a line belong to a move', () => {
    expect(splitGuise('6 frog jumps as ditch leaps: Over we go!')).toMatchObject({
      words: '6 frog jumps',
      guise: { name: 'ditch leaps', line: 'Over we go!' },
    });
    expect(splitGuise('squat')).toMatchObject({ words: 'squat', guise: { name: '', line: '' } });
  });
  it('stands in quotes that nothing reads into, and comes back whole', () => {
    const line = `squat ${quoted('5 hops, then: go!')}`;
    const hidden = hideQuoted(line);
    expect(hidden).not.toMatch(/hops/u);
    expect(revealed(hidden)).toContain('5 hops, then: go!');
  });
});

describe('slips of the finger', () => {
  it('are one letter left out, too many, wrong, or two changed over', () => {
    expect(isSlip('sqat', 'squat')).toBe(true);
    expect(isSlip('frgo', 'frog')).toBe(true);
    expect(isSlip('march', 'squat')).toBe(false);
    // Short words are too like each other.
    expect(isSlip('hop', 'hip')).toBe(false);
  });
  it('are mended where a move is meant', () => {
    expect(respelled('10 sqats', finder)).toBe('10 squats');
    expect(respelled('10 stra jumps', finder)).toBe('10 star jumps');
    expect(respelled('march', finder)).toBeNull();
  });
});

describe('sentences as people say them', () => {
  it('ask for something, of somebody', () => {
    expect(askedFor('March with me, soldiers!', finder)).toBe('March');
    expect(askedFor('Can you hop like a frog?', finder)).toBe('hop like a frog');
  });
  it('are loosened: a likeness is its move, and where it goes is a note', () => {
    expect(loosen('Hop like a bunny!', finder).text).toContain('bunny hop');
    expect(loosen('Sneak past the heron', finder)).toMatchObject({
      text: 'Sneak',
      notes: ['past the heron'],
    });
  });
  it('end in a mark', () => {
    expect(['Off we go.', 'Can you?', 'march'].map(isSentence)).toEqual([true, true, false]);
  });
});

describe('a part of a line', () => {
  it('is a move with its dose', () => {
    expect(readAction('hop on the left leg 8 times', FOR_FIVES)).toMatchObject({
      move: { id: 'hop' },
      dose: { amounts: [8], sides: 'left', unit: 'reps' },
    });
    expect(readAction('march and clap for 20 seconds', FOR_FIVES)).toMatchObject({
      move: { id: 'march' },
      also: ['clap'],
      dose: { amounts: [20], unit: 'seconds' },
    });
    expect(readAction('wobble', FOR_FIVES)).toBeNull();
  });
  it('without a dose is a move, or a name that nobody knows', () => {
    expect(readNamed('frog jumps', FOR_FIVES)!.move.id).toBe('frog-jump');
    expect(readNamed('zzz', FOR_FIVES)!.move.id).toBe('own-typed-zzz');
    expect(unknownNamed('wobble jump')!.name).toBe('wobble jump');
  });
  it('of several, each is read, or it is said which isn’t', () => {
    const read = readLines('8 squats, 4 hops', FOR_FIVES);
    expect(Array.isArray(read) && read.map(({ action }) => action.move.id)).toEqual([
      'squat',
      'hop',
    ]);
  });
});

describe('names and letters', () => {
  it('a row of names has commas, or semicolons where a name has commas', () => {
    expect(namesInRow('red, blue,, green ')).toEqual(['red', 'blue', 'green']);
    expect(namesInRow('red, dark; blue')).toEqual(['red, dark', 'blue']);
    for (const names of [
      ['red', 'blue'],
      ['red, dark', 'blue'],
    ])
      expect(namesInRow(inRow(names))).toEqual(names);
  });
  it('are the same whatever their number and marks; and found as they were typed', () => {
    expect(isSameName('Frog-jumps', 'frog jump')).toBe(true);
    expect(isSameName('frog jump', 'frog hop')).toBe(false);
    expect(asTyped(['tap', 'knee'], 'Now tap your Knees!')).toBe('tap your Knees');
    expect(asTyped(['tap', 'toe'], 'Now tap your Knees!')).toBe('');
  });
  it('a strip is a word, the alphabet, or a set', () => {
    expect(lettersOf('reed', [])).toEqual(['R', 'E', 'E', 'D']);
    expect(lettersOf('A-Z', [])).toHaveLength(26);
    expect(lettersOf('set 1', [['s', 'a', 't', 'p']])).toHaveLength(4);
  });
  it('each letter has strokes, great and small', () => {
    for (const letter of 'ABCDEFGHIJKLMNOPQRSTUVWXYZ') {
      for (const one of [letter, letter.toLowerCase()]) {
        const strokes = letterStrokes(one)!;
        expect(strokes.length, one).toBeGreaterThan(0);
        for (const stroke of strokes) expect(stroke, one).toMatch(/^M[\d. A-Za-z-]+$/u);
      }
    }
    expect(letterStrokes('E')).toHaveLength(4);
    expect(letterStrokes('é')).toBeNull();
    expect(letterStrokes('constructor')).toBeNull();
  });
});
