import type { Tell } from '../../model/beat';
import type { Score } from '../score';
import { speechSeconds } from '../speech';

export function unrollTell(beat: Tell, score: Score): void {
  if (beat.waitSeconds === undefined) return score.say(beat.text);
  const spoken = speechSeconds(beat.text, score.pace);
  score.add('ask', spoken + beat.waitSeconds, beat.text);
}
