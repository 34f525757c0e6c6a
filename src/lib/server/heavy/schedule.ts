import { DEFAULT_PACE, resolveDraws, unroll } from '$core';
import { readRequest } from '$lib/server/answer';
import { scheduleRequestSchema } from '$lib/server/requests';
import { scheduleAnswer } from '$lib/server/schedule-answer';
import type { Answer } from './an-answer';

export const answerSchedule: Answer = async (request) => {
  const read = await readRequest(request, scheduleRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const { setting = adventure.setting, pace = DEFAULT_PACE, seed = null } = body;
  const draws = resolveDraws(adventure, setting, pace, seed);
  const schedule = unroll(adventure, setting, pace, draws);
  return Response.json(scheduleAnswer(adventure, schedule, pace, draws, seed));
};
