import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { uniformInt } from 'pure-rand/distribution/uniformInt';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';

/** Where randomness comes from: passed in, so that the same seed gives the same draws anywhere. */
export type Random = Readonly<{
  /** Uniform in [0, 1). */
  share: () => number;
  /** Uniform whole number from `least` to `most`, both included. */
  whole: (least: number, most: number) => number;
}>;

/** The generator of the package pure-rand (xoroshiro128+) from a seed, a whole number of 32 bits. */
export function seededRandom(seed: number): Random {
  const generator = xoroshiro128plus(seed | 0);
  return {
    share: () => uniformFloat64(generator),
    whole: (least, most) => uniformInt(generator, least, most),
  };
}

/** A seed of its own for each beat of a session: FNV-1a over the seed and the beat's id. */
export function seedFor(seed: number, beatId: string): number {
  let hash = 0x811c9dc5 ^ seed;
  for (let n = 0; n < beatId.length; n += 1) {
    hash = Math.imul(hash ^ beatId.charCodeAt(n), 0x01000193);
  }
  return hash >>> 0;
}
