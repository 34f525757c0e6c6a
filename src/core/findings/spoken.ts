import type { Beat } from '../model/beat';

/** Every line that a beat has the leader say, in order, the empty ones left out. */
export function spokenLines(beat: Beat): readonly string[] {
  const lines =
    beat.kind === 'tell' || beat.kind === 'drink'
      ? [beat.text]
      : [
          beat.say,
          ...(beat.kind === 'move' ? beat.actions : beat.stations).map((p) => p.guise.line),
        ];
  return lines.filter((line) => line.trim() !== '');
}
