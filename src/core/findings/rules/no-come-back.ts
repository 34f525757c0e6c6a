import { spokenLines, partsOfBeat, type Beat } from '../../beats';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { firstRun, seenAt } from '../in-a-row';
import { insertBefore, lineOf } from '../mending';
import { remember } from '../../words/remember';
import { runUnpractised } from './no-stop-signal';

/** Words for a place to come back to: to somewhere of theirs, or back, home, into the circle. */
const BACK =
  /\b(?:back (?:to|at|in|on|home|here|with|again)|come back|comes? home|go(?:es)? home|homes?|gather|return\w*|circle|ring|your (?:own )?(?:spot|mark|dot|mat|place|log|stone|nest|line|boat|carpet)|(?:on|to|at|onto) the (?:spots?|marks?|dots?|mats?|carpet|line|wall|jetty|quay|hearth))\b/iu;
const saysBack = remember((beat: Beat) =>
  [...spokenLines(beat), ...partsOfBeat(beat).map(({ guise }) => guise.note)].some((line) =>
    BACK.test(line),
  ),
);

/** They run all over the room, and nobody has told them where to come back to. */
export function checkComeBack(context: FindingContext): Seen[] {
  const { setting, beats, adventure } = context;
  const run = setting.place === 'filmed' ? undefined : firstRun(context);
  if (!run || setting.room.marks.length > 0) return [];
  if (adventure.chapters.some(({ title }) => BACK.test(title))) return [];
  if ([...beats.values()].some(saysBack)) return [];
  // How to stop comes first: that is told by a rule of its own.
  if (runUnpractised(context)) return [];
  const way = 'When I clap three times, come back to the spot where you stand now.';
  return [
    seenAt(run, 'think', {}, (now, newId) =>
      insertBefore(now, run.cue.beatId, [lineOf(way, newId)]),
    ),
  ];
}
