import { fit, type FitResult } from '$core';
import { answerRequests } from '$lib/workers/ask-worker';
import type { FitRequest } from './protocol';

answerRequests<FitRequest, FitResult>(self, ({ adventure, setting, pace, target }, onProgress) =>
  fit(adventure, setting, pace, target, onProgress),
);
