import { draft, moveBookOf, ridesIn } from '$core';
import { loadWordNet } from '$lib/ideas/word-net';
import { newId } from '$lib/store/new-id';
import { answerRequests } from '$lib/workers/ask-worker';
import type { DraftAnswer, DraftRequest } from './protocol';

answerRequests<DraftRequest, DraftAnswer>(self, async ({ wish, pace, moves, lately, sounds }) => {
  const net = await loadWordNet();
  const book = moveBookOf({ moves });
  const tools = { book, net, sounds, pace, newId, lately: new Set(lately) };
  const { adventure, made, findings } = draft(wish, tools);
  return { adventure, made, remarks: findings.length, rides: ridesIn(adventure, wish) };
});
