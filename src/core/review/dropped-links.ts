import type { Adventure } from '../document/adventure';
import { beatsOf } from '../document/beats-of';
import { linksOf, type Chain, type Link } from '../beats/chain-schema';
import { moveBookOf, moveIn, type MoveBook } from '../moves/move-book';
import { toTenth } from '../words/middle';
import type { FoundBeat } from '../log/reviewed';
import type { Laid } from './lay';
import { heardAs, termOf, termsOf } from './terms';
import type { TimedWord } from './timed-word';

/** Links are told as dropped only where so many of the others go on being named: who sings none drops none. */
const OTHERS_NAMED = 0.6;
/** They are named so often after it, each time so many seconds after the last. */
const FEWEST_TIMES = 2;
const APART_SECONDS = 3;
/** How sure it is that a link that nobody named was not done. Our own judgement. */
const CONFIDENCE = 0.6;

/** A link, and when it was named. */
type Named = Readonly<{ link: Link; atSeconds: readonly number[] }>;

/** The words by which each link is known, and no other. */
function wordsOfLinks(
  beat: Chain,
  book: MoveBook,
): readonly (readonly [Link, ReadonlySet<string>])[] {
  const all = linksOf(beat).map((joined) => {
    const words = joined.flatMap(({ guise, move }) => [
      ...termsOf(guise.name),
      ...termsOf(moveIn(book, move).name),
    ]);
    return [joined[0]!, new Set(words)] as const;
  });
  return all.map(([link, own]) => {
    const shared = (word: string) =>
      all.some(([other, words]) => other !== link && words.has(word));
    return [link, new Set([...own].filter((word) => !shared(word)))] as const;
  });
}

/** When each link was named between two times. */
function namedWithin(
  links: readonly (readonly [Link, ReadonlySet<string>])[],
  words: readonly TimedWord[],
): readonly Named[] {
  const said = words.flatMap(({ text, startSeconds }) => {
    const term = termOf(text);
    return term === null ? [] : [{ term, startSeconds }];
  });
  const script = links.flatMap(([, own]) => [...own]);
  const heard = heardAs(
    said.map(({ term }) => term),
    script,
  );
  return links.map(([link, own]) => {
    const atSeconds: number[] = [];
    for (const { term, startSeconds } of said) {
      const isIt = heard.get(term)?.some((word) => own.has(word)) ?? false;
      if (isIt && startSeconds - (atSeconds.at(-1) ?? -Infinity) >= APART_SECONDS) {
        atSeconds.push(startSeconds);
      }
    }
    return { link, atSeconds };
  });
}

function ofChain(
  beat: Chain,
  book: MoveBook,
  { segments, alignment }: Laid,
  words: readonly TimedWord[],
): FoundBeat[] {
  const spans = alignment.found.filter(({ segment }) => segments[segment]!.beatId === beat.id);
  const from = Math.min(...spans.map(({ fromSeconds }) => fromSeconds));
  const to = Math.max(...spans.map(({ toSeconds }) => toSeconds));
  const within = words.filter(({ startSeconds }) => startSeconds >= from && startSeconds < to);
  const links = wordsOfLinks(beat, book);
  const named = namedWithin(links, within);
  return named.flatMap(({ link, atSeconds }, n): FoundBeat[] => {
    // Nobody misses it before it has come.
    const due = spans.find(({ segment }) => segments[segment]!.round > n)?.fromSeconds;
    const last = atSeconds.at(-1) ?? due;
    if (last === undefined || links[n]![1].size === 0) return [];
    const goesOn = named.filter(
      (other) =>
        other.link !== link &&
        other.atSeconds.filter((at) => at > last + APART_SECONDS).length >= FEWEST_TIMES,
    );
    if (named.length < 2 || goesOn.length < OTHERS_NAMED * (named.length - 1)) return [];
    const at = toTenth(atSeconds.length > 0 ? last + APART_SECONDS : last);
    return [
      {
        beatId: beat.id,
        part: link.id,
        label: link.guise.name || moveIn(book, link.move).name,
        startSeconds: at,
        endSeconds: at,
        confidence: CONFIDENCE,
        state: 'left out',
      },
    ];
  });
}

/**
 * Links of chains that were dropped: named before, or not at all, and no more while most of the others go
 * on being named twice and more.
 */
export function droppedLinks(
  adventure: Adventure,
  laid: Laid,
  words: readonly TimedWord[],
): readonly FoundBeat[] {
  const book = moveBookOf(adventure);
  return beatsOf(adventure).flatMap((beat) =>
    beat.kind === 'chain' ? ofChain(beat, book, laid, words) : [],
  );
}
