import type { Action, Beat, EchoLine, Station } from './beat';
import type { Path } from './problem';

/** A move as it stands in a beat, in a guise; an action has a dose besides. */
export type Part = Action | Station | EchoLine;

/** Everything in a beat that is a move, in order. */
export function partsOfBeat(beat: Beat): readonly Part[] {
  if (beat.kind === 'move') return beat.actions;
  if (beat.kind === 'circuit') return beat.stations;
  if (beat.kind === 'chain') return beat.links;
  if (beat.kind === 'echo') return beat.lines;
  if (beat.kind === 'draw') {
    const { entries, rules } = beat;
    const table = entries.flatMap(({ action, then }) => [action, ...then]);
    return rules.standIn ? [...table, rules.standIn] : table;
  }
  return [];
}

/** Ids of every move that the beat may ask for, in order; also of how they travel between draws. */
export function movesOfBeat(beat: Beat): readonly string[] {
  const moves = partsOfBeat(beat).map(({ move }) => move);
  const travel = beat.kind === 'draw' ? beat.rules.between?.move : undefined;
  return travel === undefined ? moves : [...moves, travel];
}

/** The list of a beat's parts, by its kind. */
const LISTS = { move: 'actions', circuit: 'stations', chain: 'links', echo: 'lines' } as const;

/** Where the part at `index` of `partsOfBeat` stands in the beat. */
export function partPath(beat: Beat, index: number): Path {
  if (beat.kind !== 'draw') return [LISTS[beat.kind as keyof typeof LISTS], index];
  let left = index;
  for (const [entry, { then }] of beat.entries.entries()) {
    if (left === 0) return ['entries', entry, 'action'];
    if (left <= then.length) return ['entries', entry, 'then', left - 1];
    left -= 1 + then.length;
  }
  return ['rules', 'standIn'];
}

/** The beat with each of its parts changed by `change`, which keeps the part's kind. */
export function changeParts(beat: Beat, change: <P extends Part>(part: P) => P): Beat {
  if (beat.kind === 'move') return { ...beat, actions: beat.actions.map((one) => change(one)) };
  if (beat.kind === 'circuit') {
    return { ...beat, stations: beat.stations.map((one) => change(one)) };
  }
  if (beat.kind === 'chain') return { ...beat, links: beat.links.map((one) => change(one)) };
  if (beat.kind === 'echo') return { ...beat, lines: beat.lines.map((one) => change(one)) };
  if (beat.kind !== 'draw') return beat;
  const { rules } = beat;
  return {
    ...beat,
    entries: beat.entries.map((entry) => ({
      ...entry,
      action: change(entry.action),
      then: entry.then.map((one) => change(one)),
    })),
    rules: { ...rules, standIn: rules.standIn && change(rules.standIn) },
  };
}
