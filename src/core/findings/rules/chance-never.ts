import { chancesOfNever } from '../../chance/never';
import { urnOf } from '../../chance/urn';
import type { Draw } from '../../beats/draw-schema';
import { calledIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeDraw } from '../mending';
import { remember } from '../../words/remember';
import { tenthsOf } from '../tenths';

/** A move that stays away more often than in one session of ten is worth a word. Our own judgement. */
const OFTEN_MISSED = 0.1;

/** The entry that is likeliest to stay away, and how likely; null where that is rare. */
const likeliestMissed = remember((beat: Draw) => {
  const urn = urnOf(beat);
  const never = urn.ok ? chancesOfNever(urn.value) : null;
  if (!never) return null;
  // A joker is meant to be rare.
  const told = never.map((chance, entry) => (beat.entries[entry]!.cards === 'jokers' ? 0 : chance));
  const chance = Math.max(...told);
  return chance <= OFTEN_MISSED ? null : { entry: told.indexOf(chance), chance };
});

/** A move of the table that will often not be drawn at all. */
export function checkNever({ beats, book }: FindingContext): Seen[] {
  return [...beats.values()].flatMap((beat): Seen[] => {
    if (beat.kind !== 'draw') return [];
    const missed = likeliestMissed(beat);
    if (!missed) return [];
    const { entry, chance } = missed;
    const { action } = beat.entries[entry]!;
    const { stop, returns } = beat.rules;
    const draws = stop.after === 'draws' ? stop.draws : 0;
    // With as many draws as moves, each once before any twice leaves none out.
    const canBag =
      draws >= beat.entries.length && returns === 'back' && beat.device.kind !== 'deck';
    return [
      {
        place: { beatId: beat.id, part: action.id },
        severity: 'think',
        params: {
          name: calledIn(book, action),
          tenths: tenthsOf(chance),
        },
        fix: canBag
          ? changeDraw(beat.id, (one) => ({ ...one, rules: { ...one.rules, returns: 'bag' } }))
          : null,
      },
    ];
  });
}
