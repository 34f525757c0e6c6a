import { capital, isWork, type Move } from '$core';
import { cueWords, sideWords } from './cue-words';
import type { Shown } from './companions';
import type { StageSession } from './stage.svelte';

/** What children see of the present cue: the move and its count; of what is said, nothing to read. */
export function shownOf(session: StageSession, move: Move | null): Shown | null {
  const { cue, count, into } = session;
  if (!cue) return null;
  const { doing, kind } = cue;
  const counted = kind === 'work' && doing !== null && doing.secondsPerCount > 0;
  const spoken = kind === 'say' || kind === 'ask';
  const side =
    doing && kind !== 'rest' && kind !== 'show'
      ? sideWords(doing.side, session.adventure.setting.mirror ?? true)
      : null;
  return {
    type: 'shown',
    main: spoken ? 'Listen' : capital(cueWords(cue, move).main),
    kind,
    move: doing && !spoken && kind !== 'drink' ? doing.move : null,
    picture: doing?.picture ?? '',
    count,
    of: counted ? doing.amount : null,
    share: counted
      ? Math.min(1, (Math.floor(into / doing.secondsPerCount + 1e-6) + 1) / doing.amount)
      : cue.lengthSeconds > 0
        ? 1 - into / cue.lengthSeconds
        : 0,
    side: side?.say ?? null,
    round:
      doing && doing.round.of > 1 && isWork(cue) ? `${doing.round.n} of ${doing.round.of}` : '',
  };
}
