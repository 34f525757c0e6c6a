import { DEFAULT_PACE, resolveDraws, unroll } from '$core';
import { json } from '@sveltejs/kit';
import { readRequest } from '$lib/server/answer';
import { scheduleRequestSchema } from '$lib/server/requests';
import { scheduleAnswer } from '$lib/server/schedule-answer';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request }) => {
  const read = await readRequest(request, scheduleRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const { setting = adventure.setting, pace = DEFAULT_PACE, seed = null } = body;
  const draws = resolveDraws(adventure, setting, pace, seed);
  const schedule = unroll(adventure, setting, pace, draws);
  return json(scheduleAnswer(adventure, schedule, pace, draws, seed));
};
