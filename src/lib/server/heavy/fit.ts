import { DEFAULT_PACE, fit } from '$core';
import { readRequest } from '$lib/server/answer';
import { fitRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

export const answerFit: Answer = async (request) => {
  const read = await readRequest(request, fitRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const result = fit(
    adventure,
    body.setting ?? adventure.setting,
    body.pace ?? DEFAULT_PACE,
    body.target,
  );
  if (result.met) return Response.json(result);
  const { target, before, after, least, most } = result;
  const message = `With usual doses it comes to ${Math.round(least)} at the least and ${Math.round(most)} at the most, not to ${Math.round(target)}.`;
  const error = { code: 'cannot-fit', message, path: ['target'], before, after, least, most };
  return Response.json({ error }, { status: 422 });
};
