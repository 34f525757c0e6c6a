import type { Adventure } from '$core';
import { DraftPlace } from '$lib/store/draft-place';

/** Where one's own adventure lies beside what somebody made of it. */
class ComparePlace extends DraftPlace {
  /** What came back; it's on no shelf, and is gone with the page. */
  theirs = $state.raw<Adventure | null>(null);
}
export const compare = new ComparePlace();
