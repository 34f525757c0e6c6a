import type { Beat } from '../model/beat';
import { partsOfBeat } from '../model/beat-parts';

/** Every line that a beat has the leader say, in order, the empty ones left out. */
export function spokenLines(beat: Beat): readonly string[] {
  const lines =
    beat.kind === 'tell' || beat.kind === 'drink'
      ? [beat.text]
      : [
          beat.say,
          ...(beat.kind === 'echo' ? beat.lines.map(({ text }) => text) : []),
          ...(beat.kind === 'chain' ? [beat.performSay] : []),
          ...partsOfBeat(beat).map(({ guise }) => guise.line),
        ];
  return lines.filter((line) => line.trim() !== '');
}
