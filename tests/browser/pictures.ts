import type { Page } from '@playwright/test';

/** How large pictures are when they're laid over one another: edges that are softer don't count. */
const [WIDE, HIGH] = [320, 192];

/** A part of the picture that is looked at by itself, in its pixels: type of a size less is still alike. */
const TILE = 32;

/** A picture of a film, and the screen's at the same moment, as PNG. */
export type Shots = Readonly<{ film: Buffer; stage: Buffer }>;

/** Differences of a colour, of 255. */
export type Difference = Readonly<{
  /** Of a film's picture from the screen's at the same moment, in the mean. */
  same: number;
  /** The same in the tile where they're farthest apart: nothing is missing or stands elsewhere. */
  worst: number;
  /** From the screen's picture of another moment that is most like it. */
  other: number;
}>;

/** How far pictures of a film are from the screen's; what the film has below the screen's is cut off. */
export async function differences(
  page: Page,
  shots: readonly Shots[],
): Promise<readonly Difference[]> {
  const pairs = shots.map(({ film, stage }) => [film, stage].map((one) => one.toString('base64')));
  return page.evaluate(
    async ([all, wide, high, tile]) => {
      const pixels = async (data: string, height: number | null) => {
        const image = new Image();
        image.src = `data:image/png;base64,${data}`;
        await image.decode();
        const canvas = new OffscreenCanvas(wide, high);
        const surface = canvas.getContext('2d', { willReadFrequently: true })!;
        surface.imageSmoothingQuality = 'high';
        const cut = height ?? image.naturalHeight;
        surface.drawImage(image, 0, 0, image.naturalWidth, cut, 0, 0, wide, high);
        return { data: surface.getImageData(0, 0, wide, high).data, height: image.naturalHeight };
      };
      // Tens of millions of steps: plain loops, and each pair of pictures once.
      const apart = (a: Uint8ClampedArray, b: Uint8ClampedArray) => {
        let sum = 0;
        for (let n = 0; n < a.length; n += 1) sum += Math.abs(a[n]! - b[n]!);
        return sum / ((a.length * 3) / 4);
      };
      const worstTile = (a: Uint8ClampedArray, b: Uint8ClampedArray) => {
        const across = Math.ceil(wide / tile);
        const tiles = new Float64Array(across * Math.ceil(high / tile));
        for (let n = 0; n < a.length; n += 1) {
          const [x, y] = [(n >> 2) % wide, Math.floor((n >> 2) / wide)];
          tiles[Math.floor(y / tile) * across + Math.floor(x / tile)]! += Math.abs(a[n]! - b[n]!);
        }
        return Math.max(...tiles) / (3 * tile * tile);
      };
      const films: Uint8ClampedArray[] = [];
      const stages: Uint8ClampedArray[] = [];
      for (const [film, stage] of all) {
        const there = await pixels(stage!, null);
        stages.push(there.data);
        films.push((await pixels(film!, there.height)).data);
      }
      const unlike = stages.map((): boolean[] => []);
      stages.forEach((stage, n) => {
        for (let k = 0; k < n; k += 1)
          unlike[n]![k] = unlike[k]![n] = apart(stage, stages[k]!) > 0.3;
      });
      return films.map((film, n) => {
        const others = stages.filter((_, k) => unlike[n]![k]);
        const other = Math.min(...others.map((stage) => apart(film, stage)));
        return { same: apart(film, stages[n]!), worst: worstTile(film, stages[n]!), other };
      });
    },
    [pairs, WIDE, HIGH, TILE] as const,
  );
}
