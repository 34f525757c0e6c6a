import { clockOf, lengthInWords, type Forecast, type Spread } from '$core';
import { chanceInWords } from '$lib/chance/odds-words';

/** "112", or "90 to 130": what it comes to in eight sessions of ten. */
export function rangeInWords({ p10, p90 }: Spread): string {
  return p10 === p90 ? String(p10) : `${p10} to ${p90}`;
}

function overInWords({ chanceOver, slotSeconds }: Forecast): string {
  const slot = clockOf(slotSeconds);
  if (chanceOver === 0) return `It stays within your ${slot}.`;
  return `It runs over your ${slot} ${chanceInWords(chanceOver)}.`;
}

/** What to expect of the whole adventure, in sentences a presenter would say. */
export function forecastInWords(result: Forecast): readonly string[] {
  const { seconds, reps, landings, livelySeconds } = result;
  const length =
    seconds.p10 === seconds.p90
      ? `It takes ${clockOf(seconds.p50)}.`
      : `In eight sessions of ten it takes ${clockOf(seconds.p10)} to ${clockOf(seconds.p90)}.`;
  const [few, many] = [livelySeconds.p10, livelySeconds.p90].map(lengthInWords);
  return [
    length,
    overInWords(result),
    reps.p90 === 0 ? '' : `Each child does ${rangeInWords(reps)} counted moves.`,
    landings.p90 === 0 ? '' : `They land ${rangeInWords(landings)} times.`,
    livelySeconds.p90 === 0
      ? ''
      : `They’re really moving for ${few === many ? many : `${few} to ${many}`}.`,
  ].filter(Boolean);
}

/** How sure all that is, and what it rests on. */
export function basisInWords({ sessions, errorBound }: Forecast): string {
  const good = (Math.ceil(errorBound * 1000) / 10).toString();
  return `Played ${sessions.toLocaleString('en')} times, so every chance is right to within ${good} in 100. Besides chance, it lets your talk, your counting and the children vary, by our own judgement of how much they do.`;
}
