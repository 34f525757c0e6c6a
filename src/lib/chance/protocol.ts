import type { Odds, OddsQuestion, Result } from '$core';

/** What the page asks of the odds worker, and what comes back. */
export type OddsRequest = OddsQuestion;
export type OddsAnswer = Result<Odds>;
