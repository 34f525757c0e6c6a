import {
  DEFAULT_SETTING,
  ideasFor,
  moveBookOf,
  movesAround,
  placeOfLine,
  reasonOf,
  type Adventure,
} from '$core';
import { loadWordNet } from '$lib/ideas/word-net';
import { adventureIn, checked, readJson } from '$lib/server/answer';
import { ideasRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

/** Three decimals tell any two ideas apart. */
const rounded = (score: number) => Math.round(score * 1000) / 1000;

/** Moves for lines of story, a list a line; in an adventure with its cast, own moves and neighbours. */
export const answerIdeas: Answer = async (request) => {
  const read = await readJson(request);
  if (read instanceof Response) return read;
  const sent = checked(read.value, ideasRequestSchema);
  if (sent instanceof Response) return sent;
  const { lines, adventure } = sent.body;
  const found = adventure === undefined ? null : adventureIn(adventure, ['adventure']);
  if (found instanceof Response) return found;
  const within: Adventure | null = found?.adventure ?? null;
  const setting = sent.body.setting ?? within?.setting ?? DEFAULT_SETTING;
  const context = {
    book: moveBookOf(within ?? { moves: [] }),
    setting,
    net: await loadWordNet(),
    cast: within?.world.cast ?? [],
  };
  const ideas = lines.map((line) => {
    const place = within && placeOfLine(within, line);
    const beside = place ? movesAround(within, place) : new Set<string>();
    return ideasFor(line, { ...context, beside }).map((idea) => ({
      move: idea.move.id,
      reason: reasonOf(idea),
      score: rounded(idea.score),
    }));
  });
  return Response.json({ ideas });
};
