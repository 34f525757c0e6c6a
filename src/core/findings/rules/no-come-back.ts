import { spokenLines, partsOfBeat, type Beat } from '../../beats';
import { childrenIn } from '../../model/setting';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { LIVELY, seenAt } from '../in-a-row';
import { insertBefore } from '../mending';
import { remember } from '../remember';
import { checkStopSignal } from './no-stop-signal';

/** Words for a place to come back to: to somewhere of theirs, or back, home, into the circle. */
const BACK =
  /\b(?:back (?:to|at|in|on|home|here|with|again)|come back|comes? home|go(?:es)? home|homes?|gather|return\w*|circle|ring|your (?:own )?(?:spot|mark|dot|mat|place|log|stone|nest|line|boat|carpet)|(?:on|to|at|onto) the (?:spots?|marks?|dots?|mats?|carpet|line|wall|jetty|quay|hearth))\b/iu;
/** Fewer than these find back by themselves. Our own judgement. */
const MANY_CHILDREN = 6;

const saysBack = remember((beat: Beat) =>
  [...spokenLines(beat), ...partsOfBeat(beat).map(({ guise }) => guise.note)].some((line) =>
    BACK.test(line),
  ),
);

/** They run all over the room, and nobody has told them where to come back to. */
export function checkComeBack(context: FindingContext): Seen[] {
  const { setting, beats, adventure } = context;
  if (setting.place === 'filmed' || childrenIn(setting) < MANY_CHILDREN) return [];
  const run = context.turns.find(
    ({ move }) => move.family === 'travelling' && move.space === 'room' && move.effort >= LIVELY,
  );
  if (!run || setting.room.marks.length > 0) return [];
  if (adventure.chapters.some(({ title }) => BACK.test(title))) return [];
  if ([...beats.values()].some(saysBack)) return [];
  // How to stop comes first: that is told by a rule of its own.
  if (checkStopSignal(context).length > 0) return [];
  const { beatId } = run.cue;
  return [
    seenAt(run, 'think', {}, (now, newId) =>
      insertBefore(now, beatId, [
        {
          kind: 'tell',
          id: newId('bt'),
          text: 'When I clap three times, come back to the spot where you stand now.',
        },
      ]),
    ),
  ];
}
