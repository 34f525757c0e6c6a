import type { Move } from '../../model/move';
import { BALANCING } from './balancing';
import { BREATH } from './breath';
import { CREATURES } from './creatures';
import { FLOOR } from './floor';
import { GAMES } from './games';
import { GYM } from './gym';
import { HANDLING } from './handling';
import { JUMPING } from './jumping';
import { RHYTHM } from './rhythm';
import { SEATED } from './seated';
import { SHAPES } from './shapes';
import { SMALL_MOVES } from './small-moves';
import { STRETCHES } from './stretches';
import { TRAVELLING } from './travelling';

/**
 * A move's harder form, where it names none itself, is the first move that names it as its easier
 * form: the two are one relation, written down once.
 */
function withHarderForms(moves: readonly Move[]): readonly Move[] {
  const harder = new Map<string, string>();
  for (const { id, easier } of moves) if (easier && !harder.has(easier)) harder.set(easier, id);
  return moves.map((move) => ({ ...move, harder: move.harder ?? harder.get(move.id) ?? null }));
}

/** Every built-in move, by family. */
export const CATALOGUE: readonly Move[] = withHarderForms([
  ...TRAVELLING,
  ...BALANCING,
  ...HANDLING,
  ...RHYTHM,
  ...FLOOR,
  ...SHAPES,
  ...STRETCHES,
  ...BREATH,
  ...SEATED,
  ...JUMPING,
  ...GYM,
  ...CREATURES,
  ...GAMES,
  ...SMALL_MOVES,
]);
