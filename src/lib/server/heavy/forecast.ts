import { DEFAULT_PACE, forecast, moveBookOf, seededRandom } from '$core';
import { readRequest } from '$lib/server/answer';
import { forecastRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

/** A server answers many: fewer sessions than the browser plays for itself. */
const SESSIONS = 10_000;

export const answerForecast: Answer = async (request) => {
  const read = await readRequest(request, forecastRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const { setting = adventure.setting, pace = DEFAULT_PACE, seed = 1, n = SESSIONS } = body;
  const context = { adventure, setting, pace, book: moveBookOf(adventure) };
  return Response.json({ seed, ...forecast(context, seededRandom(seed), n) });
};
