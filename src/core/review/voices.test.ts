import { expect, test } from 'vitest';
import { readingSeconds, snapped, voicesIn } from './voices';

/** Frames of a tenth of a second: "1" where somebody speaks. */
const heard = (frames: string) => voicesIn([...frames].map(Number), 0.1);

test('gaps of a breath are closed, clicks and coughs left out', () => {
  expect(heard('0011100111000000')).toEqual([[0.2, 1]]);
  expect(heard('0011110000111100')).toEqual([
    [0.2, 0.6],
    [1, 1.4],
  ]);
  expect(heard('0010000000111100')).toEqual([[1, 1.4]]);
  expect(heard('0000')).toEqual([]);
});

test('a reading lasts from its first word to its last, by the clock', () => {
  const voices = [
    [2, 10],
    [11, 31],
  ] as const;
  // 33 s of sound in 33 s: 29 s of reading between 2 s and 2 s of quiet.
  expect(readingSeconds(voices, 33, 33)).toBe(29);
  // A busy device lost 5 s of sound: whoever reads is not the faster for it.
  expect(readingSeconds(voices, 33, 38)).toBe(34);
  // A clock that was read late is not believed against the sound.
  expect(readingSeconds(voices, 33, 32)).toBe(29);
  expect(readingSeconds([], 33, 33)).toBeNull();
});

test('a mark goes to where somebody begins to speak, if that is near', () => {
  const voices = [[10, 14]] as const;
  expect(snapped(11.5, voices)).toBe(10);
  expect(snapped(9.5, voices)).toBe(10);
  expect(snapped(7, voices)).toBe(7);
  expect(snapped(13, voices)).toBe(13);
});
