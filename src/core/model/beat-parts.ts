import type { Action, Beat, Station } from './beat';

/** A move as it stands in a beat, in a guise; an action has a dose besides. */
export type Part = Action | Station;

/** Everything in a beat that is a move, in order. */
export function partsOfBeat(beat: Beat): readonly Part[] {
  if (beat.kind === 'move') return beat.actions;
  if (beat.kind === 'circuit') return beat.stations;
  return [];
}
