import { z } from 'zod';
import { DIE_SIDES, dieSidesSchema, diceSchema, type DieSides } from '../model/chance';
import type { DeepReadonly } from '../model/deep-readonly';
import { diceRead, SEVERAL_DICE } from '../language/dice-words';
import { capital } from '../words/capital';
import { countRead, numberWord } from '../words/numbers';
import { PLAIN, readLabelled, type DeviceFile, type DrawnFrom } from './device-file';
import { facesOf } from './thing';
import { dealOut, dealtFaces, outcomesByFaces } from './faces';

/** A die, or several whose sum counts. */
const schema = z.strictObject({ kind: z.literal('die'), sides: dieSidesSchema, dice: diceSchema });
export type Die = DeepReadonly<z.infer<typeof schema>>;

/** The smallest die on which so many moves get as many faces each, else the smallest with enough. */
export function dieFor(moves: number): DieSides {
  const enough = DIE_SIDES.filter((sides) => sides >= moves);
  return enough.find((sides) => sides % Math.max(1, moves) === 0 && sides <= 12) ?? enough[0] ?? 20;
}

/** In how many ways `dice` dice with `sides` sides show each total; index 0 is the total 0. */
export function diceWays(sides: number, dice: number): readonly number[] {
  let ways = [1];
  for (let n = 0; n < dice; n += 1) {
    const next = Array.from({ length: ways.length + sides }, () => 0);
    ways.forEach((count, total) => {
      for (let face = 1; face <= sides; face += 1) next[total + face]! += count;
    });
    ways = next;
  }
  return ways;
}

/** Totals that the dice can show, least first. */
export function diceTotals({ sides, dice }: Pick<Die, 'sides' | 'dice'>): readonly number[] {
  return Array.from({ length: sides * dice - dice + 1 }, (_, n) => dice + n);
}

/** The totals of the dice dealt out to so many entries. */
export function dealFaces(device: Die, entries: number): number[][] {
  return dealOut(diceTotals(device), entries);
}

/** "3-4", where the faces of a die follow one another. */
function facesInWords(faces: readonly number[]): string {
  const [first, last] = [faces[0], faces.at(-1)];
  return first === last ? `${first}` : `${first}-${last}`;
}

const severalDice = (dice: number) => `${numberWord(dice)} dice`;

/** Cubes are folded; of other dice a wheel with as many sectors is made. */
const CUBE = 6;

function print(
  { device, entries }: DrawnFrom<Die>,
  desk: Parameters<DeviceFile<Die>['print']>[1],
): void {
  if (device.sides !== CUBE) {
    const sectors = entries.map((entry) => ({ entry, weight: entry.faces.length }));
    return desk.wheel(sectors, `In place of a die of ${device.sides}`);
  }
  if (device.dice > 1) return desk.cube(null, `Number die: print ${device.dice}`);
  const faces = Array.from(
    { length: CUBE },
    (_, n) => entries.find((entry) => entry.faces.includes(n + 1)) ?? null,
  );
  desk.cube(faces, 'Move die');
}

export const die: DeviceFile<Die> = {
  ...PLAIN,
  schema,
  choice: 'dice',
  readBack: ({ dice }) => (dice > 1 ? `${capital(severalDice(dice))}, added up` : 'A die'),
  begin: (moves) => ({ kind: 'die', sides: dieFor(Math.max(6, moves)), dice: 1 }),
  typed: [SEVERAL_DICE, 'die', 'dice'],
  read: (word, moves, rules) => {
    const dice = rules.dice ?? diceRead(word);
    return { kind: 'die', sides: rules.sides ?? (dice > 1 ? 6 : dieFor(moves)), dice };
  },
  readEntry: (text) => {
    const typed = readLabelled(text);
    const match = /^(\d+)(?:\s*(?:-|–|to)\s*(\d+))?$/u.exec(typed.label ?? '');
    if (!match) return typed;
    const [from, to] = [Number(match[1]), Number(match[2] ?? match[1])];
    const faces = Array.from({ length: countRead(to - from + 1) }, (_, n) => from + n);
    return { ...typed, label: '', faces };
  },
  line: ({ device: { dice, sides } }) => `${dice > 1 ? severalDice(dice) : 'die'} of ${sides}`,
  entryLine: ({ faces }, words) => (faces.length > 0 ? `${facesInWords(faces)} = ${words}` : words),
  markAs: 'pips',
  words: ({ device }) => {
    const sides = device.sides === 6 ? '' : ` of ${device.sides}`;
    return capital(device.dice > 1 ? severalDice(device.dice) : 'die') + sides;
  },
  markOf: ({ faces }) => faces.join(', '),
  outcomeLabel: (_, value) => String(value),
  outcomes: (drawn) => {
    const ways = diceWays(drawn.device.sides, drawn.device.dice);
    const totals = diceTotals(drawn.device);
    return outcomesByFaces(
      totals.map((value) => ({ value, ways: ways[value]!, called: value })),
      drawn,
    );
  },
  thing: ({ device: { sides, dice } }, { value }) => ({
    kind: 'dice',
    sides,
    faces: facesOf(value ?? 0, dice, sides),
  }),
  hasNumber: true,
  deal: ({ device, entries }) => dealtFaces(diceTotals(device), entries),
  kit: 'die',
  print,
};
