import { capital, isCountedWork, isWork, type Beat, type Move } from '$core';
import { preferences } from '$lib/store/preference-store.svelte';
import { figureOfCue } from './cue-figure';
import { cueWords, sideOf } from './cue-words';
import type { Shown } from './companions';
import type { StageSession } from './stage.svelte';

/** What the children do while somebody speaks. */
function listening(beat: Beat | null): string {
  if (beat?.kind !== 'tell') return 'Listen';
  if (beat.to) return 'One moment';
  return beat.acted ? 'Act it out!' : 'Listen';
}

/** What children see of the present cue: the move and its count; of what is said, nothing to read. */
export function shownOf(session: StageSession, move: Move | null): Shown | null {
  const { adventure, cue, count, share } = session;
  if (!cue) return null;
  const { doing, kind } = cue;
  const { setting } = adventure;
  const figure = figureOfCue(cue, move, setting, preferences.pace);
  const side = sideOf(cue, setting.mirror ?? true);
  const spoken = kind === 'say' || kind === 'ask';
  const drawn = spoken || kind === 'drink' ? null : doing;
  return {
    type: 'shown',
    main: spoken ? listening(session.beat) : capital(cueWords(cue, move).main),
    kind,
    move: drawn?.move ?? null,
    also: [...(drawn?.also ?? [])],
    held: figure.held,
    flip: figure.flip,
    secondsPerRep: figure.secondsPerRep,
    elapsed: figure.inStep ? session.into : null,
    running: session.status === 'running',
    count,
    of: isCountedWork(cue) ? doing!.amount : null,
    share,
    side: side?.say ?? null,
    round:
      doing && doing.round.of > 1 && isWork(cue) ? `${doing.round.n} of ${doing.round.of}` : '',
  };
}
