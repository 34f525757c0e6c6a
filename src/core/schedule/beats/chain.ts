import type { Action, Chain } from '../../model/beat';
import type { Nth } from '../cue';
import type { Score } from '../score';
import { addSets, firstDoing } from './sets';

/** Links one after another without a stop: only getting down and up comes between. */
function addLinks(score: Score, links: readonly Action[], verse: Nth): void {
  const first = links[0];
  if (!first) return;
  const doing = firstDoing(score, first, verse);
  score.change(score.move(first), doing, false);
  score.add('count-in', score.adventure.defaults.countInSeconds, '', { doing });
  for (const link of links) {
    const linked = firstDoing(score, link, verse);
    score.change(score.move(link), linked, true);
    addSets(score, { flowing: true }, link, linked);
  }
}

/**
 * Verse n does the links 1 to n: n(n + 1) / 2 links in all, with the rehearsals and the performance
 * beside them.
 */
export function unrollChain(beat: Chain, score: Score): void {
  score.say(beat.say);
  const { links, rehearseAfter, perform, performSay, show } = beat;
  const of = links.length;
  if (show === 'first') {
    for (const link of links) score.show(link, firstDoing(score, link, { n: 1, of }));
  }
  links.forEach((link, index) => {
    const verse = { n: index + 1, of };
    const doing = firstDoing(score, link, verse);
    if (show === 'each') score.show(link, doing);
    else score.say(link.guise.line, doing);
    addLinks(score, links.slice(0, index + 1), verse);
    if (rehearseAfter.includes(index + 1)) addLinks(score, links.slice(0, index + 1), verse);
  });
  if (!perform || of === 0) return;
  score.say(performSay);
  addLinks(score, links, { n: of, of });
}
