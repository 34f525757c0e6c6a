import { DraftPlace } from '$lib/store/draft-place';

/** Where an adventure is prepared. */
export const prep = new DraftPlace();
