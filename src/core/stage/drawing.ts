import { deviceFile } from '../devices';
import { diceTotals } from '../devices/die';
import { urnOf } from '../chance/urn';
import type { Adventure } from '../document/adventure';
import type { Draw } from '../beats/draw-schema';
import type { Cue } from '../cues/cue';
import type { ResolvedDraw } from '../model/resolved-draw';

/** A draw that is on the stage: its beat, and which it is, counted from 0. */
export type DrawOnStage = Readonly<{ beat: Draw; nth: number }>;

/** The draw that a cue belongs to; null for a cue of another kind of beat. */
export function drawOf(adventure: Adventure, cue: Cue): DrawOnStage | null {
  for (const { beats } of adventure.chapters) {
    const beat = beats.find(({ id }) => id === cue.beatId);
    if (beat?.kind === 'draw' && cue.doing) return { beat, nth: cue.doing.round.n - 1 };
  }
  return null;
}

/**
 * How many of the entries that can come are still to come after so many of these draws; null where it
 * doesn't go on until all were seen.
 */
export function stillToCome(
  beat: Draw,
  draws: readonly Pick<ResolvedDraw, 'entry'>[],
  count: number,
): number | null {
  const urn = urnOf(beat);
  if (beat.rules.stop.after !== 'all seen' || !urn.ok) return null;
  const left = new Set(urn.value.outcomes.map(({ entry }) => entry));
  for (const { entry } of draws.slice(0, count)) left.delete(entry);
  return left.size;
}

/** Something that a real device may show, as a button says it. */
export type ShownOutcome = Readonly<{ label: string; entry: number; outcome: number }>;

/** Everything that the beat's device may show; nothing for a list in order. */
export function shownOutcomes(beat: Draw): readonly ShownOutcome[] {
  const urn = urnOf(beat);
  if (!urn.ok || beat.rules.returns === 'in order') return [];
  const file = deviceFile(beat.device);
  return urn.value.outcomes.map(({ entry, value }, outcome) => {
    const { label, action } = beat.entries[entry]!;
    const name = label || action.guise.name || String(entry + 1);
    return { label: value === null ? name : file.valueLabel(value), entry, outcome };
  });
}

/** Numbers that the beat's number die may show; none where there is no such die. */
export function shownNumbers({ amount }: Draw): readonly number[] {
  return amount.from === 'number die' ? diceTotals(amount) : [];
}
