import { DEFAULT_SETTING, makeMoveFinder, moveBookOf, parseAdventure, readLine } from '$core';
import { problemOfIssue } from '$core';
import { json } from '@sveltejs/kit';
import { loadSoundBook } from '$lib/language/sound-book';
import { readJson, refuse } from '$lib/server/answer';
import { idsInOrder, readingTold } from '$lib/server/read-answer';
import { readRequestSchema } from '$lib/server/requests';
import type { RequestHandler } from './$types';

/** What typed lines mean, one reading a line; in an adventure, with its ages, kit and own moves. */
export const POST: RequestHandler = async ({ request }) => {
  const read = await readJson(request);
  if (read instanceof Response) return read;
  const parsed = readRequestSchema.safeParse(read.value, { reportInput: true });
  if (!parsed.success) return refuse(parsed.error.issues.map(problemOfIssue));
  const { lines, adventure } = parsed.data;
  const document = adventure === undefined ? null : parseAdventure(adventure);
  if (document && !document.ok) {
    return refuse(document.problems.map((one) => ({ ...one, path: ['adventure', ...one.path] })));
  }
  const moves = document?.value.moves ?? [];
  const { ages, kit } = document?.value.setting ?? DEFAULT_SETTING;
  const finder = makeMoveFinder(moveBookOf({ moves }));
  const tools = { finder, ages, kit, book: await loadSoundBook() };
  const newId = idsInOrder();
  return json({ readings: lines.map((line) => readingTold(readLine(line, tools), newId)) });
};
