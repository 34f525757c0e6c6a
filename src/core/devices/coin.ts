import { z } from 'zod';
import { PLAIN, readLabelled, type DeviceFile } from './device-file';
import { dealtFaces, outcomesByFaces } from './faces';

/** A coin, or a lid with two faces: heads or tails. */
const schema = z.strictObject({ kind: z.literal('coin') });
export type Coin = Readonly<z.infer<typeof schema>>;

/** Its sides, as numbers that an entry's `faces` name, and as they are called. */
const SIDES = [1, 2];
const NAMES = ['heads', 'tails'] as const;
const nameOf = (side: number) => NAMES[side - 1] ?? '';
const namesOf = (faces: readonly number[]) => faces.map(nameOf).join(' or ');

export const coin: DeviceFile<Coin> = {
  ...PLAIN,
  schema,
  choice: 'a coin',
  readBack: () => 'A coin',
  begin: () => ({ kind: 'coin' }),
  typed: ['coin'],
  read: () => ({ kind: 'coin' }),
  readEntry: (text) => {
    const typed = readLabelled(text);
    const side = NAMES.findIndex((name) => name.startsWith(typed.label?.toLowerCase() ?? '-')) + 1;
    return side > 0 ? { ...typed, label: '', faces: [side] } : typed;
  },
  line: () => 'coin',
  entryLine: ({ faces }, words) => (faces.length === 1 ? `${namesOf(faces)} = ${words}` : words),
  markAs: 'name',
  words: () => 'Coin',
  markOf: ({ faces }) => namesOf(faces),
  valueLabel: nameOf,
  outcomeLabel: (_, value) => (value === null ? '' : nameOf(value)),
  outcomes: (drawn) =>
    outcomesByFaces(
      SIDES.map((value) => ({ value, ways: 1, called: nameOf(value) })),
      drawn,
    ),
  thing: (_, { value }) => ({ kind: 'coin', name: nameOf(value ?? 1) }),
  deal: ({ entries }) => dealtFaces(SIDES, entries),
  kit: 'coin',
  print: ({ entries }, desk) =>
    desk.coin(
      SIDES.map((side) => ({
        name: nameOf(side),
        entry: entries.find(({ faces }) => faces.includes(side)) ?? null,
      })),
    ),
};
