import type { Action } from '../model/action';
import type { Doing, Nth } from './cue';
import type { Score } from './score';
import { HOLD_READY_SECONDS, SWAP_SECONDS, TURN_SECONDS } from './timing';
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

/** Sets, and in each set its sides, and on each side its ways. No count-in where moves run together. */
export function addSets(
  score: Score,
  { flowing }: Readonly<{ flowing: boolean }>,
  action: Action,
  first: Doing,
): void {
  const { amounts, sides, ways, restSeconds } = action.dose;
  const move = score.move(action);
  amounts.forEach((amount, index) => {
    const inSet = { ...first, amount, set: { n: index + 1, of: amounts.length } };
    if (index > 0) score.add('rest', restSeconds, '', { doing: inSet });
    if (!flowing) score.countIn(inSet, inSet.unit === 'hold' ? HOLD_READY_SECONDS : 0);
    sidesOf(sides).forEach((side, sideIndex) => {
      const onSide = { ...inSet, side };
      if (sideIndex > 0) score.add('swap', SWAP_SECONDS, '', { doing: onSide });
      for (let n = 1; n <= ways; n += 1) {
        const turn = { ...onSide, way: { n, of: ways } };
        if (n > 1) score.add('swap', TURN_SECONDS, '', { doing: turn });
        addTurn(score, move, turn);
      }
    });
  });
}
