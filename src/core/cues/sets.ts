import type { Action } from '../model/action';
import type { Doing, Nth } from './cue';
import type { LeadIn, Score } from './score';
import { TIMINGS } from './timing';
import { addTurn, doingOf, sidesOf } from './work';

/** The first turn of an action, as its showing announces it. */
export function firstDoing(score: Score, action: Action, round: Nth): Doing {
  const { unit, amounts, sides, ways, count } = action.dose;
  return doingOf(score, action, {
    unit,
    amount: amounts[0]!,
    count,
    side: sidesOf(sides)[0]!,
    set: { n: 1, of: amounts.length },
    way: { n: 1, of: ways },
    round,
  });
}

/** Rest before a further set; a hold needs a moment to get into again. */
function addRest(score: Score, restSeconds: number, doing: Doing): void {
  score.add('rest', restSeconds, '', { doing });
  if (doing.unit !== 'hold' || score.how.led === 'follow me') return;
  score.add('change', TIMINGS.holdReady.usual - restSeconds, '', { doing });
}

/** Sets, and in each set its sides, and on each side its ways; counted in where it is led so. */
export function addSets(score: Score, action: Action, first: Doing, isCountedIn = true): void {
  const { amounts, sides, ways, restSeconds } = action.dose;
  const move = score.move(action);
  amounts.forEach((amount, index) => {
    const inSet = { ...first, amount, set: { n: index + 1, of: amounts.length } };
    if (index > 0) addRest(score, restSeconds, inSet);
    if (isCountedIn) score.countIn(inSet);
    sidesOf(sides).forEach((side, sideIndex) => {
      const onSide = { ...inSet, side };
      if (sideIndex > 0) score.add('swap', TIMINGS.swap.usual, '', { doing: onSide });
      for (let n = 1; n <= ways; n += 1) {
        const turn = { ...onSide, way: { n, of: ways } };
        if (n > 1) score.add('swap', TIMINGS.turn.usual, '', { doing: turn });
        addTurn(score, move, turn);
      }
    });
  });
}

/** An action led from its lead-in to the end of its sets, with what is said meanwhile. */
export function addAction(score: Score, action: Action, doing: Doing, how?: LeadIn): void {
  score.leadIn(action, doing, how);
  const from = score.cues.length;
  addSets(score, action, doing);
  score.sayMeanwhile(score.wordsDuring(action), from, doing);
}
