import { z } from 'zod';
import { PLAIN, type DeviceFile } from './device-file';

/** Letters in a strip, one after another. */
const schema = z.strictObject({ kind: z.literal('letters') });
export type Letters = Readonly<z.infer<typeof schema>>;

export const letters: DeviceFile<Letters> = {
  ...PLAIN,
  schema,
  choice: 'a strip of letters',
  readBack: () => 'A letter strip',
  begin: () => ({ kind: 'letters' }),
  typed: ['letters'],
  read: () => ({ kind: 'letters' }),
  line: ({ entries }) => `letters ${entries.map(({ label }) => label).join(' ')}`,
  entryLine: (_, words) => words,
  readBackMark: ({ label }) => `${label} `,
  markAs: 'sign',
  words: ({ entries }) => `Letters ${entries.map(({ label }) => label).join(' ')}`,
  thing: ({ entries }, { entry }) => ({ kind: 'letters', text: entries[entry]!.label }),
  usualRules: { returns: 'in order' },
  print: ({ entries }, desk) => desk.letters(entries),
};
