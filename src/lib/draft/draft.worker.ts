import { draft, moveBookOf } from '$core';
import { loadWordNet } from '$lib/ideas/word-net';
import { loadSoundBook } from '$lib/language/sound-book';
import { newId } from '$lib/store/new-id';
import { answerRequests } from '$lib/workers/ask-worker';
import type { DraftAnswer, DraftRequest } from './protocol';

answerRequests<DraftRequest, DraftAnswer>(self, async ({ wish, pace, moves, lately }) => {
  const [net, sounds] = await Promise.all([loadWordNet(), loadSoundBook()]);
  const book = moveBookOf({ moves });
  const tools = { book, net, sounds, pace, newId, lately: new Set(lately) };
  const { adventure, findings } = draft(wish, tools);
  return { adventure, remarks: findings.length };
});
