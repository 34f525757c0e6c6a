import type { Family, Move } from '../../model/move';
import type { Figure } from '../../model/figure';
import { builtInFigure } from '.';

/** For a move of the presenter's own of which nothing else is known: how such a move often looks. */
const STAND_INS: Readonly<Record<Family, string>> = {
  travelling: 'walk',
  balancing: 'stork-stand',
  handling: 'ball-toss-catch',
  floor: 'table-hold',
  stretch: 'tall-reach',
  shape: 'star-shape',
  rhythm: 'clap',
  breath: 'calm-breath',
};

/** How a move is drawn; null for one that has an icon instead. */
export function figureOfMove({
  id,
  family,
  figure,
}: Pick<Move, 'id' | 'family' | 'figure'>): Figure | null {
  if (figure?.kind === 'icon') return null;
  if (figure?.kind === 'drawn') return figure.figure;
  const known = builtInFigure(figure?.kind === 'like' ? figure.move : id);
  return known ?? builtInFigure(STAND_INS[family]);
}
