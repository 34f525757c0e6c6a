import type { Adventure } from '../model/adventure';
import { movesOfBeat } from '../model/beat-parts';
import type { Move } from '../model/move';
import { moveBookOf, moveIn } from './move-book';

/** The line that defers to those who know the children and the place. */
export const DEFERRING_LINE =
  'Follow your setting’s own risk assessment, safeguarding and first-aid rules, and a health professional’s advice for a child with a condition.';

/** What holds for every session. Usual practice. */
const ALWAYS = [
  'Stop for pain or dizziness; drinks and breaks whenever wanted.',
  'Clear floor, an arm’s length plus a step between children.',
];

/** Every move that the adventure uses, once each, in the order of first use. */
export function movesUsed(adventure: Adventure): readonly Move[] {
  const book = moveBookOf(adventure);
  const ids = new Set<string>();
  for (const { beats } of adventure.chapters) {
    for (const beat of beats) for (const move of movesOfBeat(beat)) ids.add(move);
  }
  return [...ids].map((id) => moveIn(book, id));
}

/** A caution and the moves that it is about; none for what always holds. */
export type Caution = Readonly<{ text: string; moves: readonly string[] }>;

/** The cautions of the moves in use, those that concern most moves first, then what always holds. */
export function cautionsOf(adventure: Adventure): readonly Caution[] {
  const byText = new Map<string, string[]>();
  const note = (text: string, move: Move) => {
    const names = byText.get(text) ?? [];
    if (!names.includes(move.name)) names.push(move.name);
    byText.set(text, names);
  };
  for (const move of movesUsed(adventure)) {
    for (const caution of move.cautions) note(caution, move);
    if (move.fromAge > adventure.setting.ages.from) {
      note(`Usually from age ${move.fromAge}: have the easier form ready.`, move);
    }
  }
  const particular = [...byText]
    .map(([text, moves]) => ({ text, moves }))
    .sort((a, b) => b.moves.length - a.moves.length);
  return [...particular, ...ALWAYS.map((text) => ({ text, moves: [] }))];
}

/** Kit that the moves in use need, each thing once. */
export function kitOf(adventure: Adventure): readonly string[] {
  const things = new Set(movesUsed(adventure).flatMap((move) => move.kit));
  if (movesUsed(adventure).some((move) => move.surface === 'mat')) things.add('mat');
  return [...things];
}
