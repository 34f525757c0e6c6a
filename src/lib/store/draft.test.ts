import 'fake-indexeddb/auto';
import { copyAdventure, DEFAULT_SETTING, newAdventure, type Adventure } from '$core';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { saveAdventure } from './adventure-rows';
import { openArrup, type ArrupDb } from './db';
import {
  Draft,
  SAVE_LATEST_MS,
  SAVE_REST_MS,
  type DraftNews,
  type DraftWorld,
} from './draft.svelte';

let db: ArrupDb;
let clock = 0;
let waiting: { run: () => void; at: number }[] = [];
let news: DraftNews[] = [];
let broken = false;
const failures: { reason: unknown; document: Adventure }[] = [];
let ids = 0;

const newId = (prefix: string) => `${prefix}_n${(ids += 1)}`;

const world: DraftWorld<Adventure> = {
  save: (document, base) => {
    if (broken) return Promise.reject(new Error('QuotaExceededError'));
    return saveAdventure(db, document, base, '2026-01-01T00:00:00Z');
  },
  load: (id) => db.get('adventures', id),
  asCopy: (document) => {
    const title = `${document.title || 'Untitled adventure'} (from the other tab)`;
    return { copy: copyAdventure(document, title, newId), title };
  },
  titleOf: ({ title }) => title,
  isWhole: () => true,
  later: (run, ms) => {
    const one = { run, at: clock + ms };
    waiting.push(one);
    return () => (waiting = waiting.filter((other) => other !== one));
  },
  tell: (one) => news.push(one),
  failing: (reason, document) => failures.push({ reason, document }),
};

/** Lets time pass, and the store finish. */
async function pass(ms: number) {
  clock += ms;
  const due = waiting.filter((one) => one.at <= clock);
  waiting = waiting.filter((one) => one.at > clock);
  for (const { run } of due) run();
  await new Promise((resolve) => setTimeout(resolve, 20));
}

const titled = (title: string) => (adventure: Adventure) => ({ ...adventure, title });
const storedTitle = async (id: string) => (await db.get('adventures', id))?.document.title;

async function start() {
  const adventure = newAdventure(newId, DEFAULT_SETTING);
  const { record } = await saveAdventure(db, adventure, 0, '2026-01-01T00:00:00Z');
  return record;
}
const open = (record: Awaited<ReturnType<typeof start>>) =>
  new Draft<Adventure>(record, world, () => clock);

beforeEach(async () => {
  db = await openArrup(`test-${Math.floor(performance.now() * 1000)}`);
  [clock, waiting, news, broken] = [0, [], [], false];
});
afterEach(() => db.close());

describe('a draft', () => {
  it('saves once typing rests', async () => {
    const draft = open(await start());
    draft.edit(titled('The late letter'));
    expect(draft.state).toBe('unsaved');
    await pass(SAVE_REST_MS);
    expect(draft.state).toBe('saved');
    expect(await storedTitle(draft.document.id)).toBe('The late letter');
  });

  it('saves within the second even if typing never rests', async () => {
    const draft = open(await start());
    for (let typed = 0; typed < SAVE_LATEST_MS + SAVE_REST_MS; typed += 100) {
      draft.edit(titled(`typed ${typed}`), 'title');
      await pass(100);
    }
    const kept = Number((await storedTitle(draft.document.id))?.slice(6));
    expect(kept).toBeGreaterThanOrEqual(SAVE_REST_MS);
  });

  it('undoes and redoes, and saves what it shows', async () => {
    const draft = open(await start());
    draft.edit(titled('one'));
    draft.edit(titled('two'));
    draft.undo();
    await pass(SAVE_REST_MS);
    expect(await storedTitle(draft.document.id)).toBe('one');
    draft.redo();
    await draft.flush();
    expect(await storedTitle(draft.document.id)).toBe('two');
    expect([draft.canUndo, draft.canRedo]).toEqual([true, false]);
  });

  it('shows what another tab has saved, as a step that can be undone', async () => {
    const record = await start();
    const [here, there] = [open(record), open(record)];
    there.edit(titled('from there'));
    await there.flush();
    await here.hear(record.id, 2);
    expect(here.document.title).toBe('from there');
    expect(news).toEqual([{ kind: 'taken over', title: 'from there' }]);
    here.undo();
    await here.flush();
    expect(await storedTitle(record.id)).toBe('');
  });

  it('loses nothing when two tabs type at once: the later one goes on as a copy', async () => {
    const record = await start();
    const [here, there] = [open(record), open(record)];
    here.edit(titled('here'));
    there.edit(titled('there'));
    await there.flush();
    await here.hear(record.id, 2);
    await here.flush();
    expect(await storedTitle(record.id)).toBe('there');
    expect(here.document.id).not.toBe(record.id);
    expect(await storedTitle(here.document.id)).toBe('here (from the other tab)');
    expect(news).toMatchObject([{ kind: 'kept as a copy', id: here.document.id }]);
    here.edit(titled('here again'));
    await here.flush();
    expect(await storedTitle(here.document.id)).toBe('here again');
  });

  it('says so when the store is full, keeps the words and tries again', async () => {
    const draft = open(await start());
    broken = true;
    draft.edit(titled('kept'));
    await pass(SAVE_REST_MS);
    expect(draft.state).toBe('failed');
    await pass(5000);
    await pass(5000);
    // What fails is told each time, with the words that are still here.
    const told = failures.filter(({ reason }) => reason !== null);
    expect(told.length).toBeGreaterThan(1);
    for (const { document } of told) expect(document.title).toBe('kept');
    broken = false;
    await pass(5000);
    expect(draft.state).toBe('saved');
    expect(failures.at(-1)!.reason).toBeNull();
    expect(await storedTitle(draft.document.id)).toBe('kept');
  });

  it('is put back if it was deleted meanwhile', async () => {
    const draft = open(await start());
    await db.delete('adventures', draft.document.id);
    draft.edit(titled('still here'));
    await draft.flush();
    expect(await storedTitle(draft.document.id)).toBe('still here');
  });
});
