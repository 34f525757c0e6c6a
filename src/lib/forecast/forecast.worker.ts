import { forecast, moveBookOf, seededRandom } from '$core';
import { answerRequests } from '$lib/workers/ask-worker';
import type { ForecastAnswer, ForecastRequest } from './protocol';

answerRequests<ForecastRequest, ForecastAnswer>(
  self,
  ({ adventure, pace, seed, sessions }, onProgress) => {
    const { setting } = adventure;
    const context = { adventure, setting, pace, book: moveBookOf(adventure) };
    return forecast(context, seededRandom(seed), sessions, undefined, onProgress);
  },
);
