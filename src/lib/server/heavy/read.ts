import { DEFAULT_SETTING, idsInOrder, makeMoveFinder, moveBookOf, readLine } from '$core';
import { loadSoundBook } from '$lib/language/sound-book';
import { adventureIn, checked, readJson } from '$lib/server/answer';
import { MARK, readingTold } from '$lib/server/read-answer';
import { readRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

/** What typed lines mean, one reading a line; in an adventure, with its ages, kit and own moves. */
export const answerRead: Answer = async (request) => {
  const read = await readJson(request);
  if (read instanceof Response) return read;
  const sent = checked(read.value, readRequestSchema);
  if (sent instanceof Response) return sent;
  const { lines, adventure } = sent.body;
  const found = adventure === undefined ? null : adventureIn(adventure, ['adventure']);
  if (found instanceof Response) return found;
  const { moves, setting } = found?.adventure ?? { moves: [], setting: DEFAULT_SETTING };
  const finder = makeMoveFinder(moveBookOf({ moves }));
  const tools = { finder, ages: setting.ages, kit: setting.kit, book: await loadSoundBook() };
  const newId = idsInOrder(MARK);
  return Response.json({
    readings: lines.map((line) => readingTold(readLine(line, tools), newId)),
  });
};
