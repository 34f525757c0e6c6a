import { parseArrupJson, type Adventure } from '$core';
import { problemInWords } from '$lib/words/problems';

/** The first to be seen on the shelf comes last: it is put out last. */
const FILES: Record<string, () => Promise<string>> = {
  'marsh-morning': async () => (await import('./marsh-morning.arrup.json?raw')).default,
  'six-lamps': async () => (await import('./six-lamps.arrup.json?raw')).default,
  'ferry-die': async () => (await import('./ferry-die.arrup.json?raw')).default,
  'late-letter': async () => (await import('./late-letter.arrup.json?raw')).default,
};

/** The demo adventures, read as any file is. */
export function loadDemo(): Promise<readonly Adventure[]> {
  return Promise.all(
    Object.entries(FILES).map(async ([name, load]) => {
      const parsed = parseArrupJson(await load());
      if (!parsed.ok) throw new Error(`loadDemo: ${name}: ${problemInWords(parsed.problems[0]!)}`);
      return parsed.value;
    }),
  );
}
