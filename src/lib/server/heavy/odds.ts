import {
  DEFAULT_SETTING,
  moveBookOf,
  movesOfBeat,
  oddsOfBeat,
  problem,
  USUAL_DEFAULTS,
} from '$core';
import { checked, readJson, refuse } from '$lib/server/answer';
import { oddsRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

/** The odds of one draw beat; 422 for a table that cannot be drawn from, with the place. */
export const answerOdds: Answer = async (request) => {
  const read = await readJson(request);
  if (read instanceof Response) return read;
  const sent = checked(read.value, oddsRequestSchema);
  if (sent instanceof Response) return sent;
  const { beat, setting = DEFAULT_SETTING, pace, moves = [] } = sent.body;
  const book = moveBookOf({ moves });
  const unknown = movesOfBeat(beat).filter((id) => !book.has(id));
  if (unknown.length > 0) {
    return refuse(unknown.map((move) => problem('unknown-move', ['beat'], { move })));
  }
  const odds = oddsOfBeat({
    beat,
    setting,
    defaults: USUAL_DEFAULTS,
    moves,
    ...(pace && { pace }),
  });
  if (odds.ok) return Response.json(odds.value);
  return refuse(
    odds.problems.map((one) => ({ ...one, path: ['beat', ...one.path] })),
    422,
  );
};
