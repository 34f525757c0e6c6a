import 'fake-indexeddb/auto';
import { DEFAULT_SETTING, newAdventure } from '$core';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { saveAdventure } from './adventure-rows';
import { arrupDb } from './db';
import { presets } from './preset-store.svelte';
import { shelf } from './shelf.svelte';
import { trash, TRASH_DAYS } from './trash.svelte';
import { troubles } from './troubles.svelte';
import { MOST_VERSIONS, versionsOf } from './version-store';
import { written } from './written';

let ids = 0;
const adventure = (title: string) => ({
  ...newAdventure((prefix) => `${prefix}_k${(ids += 1)}`, DEFAULT_SETTING),
  title,
});
const save = async (document: ReturnType<typeof adventure>, base: number, at: string) =>
  saveAdventure(await arrupDb(), document, base, at);
const stored = async (id: string) => (await (await arrupDb()).get('adventures', id))?.document;

beforeEach(async () => {
  vi.stubGlobal('localStorage', { getItem: () => null });
  await trash.empty();
});

describe('the trash', () => {
  it('has what was deleted, as it was, and puts it back', async () => {
    const bell = adventure('The fog bell');
    await save(bell, 0, '2026-01-01T08:00:00Z');
    const place = await shelf.remove(bell.id);
    expect(await stored(bell.id)).toBeUndefined();
    await trash.load();
    expect(trash.list).toMatchObject([{ title: 'The fog bell', store: 'adventures' }]);
    expect(await trash.putBack(place)).toBe('back');
    expect(await stored(bell.id)).toEqual(bell);
    expect(trash.list).toEqual([]);
    expect(await trash.putBack(place)).toBe('gone');
  });

  it('never writes over newer words: the old ones come beside them', async () => {
    const bell = adventure('The fog bell');
    await save(bell, 0, '2026-01-01T08:00:00Z');
    const place = await shelf.remove(bell.id);
    const newer = { ...bell, title: 'Written on in another tab' };
    await save(newer, 0, '2026-01-01T09:00:00Z');
    expect(await trash.putBack(place)).toBe('beside');
    expect(await stored(bell.id)).toEqual(newer);
    await shelf.refresh();
    expect(shelf.records.map(({ document }) => document.title)).toContain(
      'The fog bell (put back)',
    );

    await presets.keep('hall', DEFAULT_SETTING);
    const kept = await presets.remove('hall');
    await presets.keep('hall', { ...DEFAULT_SETTING, group: 7 });
    expect(await trash.putBack(kept)).toBe('stays');
    expect(presets.list[0]!.setting.group).toBe(7);
  });

  it('lets go of what has been in it for thirty days, and not a day before', async () => {
    const db = await arrupDb();
    const now = Date.parse('2026-03-31T12:00:00Z');
    const daysAgo = (days: number) => new Date(now - days * 86_400_000).toISOString();
    for (const days of [TRASH_DAYS + 0.1, TRASH_DAYS - 0.1]) {
      const item = { store: 'runs', key: 'run_1', title: '', raw: {}, at: daysAgo(days) } as const;
      await db.add('trash', item);
    }
    await trash.load(now);
    expect(trash.list.map(({ at }) => at)).toEqual([daysAgo(TRASH_DAYS - 0.1)]);
  });
});

describe('earlier versions', () => {
  it('are how each day ended; the oldest of many goes', async () => {
    const first = adventure('Monday');
    await save(first, 0, '2026-01-05T08:00:00Z');
    await save({ ...first, title: 'Monday, later' }, 1, '2026-01-05T20:00:00Z');
    expect(await versionsOf(first.id)).toEqual([]);
    await save({ ...first, title: 'Tuesday' }, 2, '2026-01-06T08:00:00Z');
    await save({ ...first, title: 'Tuesday, later' }, 3, '2026-01-06T09:00:00Z');
    const versions = await versionsOf(first.id);
    expect(versions.map(({ document, at }) => [document.title, at])).toEqual([
      ['Monday, later', '2026-01-05T20:00:00Z'],
    ]);
    for (let day = 0; day < MOST_VERSIONS + 5; day += 1) {
      const at = new Date(Date.UTC(2026, 1, 1 + day)).toISOString();
      await save({ ...first, title: `Day ${day}` }, 4 + day, at);
    }
    const many = await versionsOf(first.id);
    expect(many).toHaveLength(MOST_VERSIONS);
    expect(many[0]!.document.title).toBe(`Day ${MOST_VERSIONS + 3}`);
    expect(many.at(-1)!.document.title).not.toBe('Monday, later');
  });
});

describe('what can’t be written', () => {
  it('is told with why and a way out, until it could be', async () => {
    let full = true;
    const write = () => {
      if (full) throw new DOMException('no room', 'QuotaExceededError');
      return Promise.resolve(7);
    };
    const file = () => ({ name: 'a.json', mediaType: 'application/json', content: '{}' });
    await expect(written('The log', async () => write(), file)).rejects.toThrow();
    expect(troubles.list).toMatchObject([{ key: 'The log', file }]);
    expect(troubles.list[0]!.text).toMatch(/no room left/u);
    await troubles.list[0]!.again!();
    expect(troubles.list).toHaveLength(1);
    full = false;
    await troubles.list[0]!.again!();
    expect(troubles.list).toEqual([]);
  });

  it('is written on a fresh store where the old one was closed', async () => {
    (await arrupDb()).close();
    await presets.keep('after the close', DEFAULT_SETTING);
    expect(presets.list.map(({ name }) => name)).toContain('after the close');
  });
});
