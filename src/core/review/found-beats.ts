import type { Adventure } from '../document/adventure';
import type { FoundBeat, LedState } from '../log/reviewed';
import { toTenth } from '../words/middle';
import type { Found } from './align';
import type { Laid } from './lay';
import type { Segment } from './listening';

/** As sure as this in nats, something is told as left out; below it, it was led unheard. */
const SURE_LEFT_OUT = 0.4;
/** How sure what was led unheard is. */
const UNHEARD = 0.3;

/** Log odds as a chance. */
const chance = (nats: number) => 1 / (1 + Math.exp(-nats));

type Placed = Readonly<{
  segment: Segment;
  /** In its place. */
  found: Found | null;
  elsewhere: readonly Found[];
  led: number;
  /** Where it would have come. */
  gapSeconds: number;
}>;

/** Each segment with where it was found, and where it would have come. */
function placedOf({ segments, alignment }: Laid): readonly Placed[] {
  const inPlace = new Map<number, Found>();
  const elsewhere = new Map<number, Found[]>();
  for (const found of alignment.found) {
    if (!found.elsewhere) inPlace.set(found.segment, found);
    else elsewhere.set(found.segment, [...(elsewhere.get(found.segment) ?? []), found]);
  }
  let gapSeconds = 0;
  return segments.map((segment, index) => {
    const found = inPlace.get(index) ?? null;
    gapSeconds = found?.toSeconds ?? gapSeconds;
    return {
      segment,
      found,
      elsewhere: elsewhere.get(index) ?? [],
      led: alignment.led[index]!,
      gapSeconds: found?.fromSeconds ?? gapSeconds,
    };
  });
}

/** What became of some segments that belong together: a beat, or one part in one round. */
function outcome(
  placed: readonly Placed[],
): readonly Pick<FoundBeat, 'startSeconds' | 'endSeconds' | 'confidence' | 'state'>[] {
  const inPlace = placed.flatMap(({ found }) => found ?? []);
  const elsewhere = placed.flatMap((one) => one.elsewhere);
  const span = (all: readonly Found[], state: LedState, confidence: number) => ({
    startSeconds: toTenth(Math.min(...all.map(({ fromSeconds }) => fromSeconds))),
    endSeconds: toTenth(Math.max(...all.map(({ toSeconds }) => toSeconds))),
    confidence: Math.round(confidence * 100) / 100,
    state,
  });
  const surest = Math.max(...placed.map(({ led }) => led));
  if (inPlace.length > 0) {
    const led = Math.max(...placed.filter(({ found }) => found).map((one) => one.led));
    // Twice is told of the whole, not of a part of it that was mentioned again.
    const again = elsewhere.length * 2 >= placed.length;
    const first = span(inPlace, again ? 'twice' : 'led', chance(led));
    return again ? [first, span(elsewhere, 'twice', chance(led))] : [first];
  }
  if (elsewhere.length * 2 >= placed.length && elsewhere.length > 0) {
    return [span(elsewhere, 'out of order', 0.7)];
  }
  const { gapSeconds } = placed[0]!;
  const at = { startSeconds: toTenth(gapSeconds), endSeconds: toTenth(gapSeconds) };
  const unsure = placed.length === 1 && surest > -SURE_LEFT_OUT;
  return unsure
    ? [{ ...at, confidence: UNHEARD, state: 'led' }]
    : [{ ...at, confidence: Math.round(chance(-surest) * 100) / 100, state: 'left out' }];
}

/**
 * What became of each beat, in the script's order; after a beat of several parts or rounds, what became
 * of each of these. Single draws of a device are not told apart: how many come is chance's.
 */
export function foundBeats(adventure: Adventure, laid: Laid): readonly FoundBeat[] {
  const byBeat = new Map<string, Placed[]>();
  for (const one of placedOf(laid)) {
    const { beatId } = one.segment;
    byBeat.set(beatId, [...(byBeat.get(beatId) ?? []), one]);
  }
  return adventure.chapters.flatMap(({ beats }) =>
    beats.flatMap((beat) => {
      const placed = byBeat.get(beat.id);
      if (!placed) return [];
      const { segment } = placed.find(({ segment: { part } }) => part) ?? placed[0]!;
      const label = placed.length === 1 ? segment.label : laid.labels.get(beat.id)!;
      const whole = outcome(placed).map((one) => ({ beatId: beat.id, label, ...one }));
      if (whole[0]!.state === 'left out' || beat.kind === 'draw') return whole;
      const byPart = new Map<string, Placed[]>();
      for (const one of placed) {
        const { part, round: nth, mayMove } = one.segment;
        // Showing it is not doing it.
        if (part === null || !mayMove) continue;
        const key = `${part} ${nth}`;
        byPart.set(key, [...(byPart.get(key) ?? []), one]);
      }
      if (byPart.size < 2) return whole;
      const parts = [...byPart.values()].flatMap((of) => {
        const { part, round: nth, label: name } = of[0]!.segment;
        return outcome(of).map((one) => ({
          beatId: beat.id,
          part: part!,
          round: nth,
          label: name,
          ...one,
        }));
      });
      return [...whole, ...parts];
    }),
  );
}
