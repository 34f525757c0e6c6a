import type { Action, Done, Station } from '../model/action';
import type { Ages } from '../model/ages';
import { isCounted, type Dose, type Tempo } from '../model/dose';
import type { Move } from '../model/move';
import type { Cue, Doing, Side } from './cue';
import { secondsPerRep, type Pace } from './pace';
import type { Score } from './score';
import { secondsInTempo } from './tempo';
import { STEP_METRES, TIMINGS } from './timing';

const isTimed = (unit: Dose['unit']) => unit === 'seconds' || unit === 'hold';

/** Counts of a move in an amount of its unit; metres are walked in the move's own steps. */
function countsIn(unit: Dose['unit'], amount: number, move: Move): number {
  return unit === 'metres' ? amount / (move.metresPerRep || STEP_METRES) : amount;
}

/** Seconds to go so many metres and, with two ways, back again, at the pace of the age. */
export function secondsOnWay(
  move: Move,
  metres: number,
  ways: Dose['ways'],
  ages: Ages,
  pace: Pace,
): number {
  const oneWay = countsIn('metres', metres, move) * secondsPerRep(move, ages, pace);
  return ways * oneWay + (ways - 1) * TIMINGS.turn.usual;
}

/** What a turn of work comes to. */
export type Work = Pick<Cue, 'kind' | 'lengthSeconds' | 'effort' | 'reps' | 'landings'>;

/**
 * One turn of a move as its cue has it: in the schedule, in the odds, and where it is changed as it is
 * led. `eachSeconds` is the move's own tempo. Reps are what is counted (reps and steps, not seconds or
 * metres); landings are estimated for timed work by how many whole reps fit into it. A later go is
 * another group's: whoever has had theirs waits.
 */
export function workOf(
  move: Move,
  { unit, amount, go }: Pick<Doing, 'unit' | 'amount' | 'go'>,
  eachSeconds: number,
): Work {
  const timed = isTimed(unit);
  const seconds = timed ? amount : countsIn(unit, amount, move) * eachSeconds;
  const repsDone = timed ? Math.floor(seconds / eachSeconds) : countsIn(unit, amount, move);
  const kind = unit === 'hold' ? 'hold' : 'work';
  if (go.n > 1) return { kind, lengthSeconds: seconds, effort: 1, reps: 0, landings: 0 };
  return {
    kind,
    lengthSeconds: seconds,
    effort: move.effort,
    reps: isCounted(unit) ? amount : 0,
    landings: unit === 'hold' ? 0 : Math.round(repsDone * move.landingsPerRep),
  };
}

/**
 * Work at a tempo that is not the move's own: the beat of a rhyme, the trips of a relay. It counts no
 * reps; landings are those that the move has in so many seconds.
 */
export function workInTempo(move: Move, seconds: number, eachSeconds: number): Work {
  return {
    kind: 'work',
    lengthSeconds: seconds,
    effort: move.effort,
    reps: 0,
    landings: Math.round(move.landingsPerRep * (seconds / eachSeconds)),
  };
}

/** The first turn of a part, as its showing announces it. */
export function doingOf(
  score: Score,
  part: Action | Station,
  what: Pick<Doing, 'unit' | 'amount'> & Partial<Doing>,
): Doing {
  const move = score.move(part);
  const one = { n: 1, of: 1 };
  const tempo = what.tempo ?? 'usual';
  return {
    part: part.id,
    move: move.id,
    also: part.also,
    name: part.guise.name || move.name,
    note: part.guise.note,
    picture: part.guise.picture,
    asked: null,
    secondsPerCount: isCounted(what.unit) ? secondsInTempo(tempo, score.secondsPerRep(move)) : 0,
    tempo,
    count: 'on',
    side: 'any',
    direction: '',
    set: one,
    round: one,
    way: one,
    go: one,
    ...what,
  };
}

/** The same turn in another tempo. */
export function inTempo(score: Score, part: Done, doing: Doing, tempo: Tempo): Doing {
  if (tempo === doing.tempo) return doing;
  const each = secondsInTempo(tempo, score.secondsPerRep(score.move(part)));
  return { ...doing, tempo, secondsPerCount: isCounted(doing.unit) ? each : 0 };
}

/** Adds a turn of work. */
export function addWork(score: Score, work: Work, doing: Doing, text = ''): void {
  const { kind, lengthSeconds, effort, reps, landings } = work;
  score.add(kind, lengthSeconds, text, { doing, effort, reps, landings });
}

/** One turn of work or hold, in the tempo that it is asked for. */
export function addTurn(score: Score, move: Move, doing: Doing): void {
  const each = secondsInTempo(doing.tempo, score.secondsPerRep(move));
  addWork(score, workOf(move, doing, each), doing);
}

/** The sides of a dose in the order in which they are done. */
export function sidesOf(sides: Dose['sides']): readonly Side[] {
  return sides === 'each' ? ['left', 'right'] : [sides];
}
