import { parseSeriesJson, type Adventure } from '$core';
import { saveAdventure } from '$lib/store/adventure-rows';
import { newId } from '$lib/store/new-id';
import { allSeries } from '$lib/store/series-store.svelte';
import { shelf } from '$lib/store/shelf.svelte';
import { today } from '$lib/store/today';
import { onStore, written } from '$lib/store/written';
import { problemInWords } from '$lib/words/problem-words';

export type TakenIn =
  Readonly<{ ok: true; id: string }> | Readonly<{ ok: false; reasons: readonly string[] }>;

/** Whether an adventure of the file is the one that stands here: then that one is used. */
const isSame = (one: Adventure, other: Adventure) => JSON.stringify(one) === JSON.stringify(other);

/**
 * Takes in the series of a file with its adventures, all or none. An adventure that stands here under the
 * same id with other words stays as it is, and the file's comes beside it; a series that is here already
 * comes beside it too.
 */
export async function takeInSeries(file: File): Promise<TakenIn> {
  const read = parseSeriesJson(await file.text());
  if (!read.ok) {
    return {
      ok: false,
      reasons: read.problems.map((one) => `“${file.name}”: ${problemInWords(one)}`),
    };
  }
  const { series, adventures } = read.value;
  const there = await onStore(async (db) => {
    const rows = await Promise.all(adventures.map(({ id }) => db.get('adventures', id)));
    return { rows, isHere: (await db.get('series', series.id)) !== undefined };
  });
  const ids = new Map<string, string>();
  const fresh: Adventure[] = [];
  adventures.forEach((adventure, n) => {
    const stands = there.rows[n]?.document;
    if (!stands) fresh.push(adventure);
    else if (!isSame(stands, adventure)) {
      const beside = { ...adventure, id: newId('adv') };
      ids.set(adventure.id, beside.id);
      fresh.push(beside);
    }
  });
  const taken = {
    ...series,
    id: there.isHere ? newId('ser') : series.id,
    sessions: series.sessions.map((session) => ({
      ...session,
      adventureId: ids.get(session.adventureId ?? '') ?? session.adventureId,
    })),
  };
  await written(`The series “${series.title}”`, async (db) => {
    for (const adventure of fresh) await saveAdventure(db, adventure, 0, today());
    await db.put('series', taken);
  });
  await Promise.all([shelf.refresh(), allSeries.load()]);
  return { ok: true, id: taken.id };
}
