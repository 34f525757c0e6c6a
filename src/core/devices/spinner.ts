import { z } from 'zod';
import { PLAIN, type DeviceFile } from './device-file';

/** A spinner, whose sectors are as wide as their entries' weights. */
const schema = z.strictObject({ kind: z.literal('spinner') });
export type Spinner = Readonly<z.infer<typeof schema>>;

export const spinner: DeviceFile<Spinner> = {
  ...PLAIN,
  schema,
  choice: 'a spinner',
  readBack: () => 'A spinner',
  begin: () => ({ kind: 'spinner' }),
  typed: ['spinner', 'wheel'],
  read: () => ({ kind: 'spinner' }),
  line: () => 'spinner',
  words: ({ entries }) => `Spinner of ${entries.length}`,
  outcomes: ({ entries }) => ({
    outcomes: entries.map(({ weight }, entry) => ({ entry, value: null, weight, copies: 1 })),
    problems: [],
  }),
  thing: (_, { entry }) => ({ kind: 'wheel', entry }),
  kit: 'spinner',
  print: ({ entries }, desk) =>
    desk.wheel(
      entries.map((entry) => ({ entry, weight: entry.weight })),
      'The spinner',
    ),
};
