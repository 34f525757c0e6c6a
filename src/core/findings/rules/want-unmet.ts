import { stemmer } from 'stemmer';
import { spokenLines, partsOfBeat, type Beat } from '../../beats';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';
import { tellingWords } from '../../words/letter-words';
import { remember } from '../../words/remember';

/** Words that every story has: they show nothing. */
const EMPTY = new Set(
  'the and for with that this they them their there here from into must wants want needs need will would once upon only let have has had was were are all some one two three before after again every everybody very much more help carry bring find make take come goes going get back out over until where what when who how now'.split(
    ' ',
  ),
);
/** The end is told in the last part of the script. */
const LAST_SHARE = 0.35;
const LEAST_BEATS = 6;

/** Shorter stems begin too many words. */
const STEM_LETTERS = 4;
/** The same word in another form has the same stem, or one that goes on: "dance", "danced", "deliver", "delivery". */
const isSameWord = (one: string, other: string) =>
  one === other ||
  (Math.min(one.length, other.length) >= STEM_LETTERS &&
    (one.startsWith(other) || other.startsWith(one)));

const wordsOfBeat = remember((beat: Beat) =>
  [...spokenLines(beat), ...partsOfBeat(beat).map(({ guise }) => guise.name)].flatMap(tellingWords),
);

/** What somebody wants at the beginning is not spoken of at the end any more. */
export function checkWant({ adventure }: FindingContext): Seen[] {
  const wanted = tellingWords(adventure.world.want).filter((word) => !EMPTY.has(word));
  const beats = adventure.chapters.flatMap(({ beats }) => beats);
  if (wanted.length === 0 || beats.length < LEAST_BEATS) return [];
  const end = beats.slice(Math.floor(beats.length * (1 - LAST_SHARE)));
  if (!end.some((beat) => spokenLines(beat).length > 0)) return [];
  const titles = adventure.chapters.slice(-2).flatMap(({ title }) => tellingWords(title));
  const said = [...end.flatMap(wordsOfBeat), ...titles].map(stemmer);
  if (wanted.map(stemmer).some((stem) => said.some((one) => isSameWord(stem, one)))) return [];
  return [{ place: WHOLE, severity: 'think', params: { want: adventure.world.want }, fix: null }];
}
