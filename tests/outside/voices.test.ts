/** Voice activity against sound with known pauses, said by espeak-ng, which is not ours. */
import { createRequire } from 'node:module';
import fvad from '@echogarden/fvad-wasm';
import { describe, expect, it } from 'vitest';
import { hearVoices } from '../../src/lib/review/hear-voices';
import { spoken } from './spoken';

const wasm = createRequire(import.meta.url).resolve('@echogarden/fvad-wasm/fvad.wasm');
const detector = await fvad({ locateFile: () => wasm });

describe('voices in a recording', () => {
  const sound = spoken([
    [1.5, 'Good morning, post carriers of Lanternfen!'],
    [3, 'March on the spot, and lift your knees.'],
    [6, 'Now rest, and have a drink.'],
  ]);
  const voices = hearVoices(detector, sound.samples);

  it('begin and end where somebody begins and ends to speak', () => {
    for (const { from, to } of sound.said) {
      const within = voices.filter(([a, b]) => b > from - 0.3 && a < to + 0.5);
      expect(within.length).toBeGreaterThan(0);
      expect(Math.abs(within[0]![0] - from)).toBeLessThan(0.3);
      expect(Math.abs(within.at(-1)![1] - to)).toBeLessThan(0.6);
    }
  });

  it('are not heard in the pauses', () => {
    const inPause = (second: number) => voices.some(([from, to]) => second > from && second < to);
    expect([0.5, 1, 1.2].some(inPause)).toBe(false);
    const [first, second, third] = sound.said;
    expect(inPause((first!.to + second!.from) / 2 + 0.3)).toBe(false);
    expect(inPause((second!.to + third!.from) / 2 + 0.3)).toBe(false);
  });

  it('are none in silence', () => {
    expect(hearVoices(detector, new Int16Array(48_000))).toEqual([]);
  });
});
