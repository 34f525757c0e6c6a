import { entryOf } from '../../words/entry-of';
import type { Figure } from '../../model/figure';
import { figureOf, type FigureSketch } from './figure-sketch';
import { BALANCING_FIGURES } from './balancing';
import { BREATH_FIGURES } from './breath';
import { CREATURE_FIGURES } from './creatures';
import { FLOOR_FIGURES } from './floor';
import { GAME_FIGURES } from './games';
import { GYM_FIGURES } from './gym';
import { HANDLING_FIGURES } from './handling';
import { JUMPING_FIGURES } from './jumping';
import { RHYTHM_FIGURES } from './rhythm';
import { SEATED_FIGURES } from './seated';
import { SHAPE_FIGURES } from './shapes';
import { SMALL_FIGURES } from './small-moves';
import { STRETCH_FIGURES } from './stretches';
import { TRAVELLING_FIGURES } from './travelling';

/** How each move of the catalogue is drawn, by its id, as written. */
export const FIGURE_SKETCHES: Readonly<Record<string, FigureSketch>> = {
  ...TRAVELLING_FIGURES,
  ...BALANCING_FIGURES,
  ...HANDLING_FIGURES,
  ...RHYTHM_FIGURES,
  ...FLOOR_FIGURES,
  ...SHAPE_FIGURES,
  ...STRETCH_FIGURES,
  ...BREATH_FIGURES,
  ...SEATED_FIGURES,
  ...JUMPING_FIGURES,
  ...GYM_FIGURES,
  ...CREATURE_FIGURES,
  ...GAME_FIGURES,
  ...SMALL_FIGURES,
};

const made = new Map<string, Figure>();

/** The figure of a move of the catalogue; null for an id that has none. */
export function builtInFigure(id: string): Figure | null {
  const known = made.get(id);
  if (known) return known;
  const sketch = entryOf(FIGURE_SKETCHES, id);
  if (!sketch) return null;
  const figure = figureOf(sketch);
  made.set(id, figure);
  return figure;
}
