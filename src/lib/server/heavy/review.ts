import { DEFAULT_PACE, knownDraws, ledSession, readCaptions, review, type TypedDraws } from '$core';
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
  const { draws, schedule, replan } = ledSession(adventure, setting, pace, seed, typed);
  const all = seed === null ? [...knownDraws(adventure), ...typed.keys()] : draws.keys();
  const answer = review({
    adventure,
    schedule,
    known: new Set(all),
    replan,
    plannedShowTimes: pace.showTimes,
    lines: captions.value,
    endSeconds: body.endSeconds,
  });
  return Response.json(answer);
};
