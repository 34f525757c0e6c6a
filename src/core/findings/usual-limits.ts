import { ageBandOf, type Ages } from '../model/ages';
import type { Limits } from '../document/adventure';
import { SENTENCE_WORDS } from './rules/long-sentences';
import { MOST_LANDINGS } from './rules/landings';
import { LISTEN_SECONDS } from './rules/sitting-long';

/** The limits that hold where the presenter has set none. */
export function usualLimits(ages: Ages): { readonly [Key in keyof Limits]: number } {
  const band = ageBandOf(ages);
  return {
    landings: MOST_LANDINGS[band],
    listeningSeconds: LISTEN_SECONDS[band],
    sentenceWords: SENTENCE_WORDS[band],
  };
}
