import { unroll } from '$core';
import { json } from '@sveltejs/kit';
import { readRequest } from '$lib/server/answer';
import { scheduleRequestSchema } from '$lib/server/requests';
import { scheduleAnswer } from '$lib/server/schedule-answer';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request }) => {
  const read = await readRequest(request, scheduleRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const schedule = unroll(adventure, body.setting, body.pace);
  return json(scheduleAnswer(adventure, schedule, body.seed ?? null));
};
