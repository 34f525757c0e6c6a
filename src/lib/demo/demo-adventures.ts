import { parseArrupJson, type Adventure } from '$core';

import ferryDie from './ferry-die.arrup.json?url';
import lateLetter from './late-letter.arrup.json?url';
import marshMorning from './marsh-morning.arrup.json?url';
import sixLamps from './six-lamps.arrup.json?url';

/**
 * The first to be seen on the shelf comes last: it is put out last. They are fetched as the files that
 * they are, and kept for offline use with the rest: only a first visit needs them.
 */
const FILES: Readonly<Record<string, string>> = {
  'marsh-morning': marshMorning,
  'six-lamps': sixLamps,
  'ferry-die': ferryDie,
  'late-letter': lateLetter,
};

/** The demo adventures, read as any file is. */
export function loadDemo(): Promise<readonly Adventure[]> {
  return Promise.all(
    Object.entries(FILES).map(async ([name, address]) => {
      const parsed = parseArrupJson(await (await fetch(address)).text());
      if (!parsed.ok) throw new Error(`loadDemo: ${name}: ${parsed.problems[0]!.code}`);
      return parsed.value;
    }),
  );
}
