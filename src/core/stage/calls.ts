import { isCounted } from '../model/dose';
import { isWork, type Cue, type Doing } from '../cues/cue';

/** Something that is called out while they work by the clock. */
export type Call = 'halfway' | 'ten left' | 'youngest' | `age ${number}`;

/** Shorter work needs no calls. Common practice: timed work of 20 to 45 s is called at ten seconds. */
export const CALLED_FROM_SECONDS = 20;
const TEN_SECONDS = 10;
/** A call stays to be seen for so long. */
const SEEN_SECONDS = 3;

/** "Fours, rest!": where each age, or the youngest, has done what it is asked for. */
function ageCalls({ asked }: Doing, lengthSeconds: number): readonly (readonly [Call, number])[] {
  if (asked?.as === 'range') {
    return asked.least < lengthSeconds ? [['youngest', asked.least]] : [];
  }
  if (asked?.as !== 'by age') return [];
  return asked.ages
    .filter(({ amount }) => amount < lengthSeconds)
    .map(({ age, amount }) => [`age ${age}`, amount] as const)
    .sort(([, one], [, other]) => one - other);
}

/** When the calls of a cue are made, in seconds into it; none for what is counted, or is short. */
export function callsOf({ kind, doing, lengthSeconds }: Cue): readonly (readonly [Call, number])[] {
  if (!isWork({ kind }) || !doing || isCounted(doing.unit) || doing.unit === 'metres') return [];
  const byAge = ageCalls(doing, lengthSeconds);
  if (byAge.length > 0) return byAge;
  if (lengthSeconds < CALLED_FROM_SECONDS) return [];
  const ten = lengthSeconds - TEN_SECONDS;
  const half = lengthSeconds / 2;
  // Where half is ten seconds, ten seconds says more.
  return ten - half < SEEN_SECONDS
    ? [['ten left', ten]]
    : [
        ['halfway', half],
        ['ten left', ten],
      ];
}

/** What is being called `intoSeconds` into a cue; null for nothing. */
export function callAt(cue: Cue, intoSeconds: number): Call | null {
  const found = callsOf(cue).find(([, at]) => intoSeconds >= at && intoSeconds < at + SEEN_SECONDS);
  return found?.[0] ?? null;
}
