import { knownDraws, ledSession, review, runOfReview } from '$core';
import { answerRequests } from '$lib/workers/ask-worker';
import type { ReviewAnswer, ReviewRequest } from './protocol';

answerRequests<ReviewRequest, ReviewAnswer>(self, (asked) => {
  const { adventure, pace, drawn, lines, voices, seconds, pins } = asked;
  const seed = drawn?.seed ?? null;
  const typed = new Map(Object.entries(drawn?.typed ?? {}));
  const { setting } = adventure;
  const { draws, schedule, replan } = ledSession(adventure, setting, pace, seed, typed);
  const known = drawn ? new Set(draws.keys()) : knownDraws(adventure);
  const found = review({
    adventure,
    schedule,
    known,
    replan,
    plannedShowTimes: pace.showTimes,
    lines,
    voices,
    endSeconds: seconds,
    pins: new Map(Object.entries(pins)),
  });
  const run = runOfReview(adventure, schedule, found, {
    ...asked,
    plannedPace: pace,
    seed,
    typed: drawn?.typed,
    drawsKnown: drawn !== null,
  });
  return { run, stretches: found.stretches };
});
