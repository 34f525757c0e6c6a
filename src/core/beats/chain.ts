import type { Nth } from '../cues/cue';
import type { Score } from '../cues/score';
import { addSets, firstDoing } from '../cues/sets';
import { tempoInWords } from '../language/dose-words';
import type { Action } from '../model/action';
import type { Tempo } from '../model/dose';
import { counted } from '../words/numbers';
import { PLAIN, partsIn, saidTo, type BeatFile } from './beat-file';
import { chainSchema, linksOf, type Chain, type Link } from './chain-schema';
import { actionRow, EMPTY_ROW } from './sheet-row';

/** The links of a chain, each with the part of the body that it is done with. */
function linksLed(beat: Chain): readonly (readonly Link[])[] {
  const { bodyParts } = beat;
  return linksOf(beat).map((whole, n) => {
    if (bodyParts.length === 0) return whole;
    const part = `with the ${bodyParts[n % bodyParts.length]!}`;
    return whole.map((link): Link => {
      const note = [part, link.guise.note].filter(Boolean).join(', ');
      return { ...link, guise: { ...link.guise, note } };
    });
  });
}

/** Links one after another without a stop: only getting down and up comes between. */
function addLinks(
  score: Score,
  links: readonly Action[],
  verse: Nth,
  tempo: Tempo = 'usual',
): void {
  links.forEach((link, index) => {
    const one =
      tempo === 'usual' ? link : { ...link, dose: { ...link.dose, tempo: [tempo] as const } };
    const doing = firstDoing(score, one, verse);
    const move = score.move(one);
    if (index === 0) {
      score.getTo(move, doing);
      score.countIn(doing);
    } else score.flowTo(move, doing);
    addSets(score, one, doing, false);
  });
}

/** How many links are done in each verse, the last one whole. */
export function versesOf(beat: Pick<Chain, 'links' | 'introduce'>): readonly number[] {
  const links = linksOf(beat).length;
  const verses = Math.ceil(links / beat.introduce);
  return Array.from({ length: verses }, (_, n) => Math.min(links, (n + 1) * beat.introduce));
}

/**
 * Verse n does the links 1 to n: n(n + 1) / 2 links in all where one is introduced at a time, with the
 * rehearsals and the performances beside them.
 */
function cues(beat: Chain, score: Score): void {
  score.say(beat.say);
  const links = linksLed(beat);
  const verses = versesOf(beat);
  const of = verses.length;
  const isShownFirst = score.how.show === 'first';
  const inVerse = (n: number) => ({ n, of });
  const announce = (link: Link, n: number) => firstDoing(score, link, inVerse(n));
  if (isShownFirst) for (const link of links.flat()) score.show(link, announce(link, 1));
  verses.forEach((done, index) => {
    const n = index + 1;
    const fresh = links.slice(verses[index - 1] ?? 0, done).flat();
    if (!isShownFirst) for (const link of fresh) score.explain(link, announce(link, n));
    const from = score.cues.length;
    const soFar = links.slice(0, done).flat();
    addLinks(score, soFar, inVerse(n));
    for (const link of fresh) score.sayMeanwhile(score.wordsDuring(link), from, announce(link, n));
    if (beat.rehearseAfter.includes(n)) addLinks(score, soFar, inVerse(n));
  });
  if (of === 0) return;
  if (beat.perform.length > 0) score.say(beat.performSay);
  for (const tempo of beat.perform) addLinks(score, links.flat(), inVerse(of), tempo);
}

/** "then performed twice", "then performed slowly, then fast". */
function performanceInWords(perform: readonly Tempo[]): string {
  if (perform.length === 0) return '';
  if (perform.some((tempo) => tempo !== 'usual')) {
    return `, then performed ${perform.map(tempoInWords).join(', then ')}`;
  }
  return `, then performed${perform.length === 1 ? '' : ` ${perform.length} times`}`;
}

export const chain: BeatFile<Chain> = {
  ...PLAIN,
  ...partsIn('links'),
  schema: chainSchema,
  spoken: ({ say, performSay, links }) => [say, performSay, ...links.flatMap(saidTo)],
  label: (beat) => `Chain of ${linksOf(beat).length}`,
  inWords: (beat) => {
    const verses = versesOf(beat);
    const links = verses.reduce((sum, n) => sum + n, 0);
    return `${counted(verses.length, 'verse', 'verses')}, ${counted(links, 'link', 'links')} in all${performanceInWords(beat.perform)}`;
  },

  roundWord: 'Verse',
  cues,
  rows: (beat, book) => [
    { ...EMPTY_ROW, say: beat.say, name: 'Growing chain', dose: chain.inWords(beat) },
    ...linksLed(beat).flatMap((whole, n) =>
      whole.map((link, k) => {
        const row = actionRow(book, link);
        return { ...row, name: k === 0 ? `${n + 1}: ${row.name}` : `+ ${row.name}` };
      }),
    ),
  ],
};
