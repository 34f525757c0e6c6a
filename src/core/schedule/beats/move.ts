import type { Action, MoveBeat } from '../../model/beat';
import type { Doing, Nth } from '../cue';
import type { Score } from '../score';
import { HOLD_READY_SECONDS, SWAP_SECONDS, TURN_SECONDS } from '../timing';
import { addTurn, doingOf, sidesOf } from './work';

function firstDoing(score: Score, action: Action, round: Nth): Doing {
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

function addCountIn(score: Score, beat: MoveBeat, doing: Doing): void {
  if (beat.flowing) return;
  const usual = score.adventure.defaults.countInSeconds;
  score.add('count-in', doing.unit === 'hold' ? Math.max(usual, HOLD_READY_SECONDS) : usual, '', {
    doing,
  });
}

/** Sets, and in each set its sides, and on each side its ways. */
function addSets(score: Score, beat: MoveBeat, action: Action, first: Doing): void {
  const { amounts, sides, ways, restSeconds } = action.dose;
  const move = score.move(action);
  amounts.forEach((amount, index) => {
    const inSet = { ...first, amount, set: { n: index + 1, of: amounts.length } };
    if (index > 0) score.add('rest', restSeconds, '', { doing: inSet });
    addCountIn(score, beat, inSet);
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

export function unrollMove(beat: MoveBeat, score: Score): void {
  score.say(beat.say);
  const show = beat.flowing ? 'none' : beat.show;
  const rounds = (n: number): Nth => ({ n, of: beat.rounds });
  if (show === 'first') {
    for (const action of beat.actions) score.show(action, firstDoing(score, action, rounds(1)));
  }
  for (let n = 1; n <= beat.rounds; n += 1) {
    if (n > 1) score.add('rest', beat.restBetweenRoundsSeconds, '');
    for (const action of beat.actions) {
      const doing = firstDoing(score, action, rounds(n));
      score.change(score.move(action), doing, beat.flowing);
      if (n === 1 && show === 'each') score.show(action, doing);
      if (n === 1 && show === 'none') score.say(action.guise.line, doing);
      addSets(score, beat, action, doing);
    }
  }
}
