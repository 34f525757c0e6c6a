import { z } from 'zod';
import { PLAIN, type DeviceFile } from './device-file';

/** What the leader chooses among a few, each in its turn. */
const schema = z.strictObject({ kind: z.literal('leader') });
export type Leader = Readonly<z.infer<typeof schema>>;

export const leader: DeviceFile<Leader> = {
  ...PLAIN,
  schema,
  choice: 'what you choose',
  readBack: () => 'The leader’s choice',
  begin: () => ({ kind: 'leader' }),
  typed: ['leader', 'choice'],
  read: () => ({ kind: 'leader' }),
  line: () => 'leader',
  markAs: 'number',
  words: ({ entries }) => `Leader’s choice of ${entries.length}`,
  usualRules: { returns: 'bag' },
  isReadOut: true,
};
