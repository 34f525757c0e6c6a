import { z } from 'zod';
import { PLAIN, type DeviceFile } from './device-file';

/** What the leader calls: colours, shapes, named spots around the room. */
const schema = z.strictObject({ kind: z.literal('calls') });
export type Calls = Readonly<z.infer<typeof schema>>;

export const calls: DeviceFile<Calls> = {
  ...PLAIN,
  schema,
  choice: 'your calls',
  readBack: () => 'Calls',
  begin: () => ({ kind: 'calls' }),
  typed: ['calls'],
  read: () => ({ kind: 'calls' }),
  usualLabel: (_, { guise, move }) => guise.name || move.name,
  line: () => 'calls',
  words: ({ entries }) => `Calls: ${entries.map(({ label }) => label).join(', ')}`,
  // Calls surprise: with a bag the last one of each round would be known to all.
  usualRules: { onRepeat: 'again', mostAhead: 2, noPattern: true },
  thing: ({ entries }, { entry }) => ({ kind: 'spot', entry, label: entries[entry]!.label }),
  isReadOut: true,
  isPlaces: true,
  kit: 'cone',
};
