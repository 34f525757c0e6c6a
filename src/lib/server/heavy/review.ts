import {
  DEFAULT_PACE,
  knownDraws,
  readCaptions,
  resolveDraws,
  review,
  unroll,
  type TypedDraws,
} from '$core';
import { readRequest, refuse } from '$lib/server/answer';
import { reviewRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

export const answerReview: Answer = async (request) => {
  const read = await readRequest(request, reviewRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const captions = readCaptions(body.captions);
  if (!captions.ok) {
    return refuse(captions.problems.map((one) => ({ ...one, path: ['captions', ...one.path] })));
  }
  const { setting = adventure.setting, pace = DEFAULT_PACE, seed = null } = body;
  const typed: TypedDraws = new Map(Object.entries(body.draws ?? {}));
  const draws = resolveDraws(adventure, setting, pace, seed, typed);
  const all = seed === null ? [...knownDraws(adventure), ...typed.keys()] : draws.keys();
  const schedule = unroll(adventure, setting, pace, draws);
  const answer = review({
    adventure,
    schedule,
    known: new Set(all),
    replan: (other) =>
      unroll(adventure, setting, other, resolveDraws(adventure, setting, other, seed, typed)).cues,
    lines: captions.value,
    endSeconds: body.endSeconds,
  });
  return Response.json(answer);
};
