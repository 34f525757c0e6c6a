import { z } from 'zod';
import { LETTER_SETS } from '../words/reading-scheme';
import { capital } from '../words/capital';
import { lettersOf, proposeStrip } from '../language/letter-strip';
import type { LineTools } from '../language/part-reader';
import { usualAction } from '../language/usual-action';
import type { ReadAction } from '../language/read-action';
import { NO_GUISE } from '../model/action';
import { ageBandOf } from '../model/ages';
import { MOST_ENTRIES } from '../model/chance';
import { PLAIN, type DeviceFile, type ReadEntry } from './device-file';

/** Letters in a strip, one after another. */
const schema = z.strictObject({ kind: z.literal('letters') });
export type Letters = Readonly<z.infer<typeof schema>>;

/** A word, a name, A-Z or a set as a strip; a letter that no move was given for is proposed one. */
function tableFrom(
  text: string,
  given: readonly ReadAction[],
  { finder, ages, kit, book }: LineTools,
): readonly ReadEntry[] {
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
}

export const letters: DeviceFile<Letters> = {
  ...PLAIN,
  schema,
  choice: 'a strip of letters',
  readBack: () => 'A letter strip',
  begin: () => ({ kind: 'letters' }),
  typed: ['letters'],
  read: () => ({ kind: 'letters' }),
  tableFrom,
  line: ({ entries }) => `letters ${entries.map(({ label }) => label).join(' ')}`,
  entryLine: (_, words) => words,
  readBackMark: ({ label }) => `${label} `,
  markAs: 'sign',
  words: ({ entries }) => `Letters ${entries.map(({ label }) => label).join(' ')}`,
  thing: ({ entries }, { entry }) => ({ kind: 'letters', text: entries[entry]!.label }),
  usualRules: { returns: 'in order' },
  print: ({ entries }, desk) => desk.letters(entries),
};
