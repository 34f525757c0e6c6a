import { LETTER_SETS } from '../words/reading-scheme';
import { capital } from '../words/capital';
import { lettersOf, proposeStrip } from '../language/letter-strip';
import { usualAction } from '../language/usual-action';
import { NO_GUISE } from '../model/action';
import { ageBandOf } from '../model/ages';
import { MOST_ENTRIES } from '../model/chance';
import type { DeviceKind } from '.';
import type { ReadEntry, TableFrom } from './device-file';

/** A word, a name, A-Z or a set as a strip; a letter that no move was given for is proposed one. */
const letterTable: TableFrom = (text, given, { finder, ages, kit, book }) => {
  const letters = lettersOf(text, LETTER_SETS).slice(0, MOST_ENTRIES);
  const moves = [...new Set(finder.values())];
  const ideas = proposeStrip(letters, { moves, ages, kit, book });
  return letters.flatMap((label, n): ReadEntry[] => {
    const entry = { label, then: [], cards: 'suit' as const, faces: null };
    if (given[n]) return [{ ...entry, action: given[n] }];
    const idea = ideas[n];
    if (!idea) return [];
    const { move, picture } = idea;
    const guise = { ...NO_GUISE, name: capital(picture), picture };
    const usual = usualAction(move, ages);
    // One letter is a quick thing, about 11 s (common practice): the least that is usual.
    const [least] = move.usual.range[ageBandOf(ages)];
    const sides = move.sided ? ('each' as const) : usual.dose.sides;
    const dose = { ...usual.dose, amounts: [least], sides };
    return [{ ...entry, action: { ...usual, dose, guise } }];
  });
};

/**
 * How devices that are a text get their table out of the words after them; others have theirs typed. In a file
 * of its own, that only those who type need.
 */
export const TABLES_FROM: Readonly<Partial<Record<DeviceKind, TableFrom>>> = {
  letters: letterTable,
};
