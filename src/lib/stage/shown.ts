import {
  capital,
  drawOf,
  isCountedWork,
  momentOf,
  roundWordOf,
  stillToCome,
  turnAt,
  type Beat,
  type Cue,
  type Move,
} from '$core';
import { preferences } from '$lib/store/preference-store.svelte';
import { CHANGE_WORDS } from './adapt-words';
import { figureOfCue } from './cue-figure';
import { cueWords, nextWords, sideOf } from './cue-words';
import type { Shown } from './companions';
import type { StageSession } from './stage.svelte';

/** What the children do while somebody speaks. */
function listening(beat: Beat | null): string {
  if (beat?.kind !== 'tell') return 'Listen';
  if (beat.to) return 'One moment';
  return beat.acted ? 'Act it out!' : 'Listen';
}

/** Moments in which there is no move to look at. */
const WITHOUT_FIGURE: ReadonlySet<Shown['moment']> = new Set([
  'say',
  'ask',
  'goodbye',
  'drink',
  'sum',
]);

/** What comes next, as it is told on every screen; a draw that is still secret stays so. */
function nextOf({ adventure, schedule, index }: StageSession): string {
  const isSecret = (coming: Cue) => {
    const beat = drawOf(adventure, coming)?.beat;
    return beat !== undefined && beat.drawn === 'live' && beat.rules.returns !== 'in order';
  };
  return nextWords(schedule.cues, index, isSecret);
}

/** How many entries are still to come; a throw that still falls doesn't count yet. */
function leftOf({ adventure, draws }: StageSession, cue: Cue): number | null {
  const at = drawOf(adventure, cue);
  return at && stillToCome(at.beat, draws, at.nth + (cue.kind === 'draw' ? 0 : 1));
}

/** What of it stays as it is for as long as a cue lasts: worked out once a cue, not once a frame. */
export type ShownStill = Omit<Shown, 'status' | 'said' | 'elapsed' | 'count' | 'share'> &
  Readonly<{ inStep: boolean }>;

/** What every screen shows of the present cue, but for what moves; null where there is none. */
export function stillOf(session: StageSession, move: Move | null): ShownStill | null {
  const { adventure, beat, cue, drawn, index, schedule } = session;
  if (!cue) return null;
  const { doing, kind } = cue;
  const chapter = adventure.chapters.find(({ id }) => id === cue.chapterId)?.kind ?? null;
  const moment = momentOf(cue, chapter, drawn !== null);
  const { held, flip, secondsPerRep, inStep } = figureOfCue(
    cue,
    move,
    adventure.setting,
    preferences.pace,
  );
  const spoken = kind === 'say' || kind === 'ask';
  const drawing = WITHOUT_FIGURE.has(moment) ? null : doing;
  return {
    type: 'shown',
    cueId: cue.id,
    kind,
    moment,
    main: spoken ? listening(beat) : capital(cueWords(cue, move).main),
    next: nextOf(session),
    move: drawing?.move ?? null,
    also: [...(drawing?.also ?? [])],
    held,
    flip,
    secondsPerRep,
    inStep,
    of: isCountedWork(cue) ? doing!.amount : null,
    side: sideOf(cue),
    set: doing && doing.set.of > 1 ? doing.set : null,
    go: doing && doing.go.of > 1 ? doing.go : null,
    round: doing && doing.round.of > 1 ? doing.round : null,
    left: leftOf(session, cue),
    roundWord: beat ? roundWordOf(beat) : 'Round',
    turn: turnAt(adventure, schedule.cues, index),
    draw: drawn && beat ? { ...drawn, beatId: beat.id } : null,
    changes: session.changes.map(({ what }) => ({ what, label: CHANGE_WORDS[what].label })),
  };
}

/** The whole of it, now; null while nothing is led. */
export function shownOf(session: StageSession, still: ShownStill | null): Shown | null {
  const { count, share, into, saying, status } = session;
  if (!still || status === 'ready' || status === 'done') return null;
  const { inStep, ...shown } = still;
  return { ...shown, status, said: saying, elapsed: inStep ? into : null, count, share };
}
