import type { Adventure } from '../document/adventure';
import { beatLabel } from '../beats';
import { beatsOf, drawsOf } from '../document/beats-of';
import { moveBookOf } from '../moves/move-book';
import type { Pin } from '../log/reviewed';
import type { Schedule } from '../schedule/unroll';
import { within } from '../words/numbers';
import { align, type Alignment, type Pins } from './align';
import { chunksOf, type Heard } from './chunks';
import { countsAloud, type CountAloud } from './counting-aloud';
import { evidenceFor, heardTerms } from './evidence';
import type { Segment } from './listening';
import { segmentsOf } from './segments';

/** A recording laid along the script. */
export type Laid = Readonly<{
  segments: readonly Segment[];
  alignment: Alignment;
  counts: readonly CountAloud[];
  /** Each beat in a few words. */
  labels: ReadonlyMap<string, string>;
}>;

/** How much slower or faster than planned a recording may be as a whole. */
const TIMES = { least: 0.5, most: 2.2 } as const;
/** As sure as this, a segment tells how long things take. In nats. */
const SURE = 2;

/** Beats whose draws are known without being told: drawn beforehand, or a list read in order. */
export function knownDraws(adventure: Adventure): ReadonlySet<string> {
  return new Set(
    drawsOf(adventure)
      .filter(({ drawn, rules }) => drawn !== 'live' || rules.returns === 'in order')
      .map(({ id }) => id),
  );
}

/** How much longer the surest segments took than planned. */
function pace(segments: readonly Segment[], { found, led }: Alignment, before: number): number {
  let real = 0;
  let planned = 0;
  for (const { segment, fromSeconds, toSeconds, elsewhere } of found) {
    if (elsewhere || led[segment]! < SURE) continue;
    real += toSeconds - fromSeconds;
    planned += segments[segment]!.plannedSeconds;
  }
  return planned > 0 ? within(real / planned, TIMES) : before;
}

/**
 * What was said, laid along the script: first at the pace at which the whole would fit, then at the pace
 * that the surest stretches had. `known` has the beats whose draws in `schedule` are the real ones.
 */
export function layAlong(
  adventure: Adventure,
  { cues, totalSeconds }: Pick<Schedule, 'cues' | 'totalSeconds'>,
  { words, voices, endSeconds }: Heard,
  known: ReadonlySet<string>,
  pins: ReadonlyMap<string, Pin> = new Map(),
): Laid {
  const segments = segmentsOf(adventure, cues, known);
  const counts = countsAloud(words);
  const byPlace: Pins = new Map(
    segments.flatMap(({ key }, n) => {
      const pin = pins.get(key);
      return pin === undefined ? [] : [[n, pin] as const];
    }),
  );
  const cuts = [...byPlace.values()].filter((pin) => pin !== 'left out');
  const chunks = chunksOf({ words, voices, endSeconds }, counts, cuts);
  const heard = heardTerms(segments, chunks, counts);
  let times = within(endSeconds / Math.max(1, totalSeconds), TIMES);
  let alignment: Alignment = { found: [], led: new Float64Array(segments.length) };
  for (let pass = 0; pass < 2; pass += 1) {
    const secondsEach = segments.map(({ plannedSeconds }) => plannedSeconds * times);
    const evidence = evidenceFor(segments, secondsEach, heard, endSeconds);
    alignment = align(segments, secondsEach, evidence, { chunks, endSeconds }, byPlace);
    times = pace(segments, alignment, times);
  }
  const book = moveBookOf(adventure);
  const labels = new Map(beatsOf(adventure).map((beat) => [beat.id, beatLabel(beat, book)]));
  return { segments, alignment, counts, labels };
}
