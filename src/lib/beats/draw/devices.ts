import type { Device } from '$core';

export const DEVICE_CHOICES: readonly (readonly [Device['kind'], string])[] = [
  ['die', 'a die'],
  ['spinner', 'a spinner'],
  ['deck', 'a deck of cards'],
  ['letters', 'a strip of letters'],
  ['calls', 'your calls'],
  ['leader', 'what you choose'],
  ['list', 'a list'],
];

/** A device of that kind as it is usual, for so many moves. */
export function deviceOfKind(kind: Device['kind'], moves: number): Device {
  if (kind === 'die') {
    const sides = ([4, 6, 8, 10, 12, 20] as const).find((n) => n >= Math.max(6, moves)) ?? 20;
    return { kind, sides, dice: 1 };
  }
  return kind === 'deck' ? { kind, lowest: 1, highest: 10, copies: 1 } : { kind };
}
