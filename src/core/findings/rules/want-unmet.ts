import { spokenLines, partsOfBeat, type Beat } from '../../beats';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';
import { tellingWords } from '../../words/letter-words';
import { remember } from '../remember';

/** Words that every story has: they show nothing. */
const EMPTY = new Set(
  'the and for with that this they them their there here from into must wants want needs need will would once upon only let have has had was were are all some one two three before after again every everybody very much more help carry bring find make take come goes going get back out over until where what when who how now'.split(
    ' ',
  ),
);
/** The end is told in the last part of the script. */
const LAST_SHARE = 0.35;
const LEAST_BEATS = 6;

/** The same word in another form begins with the same letters: "dance", "danced". */
const STEM_LETTERS = 4;
const stemsOf = (words: readonly string[]) => words.map((word) => word.slice(0, STEM_LETTERS));

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
  const said = new Set(stemsOf([...end.flatMap(wordsOfBeat), ...titles]));
  if (stemsOf(wanted).some((stem) => said.has(stem))) return [];
  return [{ place: WHOLE, severity: 'think', params: { want: adventure.world.want }, fix: null }];
}
