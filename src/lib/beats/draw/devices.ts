import { dieFor, type Device } from '$core';

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
    return { kind, sides: dieFor(Math.max(6, moves)), dice: 1 };
  }
  return kind === 'deck'
    ? { kind, lowest: 1, highest: 10, copies: 1, courts: 10, jokers: 0 }
    : { kind };
}
