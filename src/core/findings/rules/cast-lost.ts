import { spokenLines, partsOfBeat, type Beat } from '../../beats';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { tellingWords } from '../../words/letter-words';
import { remember } from '../../words/remember';

/** Shorter scripts are pieces of something. */
const LEAST_BEATS = 8;
/** Who is met by then and never again was promised, and forgotten. Our own judgement. */
const PROMISED_SHARE = 0.15;

/** What no name is known by. */
const TITLES = new Set(
  'the old young little big king queen captain uncle aunt mister miss'.split(' '),
);

const wordsOfBeat = remember(
  (beat: Beat) =>
    new Set(
      [
        ...spokenLines(beat),
        ...partsOfBeat(beat).flatMap(({ guise }) => [guise.name, guise.line, guise.note]),
      ].flatMap(tellingWords),
    ),
);

/** Somebody of the cast is spoken of at the very beginning, and never again. */
export function checkCast({ adventure }: FindingContext): Seen[] {
  const beats = adventure.chapters.flatMap((chapter) =>
    chapter.beats.map((beat) => ({ beat, titled: tellingWords(chapter.title) })),
  );
  if (beats.length < LEAST_BEATS) return [];
  return adventure.world.cast.flatMap(({ name }): Seen[] => {
    const known = tellingWords(name).filter((word) => !TITLES.has(word));
    if (known.length === 0) return [];
    const met = beats.map(
      ({ beat, titled }) =>
        known.some((word) => wordsOfBeat(beat).has(word)) ||
        known.some((word) => titled.includes(word)),
    );
    const last = met.lastIndexOf(true);
    if (last < 0 || last >= beats.length * PROMISED_SHARE) return [];
    const place = { beatId: beats[last]!.beat.id, part: null };
    return [{ place, severity: 'think', params: { name }, fix: null }];
  });
}
