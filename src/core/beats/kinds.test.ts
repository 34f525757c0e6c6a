import { describe, expect, it } from 'vitest';
import { BUILT_IN } from '../moves/move-book';
import { idsInOrder } from '../model/new-id';
import { MAX_LINE } from '../model/text';
import {
  byNumberDice,
  chainBeat,
  circuit,
  countingIds,
  doseOf,
  drawBeat,
  echoBeat,
  moveBeat,
  relayBeat,
} from '../testing/make';
import {
  beatInWords,
  beatLabel,
  changeParts,
  copyBeat,
  hasOwnDoses,
  isForOthers,
  isLed,
  kitOfBeat,
  movesOfBeat,
  otherMovesOf,
  partsOfBeat,
  pointsOf,
  roundWordOf,
  rowsOfBeat,
  spokenLines,
  splitWords,
  withMeanwhile,
  type Beat,
} from '.';
import { limitsOf, lineOfBeat, saidInstead } from './lines';
import { beatsFromReading, isBeat, readingInWords, readQuickLine } from './quick-line';
import { actionRow, partRow, pointsRow, roundsInWords, rowsAfter, saidInRow } from './sheet-row';
import { FOR_FIVES } from '../testing/line-tools';

const tell: Beat = { kind: 'tell', id: 'bt_tell', text: 'Over the marsh.' };
const drink = { kind: 'drink', id: 'bt_drink', text: '', seconds: 30 } as Beat;
const BEATS: readonly (readonly [string, Beat])[] = [
  ['move', moveBeat([doseOf('squat', 5), doseOf('hop', 4)])],
  ['circuit', circuit(['march', 'squat', 'hop'])],
  ['draw', drawBeat(['march', 'squat', 'hop'])],
  ['chain', chainBeat(['march', 'squat', 'hop'])],
  ['echo', echoBeat(['march', 'squat'])],
  ['relay', relayBeat('skip')],
];

describe.each(BEATS)('a %s', (kind, beat) => {
  it('copied has ids of its own, and is else the same', () => {
    const copy = copyBeat(beat, idsInOrder('copy'));
    expect(copy.kind).toBe(kind);
    expect(copy.id).not.toBe(beat.id);
    const ids = (one: Beat) => partsOfBeat(one).map(({ id }) => id);
    for (const id of ids(copy)) expect(ids(beat)).not.toContain(id);
    expect(movesOfBeat(copy)).toEqual(movesOfBeat(beat));
    expect(beatInWords(copy)).toBe(beatInWords(beat));
  });
  it('has a label of sixty characters at most, rows for each of its moves, and a word for a go', () => {
    expect(beatLabel(beat, BUILT_IN).length).toBeLessThanOrEqual(60);
    expect(beatLabel(beat, BUILT_IN)).not.toBe('');
    const rows = rowsOfBeat(beat, BUILT_IN, []);
    const named = rows.flatMap(({ moveId }) => (moveId ? [moveId] : []));
    expect(new Set(named)).toEqual(new Set(partsOfBeat(beat).map(({ move }) => move)));
    expect(roundWordOf(beat)).toMatch(/^[A-Z][a-z]+$/u);
  });
  it('shown in full says whose go it is', () => {
    if (!isLed(beat)) return;
    const rows = rowsOfBeat({ ...beat, show: 'in full' } as Beat, BUILT_IN, []);
    for (const { moveId, dose } of rows) if (moveId) expect(dose).toMatch(/my go, then yours$/u);
  });
  it('may have points, told in a row of their own', () => {
    const points = { who: 'together', worth: [{ points: 2, what: 'soft landings' }] } as never;
    const scored = { ...beat, points } as Beat;
    expect(pointsOf(beat)).toBeNull();
    if (!isLed(beat)) {
      expect(pointsOf(scored)).toBeNull();
      return;
    }
    expect(pointsOf(scored)).toEqual(points);
    expect(rowsOfBeat(scored, BUILT_IN, []).at(-1)).toMatchObject({
      name: 'Points',
      dose: '2 for soft landings; for all together',
    });
  });
  it('takes words that are said meanwhile', () => {
    const with1 = withMeanwhile(beat, 'Knees up!')!;
    expect(spokenLines(with1).join(' ')).toContain('Knees up!');
    const with2 = withMeanwhile(with1, 'And rest.')!;
    expect(spokenLines(with2).join(' ')).toMatch(/Knees up!.*And rest\./u);
  });
});

