import { spokenLines, type Beat } from '../../beats';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { firstRun, seenAt, type Turn } from '../in-a-row';
import { insertBefore, lineOf } from '../mending';
import { remember } from '../../words/remember';

const SIGNAL =
  /\b(?:freez\w*|statues?|stop|stops|stand still|still as|whistle|signal|bell rings)\b/iu;
/** It says how to stop, or lets them travel until they freeze. */
const practisesStop = remember(
  (beat: Beat) =>
    (beat.kind === 'draw' && beat.rules.between !== null) ||
    spokenLines(beat).some((line) => SIGNAL.test(line)),
);

/** The first run of many, where nobody has practised how to stop before it; null where somebody has. */
export function runUnpractised(context: FindingContext): Turn | null {
  const run = firstRun(context);
  if (!run) return null;
  for (const [id, beat] of context.beats) {
    if (practisesStop(beat)) return null;
    if (id === run.cue.beatId) break;
  }
  return run;
}

/** They run freely, and nobody has practised how to stop. */
export function checkStopSignal(context: FindingContext): Seen[] {
  const run = runUnpractised(context);
  if (!run) return [];
  const signal = 'When I call “Statues!”, everybody freezes. Let’s try it: walk, walk, statues!';
  return [
    seenAt(run, 'mend', {}, (now, newId) =>
      insertBefore(now, run.cue.beatId, [lineOf(signal, newId)]),
    ),
  ];
}
