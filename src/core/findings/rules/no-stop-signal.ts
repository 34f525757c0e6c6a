import { spokenLines, type Beat } from '../../beats';
import { childrenIn } from '../../model/setting';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { LIVELY, seenAt } from '../in-a-row';
import { insertBefore } from '../mending';
import { remember } from '../remember';

const SIGNAL =
  /\b(?:freez\w*|statues?|stop|stops|stand still|still as|whistle|signal|bell rings)\b/iu;
/** Fewer than these don't run into one another so easily. Our own judgement. */
const MANY_CHILDREN = 6;

/** It says how to stop, or lets them travel until they freeze. */
const practisesStop = remember(
  (beat: Beat) =>
    (beat.kind === 'draw' && beat.rules.between !== null) ||
    spokenLines(beat).some((line) => SIGNAL.test(line)),
);

/** They run freely, and nobody has practised how to stop. */
export function checkStopSignal(context: FindingContext): Seen[] {
  const { setting, beats } = context;
  if (childrenIn(setting) < MANY_CHILDREN) return [];
  const run = context.turns.find(
    ({ move }) => move.family === 'travelling' && move.space === 'room' && move.effort >= LIVELY,
  );
  if (!run) return [];
  for (const [id, beat] of beats) {
    if (practisesStop(beat)) return [];
    if (id === run.cue.beatId) break;
  }
  const { beatId } = run.cue;
  return [
    seenAt(run, 'mend', {}, (now, newId) =>
      insertBefore(now, beatId, [
        {
          kind: 'tell',
          id: newId('bt'),
          text: 'When I call “Statues!”, everybody freezes. Let us try it: walk, walk, statues!',
        },
      ]),
    ),
  ];
}
