import type { MoveBeat } from '../../model/beat';
import type { Nth } from '../cue';
import type { Score } from '../score';
import { addSets, firstDoing } from './sets';

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