describe('a line to say', () => {
  it('has no parts, no dose and no go', () => {
    expect([partsOfBeat(tell), otherMovesOf(tell), kitOfBeat(tell)]).toEqual([[], [], []]);
    expect([isLed(tell), hasOwnDoses(tell), pointsOf(tell)]).toEqual([false, false, null]);
    expect(withMeanwhile(tell, 'Meanwhile')).toBeNull();
    expect(changeParts(tell, (part) => part)).toEqual(tell);
  });
  it('may be to somebody else than the children', () => {
    expect(isForOthers(tell)).toBe(false);
    expect(isForOthers({ ...tell, to: 'grown-ups' } as never)).toBe(true);
    expect(isForOthers(drink)).toBe(false);
  });
  it('is said with a drink, after what was said there already', () => {
    const once = withMeanwhile(drink, 'Cups out.')!;
    expect(spokenLines(withMeanwhile(once, 'And in.')!).join(' ')).toMatch(/Cups out\..*And in\./u);
  });
});

describe('words that are too long for a beat', () => {
  const long = 'Over the marsh we go, and over again. '.repeat(60).trim();
  const whole = (beats: readonly Beat[]) =>
    beats.flatMap(spokenLines).join(' ').replace(/\s+/gu, ' ');
  it('are said before it, and none of them is lost', () => {
    const beats = splitWords(
      { ...moveBeat([doseOf('squat', 5)]), say: long },
      { newId: countingIds() },
    );
    expect(beats.length).toBeGreaterThan(1);
    expect(beats.at(-1)!.kind).toBe('move');
    expect(whole(beats)).toBe(long);
    for (const line of beats.flatMap(spokenLines))
      expect(line.length).toBeLessThanOrEqual(MAX_LINE);
  });
  it('of a drink they go on after it', () => {
    const beats = splitWords({ ...drink, text: long } as Beat, { newId: countingIds() });
    expect(beats[0]!.kind).toBe('drink');
    expect(beats.slice(1).every(({ kind }) => kind === 'tell')).toBe(true);
    expect(whole(beats)).toBe(long);
  });
  it('short ones stay as they are', () => {
    const beat = moveBeat([doseOf('squat', 5)]);
    expect(splitWords(beat, { newId: countingIds() })).toEqual([beat]);
  });
});

describe('rows of a run sheet', () => {
  const action = doseOf('squat', 5);
  it('a move goes by its name in the story, its own beside it', () => {
    expect(partRow(BUILT_IN, action, '5 reps')).toMatchObject({
      name: 'squat',
      move: '',
      dose: '5 reps',
    });
    const guise = {
      ...action.guise,
      name: 'kettle dips',
      note: 'slowly',
      line: 'Down',
      meanwhile: 'Up',
    };
    expect(partRow(BUILT_IN, { ...action, guise }, '5 reps')).toMatchObject({
      name: 'kettle dips',
      move: 'squat',
      dose: '5 reps; slowly',
      say: 'Down … Up',
    });
    const same = { ...action.guise, name: 'squat' };
    expect(partRow(BUILT_IN, { ...action, guise: same }, '').move).toBe('');
  });
  it('has its easier, harder and seated forms', () => {
    const { forms } = partRow(BUILT_IN, doseOf('jumping-jack', 5), '');
    expect(forms).toMatch(/easier: .+; .*seated: /u);
  });
  it('says what is done at home, and the story between its sets', () => {
    const more = { ...action, home: action.dose, between: ['A wave comes.', 'Another.'] };
    expect(actionRow(BUILT_IN, more as never)).toMatchObject({
      dose: '5 reps; at home 5 reps',
      say: '(between sets) A wave comes. (between sets) Another.',
    });
    expect(actionRow(BUILT_IN, action, ', each').dose).toBe('5 reps, each');
  });
  it('has the beat’s own line first, where there is one', () => {
    const rows = [partRow(BUILT_IN, action, '')];
    expect(rowsAfter('', rows)).toBe(rows);
    expect(rowsAfter('Hello', rows).map(({ say }) => say)).toEqual(['Hello', '']);
  });
  it('says nothing that isn’t there', () => {
    expect(pointsRow(undefined)).toEqual([]);
    expect([1, 2].map(roundsInWords)).toEqual(['', ', 2 rounds']);
    expect(saidInRow({ line: ' ', meanwhile: '' })).toBe('');
    expect(saidInRow({ line: '', meanwhile: ' Up ' })).toBe('… Up');
  });
});

