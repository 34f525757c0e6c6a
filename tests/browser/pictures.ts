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
      const apart = (a: Uint8ClampedArray, b: Uint8ClampedArray) =>
        a.reduce((sum, one, n) => sum + Math.abs(one - b[n]!), 0) / ((a.length * 3) / 4);
      const worstTile = (a: Uint8ClampedArray, b: Uint8ClampedArray) => {
        const tiles = new Map<string, number>();
        a.forEach((one, n) => {
          const [x, y] = [(n >> 2) % wide, Math.floor((n >> 2) / wide)];
          const key = `${Math.floor(x / tile)} ${Math.floor(y / tile)}`;
          tiles.set(key, (tiles.get(key) ?? 0) + Math.abs(one - b[n]!) / (3 * tile * tile));
        });
        return Math.max(...tiles.values());
      };
      const films: Uint8ClampedArray[] = [];
      const stages: Uint8ClampedArray[] = [];
      for (const [film, stage] of all) {
        const there = await pixels(stage!, null);
        stages.push(there.data);
        films.push((await pixels(film!, there.height)).data);
      }
      return films.map((film, n) => {
        const others = stages.filter((stage) => apart(stage, stages[n]!) > 0.3);
        const other = Math.min(...others.map((stage) => apart(film, stage)));
        return { same: apart(film, stages[n]!), worst: worstTile(film, stages[n]!), other };
      });
    },
    [pairs, WIDE, HIGH, TILE] as const,
  );
}
