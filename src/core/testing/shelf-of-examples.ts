/** Adventures of every session shape: the demo's and the starting points. */
import { readdirSync, readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import type { Adventure } from '../document/adventure';
import { parseArrupJson } from '../formats/arrup-json/arrup-json';
import { parseScript } from '../formats/script/script';
import { countingIds } from './make';

const DEMO = 'src/lib/demo';
const STARTS = 'src/lib/shelf/starts';

export function demoAdventure(name: string): Adventure {
  const parsed = parseArrupJson(readFileSync(`${DEMO}/${name}.arrup.json`, 'utf8'));
  if (!parsed.ok) throw new Error(`demoAdventure: ${name}`);
  return parsed.value;
}

export function demoCaptions(name: string): string {
  return readFileSync(`${DEMO}/recordings/${name}.vtt`, 'utf8');
}

/** A starting point of the shelf, by its file. */
export function startAdventure(file: string): Adventure {
  let seed = 0;
  const source = { newId: countingIds(), newSeed: () => (seed += 7919), book: dictionary };
  const parsed = parseScript(readFileSync(`${STARTS}/${file}`, 'utf8'), source);
  if (!parsed.ok) throw new Error(`startAdventure: ${file}`);
  return parsed.value.adventure;
}

export function everyShape(): readonly Adventure[] {
  return [
    ...['ferry-die', 'late-letter', 'marsh-morning', 'six-lamps'].map(demoAdventure),
    ...readdirSync(STARTS)
      .filter((name) => name.endsWith('.md'))
      .map(startAdventure),
  ];
}