describe('a draw', () => {
  const MOVES = ['march', 'jog', 'hop', 'squat', 'star-shape', 'plank'];
  const die = { kind: 'die', sides: 6, dice: 1 } as const;
  const rowsOf = (given: Parameters<typeof drawBeat>[1]) =>
    rowsOfBeat(drawBeat(MOVES, given), BUILT_IN, []);
  it('asks for its thing, and a number die beside it; what is drawn beforehand asks for nothing', () => {
    expect(kitOfBeat(drawBeat(MOVES, { device: die }))).toEqual([{ thing: 'die', count: 1 }]);
    expect(kitOfBeat(drawBeat(MOVES, { device: die, amount: byNumberDice(1) }))).toEqual([
      { thing: 'die', count: 1 },
      { thing: 'number die' },
    ]);
    expect(kitOfBeat(drawBeat(MOVES, { device: die, drawn: 'beforehand' }))).toEqual([]);
  });
  it('its table has a row for each entry, with what follows it', () => {
    const beat = drawBeat(MOVES, { device: die });
    const entries = beat.entries.map((one) => ({ ...one, then: [doseOf('squat', 3)] }));
    const rows = rowsOfBeat({ ...beat, entries }, BUILT_IN, []);
    expect(rows).toHaveLength(MOVES.length + 1);
    expect(rows[1]!.name).toBe('1: march, then squat (3 reps)');
    expect(rows[1]!.dose).toBe('5 reps');
  });
  it('an amount that is drawn stands in place of a dose', () => {
    const amount = { from: 'outcome', times: 1, plus: 0, least: 1, most: 6, ask: false } as never;
    expect(rowsOf({ device: die, amount })[1]!.dose).toBe('its number, 1 to 6 reps');
  });
  it('has its stand-in, where there is one that may come', () => {
    const standIn = doseOf('march', 4);
    const names = (rules: object) => rowsOf({ rules }).map(({ dose }) => dose);
    expect(names({ standIn, onRepeat: 'stand-in' }).at(-1)).toBe('4 reps, the stand-in');
    expect(names({ standIn, onRepeat: 'again' }).join()).not.toContain('stand-in');
  });
  it('what was drawn beforehand is laid out in order', () => {
    const cue = (text: string, name: string) => ({ kind: 'draw', text, doing: { name } }) as never;
    const beat = drawBeat(MOVES, { drawn: 'beforehand' });
    const rows = rowsOfBeat(beat, BUILT_IN, [cue('hop', 'hop'), cue('Three', 'jog')]);
    expect(rows.at(-1)).toMatchObject({ name: 'Drawn beforehand', dose: 'hop · Three: jog' });
    expect(rowsOfBeat(beat, BUILT_IN, []).at(-1)!.name).not.toBe('Drawn beforehand');
  });
  it('travels between draws by a move of its own, and may have a stand-in changed', () => {
    const between = { move: 'skip', leastSeconds: 4, mostSeconds: 9, tightens: false };
    const beat = drawBeat(MOVES, { rules: { between, standIn: doseOf('march', 4) } });
    expect(otherMovesOf(beat)).toEqual([{ move: 'skip', path: ['rules', 'between', 'move'] }]);
    const changed = changeParts(beat, (part) => ({ ...part, move: 'squat' }));
    expect(new Set(partsOfBeat(changed).map(({ move }) => move))).toEqual(new Set(['squat']));
    expect(movesOfBeat(changed)).toContain('skip');
  });
});

describe('a beat as one would type it', () => {
  it.each(BEATS)('a %s is read again as it was', (kind, beat) => {
    const line = lineOfBeat(beat, BUILT_IN)!;
    const reading = readQuickLine(line, FOR_FIVES);
    expect(isBeat(reading), line).toBe(true);
    const [again] = beatsFromReading(reading, { newId: countingIds(), seed: 7 });
    expect(again!.kind).toBe(kind);
    expect(movesOfBeat(again!)).toEqual(movesOfBeat(beat));
    expect(readingInWords(reading)).not.toBe('');
  });
  it('what is only said is no line', () => {
    expect(lineOfBeat(tell, BUILT_IN)).toBeNull();
    expect(saidInstead(tell, BUILT_IN)).toBe('Over the marsh.');
  });
  it('may be said instead: its own words, or the line that one would type', () => {
    const action = doseOf('squat', 5);
    expect(saidInstead(moveBeat([action]), BUILT_IN)).toBe('5 squats');
    const said = { ...action, guise: { ...action.guise, line: ' Down we go! ' } };
    expect(saidInstead(moveBeat([said]), BUILT_IN)).toBe('Down we go!');
    expect(saidInstead({ ...moveBeat([action]), say: 'Listen.' }, BUILT_IN)).toBe('Listen.');
  });
  it('what is more than a file may hold is told, and not made', () => {
    const fits = readQuickLine('10 squats', FOR_FIVES);
    expect(isBeat(fits) && limitsOf(fits)).toEqual({ held: [], most: null });
    const tooMany = readQuickLine('5000 squats', FOR_FIVES);
    expect(isBeat(tooMany) && limitsOf(tooMany)).not.toEqual({ held: [], most: null });
  });
});
