import type { Move } from '../../model/move';

/** What a face says: glad to move, hard at work, at rest with closed eyes. Blowing comes with the breath. */
export const MOODS = ['joy', 'effort', 'calm'] as const;
export type Mood = (typeof MOODS)[number];

/** From here on it is hard work, and seen in the face. */
const HARD = 4;

/** The face that goes with a move: rest where it is still, work where it is held or hard, else gladness. */
export function moodOf({
  effort,
  posture,
  usual,
}: Pick<Move, 'effort' | 'posture' | 'usual'>): Mood {
  const isStill = effort === 1;
  if (isStill && (posture === 'lying' || posture === 'sitting' || posture === 'kneeling'))
    return 'calm';
  if (effort > HARD || (effort >= HARD - 1 && usual.unit === 'hold')) return 'effort';
  return 'joy';
}
