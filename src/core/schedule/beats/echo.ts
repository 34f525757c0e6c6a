import type { Echo, EchoLine } from '../../model/beat';
import type { Doing, Nth } from '../cue';
import type { Score } from '../score';
import { doingOf } from './work';

function doingAt(score: Score, beat: Echo, line: EchoLine, round: Nth): Doing {
  const doing = doingOf(score, line, { unit: 'reps', amount: line.beats, round });
  const name = line.text.trim() || doing.name;
  return { ...doing, name, secondsPerCount: 60 / beat.beatsPerMinute };
}

/** Each line takes its beats at the tempo; with `echo` the leader's turn first, as long again. */
export function unrollEcho(beat: Echo, score: Score): void {
  score.say(beat.say);
  const first = beat.lines[0];
  if (!first) return;
  for (let n = 1; n <= beat.times; n += 1) {
    const round = { n, of: beat.times };
    beat.lines.forEach((line, index) => {
      const move = score.move(line);
      const doing = doingAt(score, beat, line, round);
      const seconds = (line.beats * 60) / beat.beatsPerMinute;
      score.change(move, doing, true);
      if (n === 1 && index === 0) {
        score.add('count-in', score.adventure.defaults.countInSeconds, '', { doing });
      }
      if (beat.echo) score.add('show', seconds, line.text, { doing });
      const landings = Math.round(move.landingsPerRep * (seconds / score.secondsPerRep(move)));
      score.add('work', seconds, line.text, { doing, effort: move.effort, landings });
    });
  }
}
