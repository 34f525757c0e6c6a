import { oddsOfBeat } from '$core';
import { answerRequests } from '$lib/workers/ask-worker';
import type { OddsAnswer, OddsRequest } from './protocol';

answerRequests<OddsRequest, OddsAnswer>(self, oddsOfBeat);
