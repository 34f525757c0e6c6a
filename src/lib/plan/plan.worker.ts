import type { ReadScript, Result } from '$core';
import { answerRequests } from '$lib/workers/ask-worker';
import type { PlanRequest } from './protocol';
import { readFile } from './read-file';
import { readPasted } from './read-plan';

answerRequests<PlanRequest, Result<ReadScript>>(self, (request) =>
  request.as === 'file'
    ? readFile(request, request.moves)
    : readPasted(request.text, request.moves),
);
