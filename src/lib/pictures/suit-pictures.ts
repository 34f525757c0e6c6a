import type { Picture, Stroke } from '$core';
import Bell from 'lucide/dist/esm/icons/bell.mjs';
import Club from 'lucide/dist/esm/icons/club.mjs';
import Diamond from 'lucide/dist/esm/icons/diamond.mjs';
import Droplet from 'lucide/dist/esm/icons/droplet.mjs';
import Heart from 'lucide/dist/esm/icons/heart.mjs';
import Leaf from 'lucide/dist/esm/icons/leaf.mjs';
import Moon from 'lucide/dist/esm/icons/moon.mjs';
import Spade from 'lucide/dist/esm/icons/spade.mjs';
import Star from 'lucide/dist/esm/icons/star.mjs';
import Sun from 'lucide/dist/esm/icons/sun.mjs';

const SUITS: readonly (readonly [stem: string, strokes: readonly Stroke[]])[] = [
  ['sun', Sun],
  ['moon', Moon],
  ['bell', Bell],
  ['lea', Leaf],
  ['drop', Droplet],
  ['star', Star],
  ['heart', Heart],
  ['diamond', Diamond],
  ['club', Club],
  ['spade', Spade],
];

/** The drawing of a suit by its name, "suns" or "sun"; null for one that has none. */
export function suitPicture(label: string): Picture | null {
  const name = label.trim().toLowerCase();
  const strokes = SUITS.find(([stem]) => name.startsWith(stem))?.[1];
  return strokes ? { width: 24, height: 24, strokes } : null;
}

/** A sun for heads, a moon for tails. */
export const coinPicture = (name: string): Picture =>
  suitPicture(name === 'heads' ? 'sun' : 'moon')!;
