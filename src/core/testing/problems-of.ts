import type { Adventure } from '../document/adventure';
import { parseAdventure } from '../document/parse-adventure';
import type { Problem } from '../model/problem';

/**
 * What is wrong with an adventure as a file would have it. That it has grown to more than an adventure may
 * hold is left out: whoever takes a change in looks at that (`checkSize`).
 */
export function problemsOf(adventure: Adventure): readonly Problem[] {
  const parsed = parseAdventure(JSON.parse(JSON.stringify(adventure)));
  return parsed.ok ? [] : parsed.problems.filter(({ code }) => code !== 'too-much');
}
