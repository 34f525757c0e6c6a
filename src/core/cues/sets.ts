import type { Action } from '../model/action';
import { goesFor, tempoOfSet, turnsPerSet, type Dose } from '../model/dose';
import { childrenIn } from '../model/setting';
import type { Doing, Nth } from './cue';
import type { LeadIn, Score } from './score';
import { speechSeconds } from './speech';
import { secondsInTempo } from './tempo';
import { TIMINGS } from './timing';
import { addTurn, doingOf, inTempo, sidesOf, workOf } from './work';

const directionsOf = ({ directions }: Dose) => (directions.length > 0 ? directions : ['']);

/** The first turn of an action, as its showing announces it. */
export function firstDoing(score: Score, action: Action, round: Nth): Doing {
  const dose = score.dose(action);
  const { unit, amounts, asked, sides, ways, count } = dose;
  return doingOf(score, action, {
    unit,
    amount: amounts[0]!,
    asked,
    tempo: tempoOfSet(dose, 0),
    count,
    side: sidesOf(sides)[0]!,
    direction: directionsOf(dose)[0]!,
    set: { n: 1, of: amounts.length },
    way: { n: 1, of: ways },
    go: { n: 1, of: goesFor(dose, childrenIn(score.setting)) },
    round,
  });
}

/**
 * Between two sets: a rest, and the story's line, in the longer time of the two. A hold needs a moment
 * to get into again.
 */
function addRest(score: Score, restSeconds: number, line: string, doing: Doing): void {
  const talk = speechSeconds(line, score.pace);
  if (talk > restSeconds) score.add('say', talk, line, { doing });
  else {
    score.add('rest', restSeconds, '', { doing });
    score.sayMeanwhile(line, score.cues.length - 1, doing);
  }
  if (doing.unit !== 'hold' || score.how.led === 'follow me') return;
  score.add('change', TIMINGS.holdReady.usual - Math.max(talk, restSeconds), '', { doing });
}

/** One go: each of its sides, on each its directions, and of each its ways. */
function addGo(score: Score, action: Action, dose: Dose, inSet: Doing): void {
  const move = score.move(action);
  let before: Doing | null = null;
  for (const side of sidesOf(dose.sides)) {
    for (const direction of directionsOf(dose)) {
      for (let n = 1; n <= dose.ways; n += 1) {
        const turn: Doing = { ...inSet, side, direction, way: { n, of: dose.ways } };
        if (before) {
          const swap = before.side === side ? TIMINGS.turn : TIMINGS.swap;
          const turns = before.direction !== direction && before.side === side;
          score.add('swap', swap.usual, turns ? direction : '', { doing: turn });
        }
        addTurn(score, move, turn);
        before = turn;
      }
    }
  }
}

/** One set: by turns, where not all can go at a time; the next get ready while the others come back. */
function addSet(score: Score, action: Action, dose: Dose, inSet: Doing): void {
  const { of } = inSet.go;
  for (let n = 1; n <= of; n += 1) {
    const doing = { ...inSet, go: { n, of } };
    if (n > 1) score.add('change', TIMINGS.nextGo.usual, '', { doing });
    addGo(score, action, dose, doing);
  }
}

/** All sets, with what lies between them; counted in where it is led so. */
export function addSets(score: Score, action: Action, first: Doing, isCountedIn = true): void {
  const dose = score.dose(action);
  const { amounts, restSeconds } = dose;
  amounts.forEach((amount, index) => {
    const set = { n: index + 1, of: amounts.length };
    const inSet = inTempo(score, action, { ...first, amount, set }, tempoOfSet(dose, index));
    if (index > 0) addRest(score, restSeconds, action.between[index - 1] ?? '', inSet);
    if (isCountedIn) score.countIn(inSet);
    addSet(score, action, dose, inSet);
  });
}

/** Seconds of one set without a stop: how long the leader takes to do it first. */
function setSeconds(score: Score, action: Action, doing: Doing): number {
  const { sides, directions, ways } = score.dose(action);
  const each = secondsInTempo(doing.tempo, score.secondsPerRep(score.move(action)));
  const { lengthSeconds } = workOf(score.move(action), doing, each);
  return lengthSeconds * turnsPerSet({ sides, directions, ways });
}

/** "My go, then yours": the leader's go is as long as a set. */
function myGo(score: Score, action: Action, doing: Doing): LeadIn | undefined {
  if (score.how.show !== 'in full') return undefined;
  const inFullSeconds = setSeconds(score, action, doing);
  return { line: score.lineBefore(action), shown: true, inFullSeconds };
}

/** An action led from its lead-in to the end of its sets, with what is said meanwhile. */
export function addAction(score: Score, action: Action, doing: Doing, how?: LeadIn): void {
  const full = how ? undefined : myGo(score, action, doing);
  score.leadIn(action, doing, how ?? full);
  if (full) score.learn([action.move, ...action.also]);
  const from = score.cues.length;
  addSets(score, action, doing);
  score.sayMeanwhile(score.wordsDuring(action), from, doing);
}
