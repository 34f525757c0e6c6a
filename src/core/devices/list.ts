import { z } from 'zod';
import { PLAIN, type DeviceFile } from './device-file';

/** A plain list, read in order. With a number die beside it a die says only how many. */
const schema = z.strictObject({ kind: z.literal('list') });
export type List = Readonly<z.infer<typeof schema>>;

export const list: DeviceFile<List> = {
  ...PLAIN,
  schema,
  choice: 'a list',
  readBack: () => 'A list in order',
  begin: () => ({ kind: 'list' }),
  typed: ['reps? die', 'list'],
  read: () => ({ kind: 'list' }),
  amountFrom: (word) => (/^reps? die$/u.test(word) ? 'number die' : 'dose'),
  line: () => 'list',
  markAs: 'number',
  words: ({ entries }) => `List of ${entries.length}`,
  usualRules: { returns: 'in order' },
};
