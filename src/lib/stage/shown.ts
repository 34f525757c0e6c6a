import { capital, isCountedWork, isWork, secondsPerRep, type Move } from '$core';
import { preferences } from '$lib/store/preferences.svelte';
import { cueWords, sideOf } from './cue-words';
import { figureTime } from './figure-time';
import type { Shown } from './companions';
import type { StageSession } from './stage.svelte';

/** What children see of the present cue: the move and its count; of what is said, nothing to read. */
export function shownOf(session: StageSession, move: Move | null): Shown | null {
  const { adventure, cue, count, share } = session;
  if (!cue) return null;
  const { doing, kind } = cue;
  const { ages } = adventure.setting;
  const time = move && figureTime(cue, secondsPerRep(move, ages, preferences.pace));
  const side = sideOf(cue, adventure.setting.mirror ?? true);
  const spoken = kind === 'say' || kind === 'ask';
  return {
    type: 'shown',
    main: spoken ? 'Listen' : capital(cueWords(cue, move).main),
    kind,
    move: doing && !spoken && kind !== 'drink' ? doing.move : null,
    held: doing?.unit === 'hold' && kind !== 'show',
    flip: side?.move === 'left',
    secondsPerRep: time?.secondsPerRep ?? 1,
    elapsed: time?.inStep ? session.into : null,
    running: session.status === 'running',
    count,
    of: isCountedWork(cue) ? doing!.amount : null,
    share,
    side: side?.say ?? null,
    round:
      doing && doing.round.of > 1 && isWork(cue) ? `${doing.round.n} of ${doing.round.of}` : '',
  };
}
