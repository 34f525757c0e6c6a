import { readImages } from '../ideas/read-images';
import type { WordNet } from '../ideas/word-net';
import { ALL_SCENES, type Scene } from './scenes';
import type { DraftWish } from './wish';

/**
 * Scenes for a wish, the one that has the most of its place and its want first; the plain way comes
 * before those that have nothing of it.
 */
export function scenesFor(
  wish: Pick<DraftWish, 'place' | 'want'>,
  net: WordNet | null,
): readonly Scene[] {
  const [where, what] = [readImages(wish.place, net), readImages(wish.want, net)];
  const worth = ({ images }: Scene) =>
    [...where, ...where, ...what].reduce(
      (sum, { image, weight }) =>
        sum + (image.words.some((word) => images.includes(word)) ? weight : 0),
      0,
    );
  const way = ALL_SCENES.at(-1)!;
  const told = ALL_SCENES.filter((one) => one !== way && worth(one) > 0);
  const rest = ALL_SCENES.filter((one) => one !== way && worth(one) === 0);
  return [...told.sort((a, b) => worth(b) - worth(a)), way, ...rest];
}
