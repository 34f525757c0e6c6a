import fc from 'fast-check';
import { arbitraryAdventure } from './arbitrary';

type Holder = Record<string, unknown>;

const MOST_DEPTH = 8;

/** Puts a value somewhere in a plain document; where is read off a number, a step at each depth. */
function putIn(root: Holder, place: number, value: unknown): void {
  let holder = root;
  for (let depth = 0, n = place; depth < MOST_DEPTH; depth += 1, n = Math.floor(n / 7)) {
    const keys = Object.keys(holder);
    const key = keys[n % Math.max(1, keys.length)];
    if (key === undefined) return;
    const next = holder[key];
    if (typeof next !== 'object' || next === null || depth === MOST_DEPTH - 1) {
      holder[key] = value;
      return;
    }
    holder = next as Holder;
  }
}

/** An adventure as plain JSON with up to four things in it that may not belong there. */
export const brokenAdventure: fc.Arbitrary<unknown> = fc
  .tuple(
    arbitraryAdventure,
    fc.array(fc.tuple(fc.nat(), fc.anything({ maxDepth: 2 })), { maxLength: 4 }),
  )
  .map(([adventure, breaks]) => {
    const plain = JSON.parse(JSON.stringify(adventure)) as Holder;
    for (const [place, value] of breaks) putIn(plain, place, value);
    return plain;
  });
