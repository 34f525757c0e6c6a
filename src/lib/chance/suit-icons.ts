import Bell from '@lucide/svelte/icons/bell';
import Club from '@lucide/svelte/icons/club';
import Diamond from '@lucide/svelte/icons/diamond';
import Droplet from '@lucide/svelte/icons/droplet';
import Heart from '@lucide/svelte/icons/heart';
import Leaf from '@lucide/svelte/icons/leaf';
import Moon from '@lucide/svelte/icons/moon';
import Spade from '@lucide/svelte/icons/spade';
import Star from '@lucide/svelte/icons/star';
import Sun from '@lucide/svelte/icons/sun';

const ICONS = new Map([
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
] as const);

/** The drawing of a suit by its name, "suns" or "sun"; null for one that has none. */
export function suitIcon(label: string) {
  const name = label.trim().toLowerCase();
  return [...ICONS].find(([stem]) => name.startsWith(stem))?.[1] ?? null;
}
