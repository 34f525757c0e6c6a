import type { Build, Hair, Paint } from './figure-shape';
import type { LookChoice, LookId } from './look-choices';

/** A child of the pictures: what it wears and how its hair is. Nobody in particular. */
export type Look = Readonly<{
  id: LookId;
  build: Build;
  paints: Readonly<Record<Exclude<Paint, 'ink' | 'mark' | 'shade' | 'seam' | 'hatch'>, string>>;
}>;

const CHEEKS = 0.25;
const mixed = (a: string, b: string, t: number): string => {
  const part = (hex: string, n: number) => Number.parseInt(hex.slice(1 + n * 2, 3 + n * 2), 16);
  return `#${[0, 1, 2]
    .map((n) => Math.round(part(a, n) * (1 - t) + part(b, n) * t))
    .map((value) => value.toString(16).padStart(2, '0'))
    .join('')}`;
};

/** Those who sit in a wheelchair where a move is done sitting down. */
const ON_WHEELS: readonly LookId[] = ['dusk', 'chalk'];

const look = (
  id: LookId,
  hair: Hair,
  skin: string,
  hairs: string,
  [top, bottom, shoe]: readonly [string, string, string],
): Look => ({
  id,
  build: { hair, seat: ON_WHEELS.includes(id) ? 'wheelchair' : 'chair' },
  paints: {
    skin,
    hair: hairs,
    top,
    bottom,
    shoe,
    cheek: mixed(skin, '#c8452f', CHEEKS),
    prop: '#e0a32e',
    'prop light': '#fff3d6',
    'prop dark': '#96661c',
  },
});

/** The children of the pictures, in the colours of the marsh: reed, lamp, dusk water, clay, chalk. */
export const LOOKS: readonly Look[] = [
  look('reed', 'short', '#f0c39a', '#5b3a22', ['#3f8f8a', '#2f4b66', '#b5523b']),
  look('lamp', 'curls', '#9b6643', '#241a16', ['#f0b23e', '#4a6b3f', '#f3ead8']),
  look('dusk', 'tail', '#d9a273', '#1f1a1e', ['#b5523b', '#3a4a7a', '#e8d5a8']),
  look('clay', 'plaits', '#7d5036', '#17120f', ['#7fb069', '#6b4a7a', '#f0b23e']),
  look('chalk', 'bun', '#f7d9c0', '#b8652b', ['#7a8fd0', '#7a4a35', '#3f8f8a']),
  look('punt', 'scarf', '#c98f62', '#4b7f95', ['#e5864f', '#2f5d50', '#f3ead8']),
];

/** The look for a move: the chosen one, or one of all, always the same for the same move. */
export function lookFor(choice: LookChoice, moveId: string): Look {
  const chosen = LOOKS.find(({ id }) => id === choice);
  if (chosen) return chosen;
  let sum = 7;
  for (const sign of moveId) sum = (sum * 31 + sign.codePointAt(0)!) % 9973;
  return LOOKS[sum % LOOKS.length]!;
}
