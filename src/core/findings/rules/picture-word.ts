import type { Beat } from '../../beats';
import { deviceFile } from '../../devices';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { letterWords } from '../../words/letter-words';
import { remember } from '../../words/remember';
import { isFamiliar } from './rare-words';

/** Outside the word lists, and known from picture books all the same. Our own judgement. */
const FROM_BOOKS: ReadonlySet<string> = new Set(
  'zip yak troll moth heron ferry lamp lamplighter ferryman punt yo-yo x-ray igloo iguana newt otter urchin umbrella vulture walrus narwhal quail unicorn xylophone jellyfish ladybird dinosaur robot'.split(
    ' ',
  ),
);

type HardPicture = Readonly<{
  part: string;
  letter: string;
  word: string;
  words: readonly string[];
}>;

/** Pictures of a letter strip of which no word is known. Of two words one says enough: "clockwork toy". */
const hardPictures = remember((beat: Beat): readonly HardPicture[] => {
  if (beat.kind !== 'draw' || deviceFile(beat.device).markAs !== 'sign') return [];
  return beat.entries.flatMap(({ label, action }): HardPicture[] => {
    const { picture } = action.guise;
    const words = letterWords(picture);
    if (words.length === 0 || words.some((word) => isFamiliar(word) || FROM_BOOKS.has(word)))
      return [];
    return [{ part: action.id, letter: label, word: picture, words }];
  });
});

/** A letter's picture is a word that the youngest don't know, and that the story does not teach: flax, quiver. */
export function checkPictureWords({ beats, setting, adventure }: FindingContext): Seen[] {
  const { cast, words: own, name: world } = adventure.world;
  const told = [world, ...own, ...cast.flatMap(({ name, role }) => [name, role])];
  const taught = new Set(letterWords(told.join(' ')));
  return [...beats.values()].flatMap((beat) =>
    hardPictures(beat)
      .filter(({ words }) => !words.some((word) => taught.has(word)))
      .map(({ part, letter, word }): Seen => {
        const params = { letter, word, age: setting.ages.from };
        return { place: { beatId: beat.id, part }, severity: 'think', params, fix: null };
      }),
  );
}
