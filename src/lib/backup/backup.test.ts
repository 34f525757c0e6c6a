import 'fake-indexeddb/auto';
import { DEFAULT_SETTING, newAdventure, newOwnMove, newSeries } from '$core';
import { strToU8, zipSync } from 'fflate';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { saveAdventure } from '$lib/store/adventure-rows';
import { arrupDb } from '$lib/store/db';
import { parseArrupJson } from '$core';
import { readBackup, writeBackup, type Backup } from './backup-file';
import { rowsToBackUp, standingsOf, takeBack } from './backup-rows';
import { unzipSync } from 'fflate';

const AT = '2026-05-04T18:30:00.000Z';
let ids = 0;
const newId = (prefix: string) => `${prefix}_b${(ids += 1)}`;
const adventure = (title: string) => ({ ...newAdventure(newId, DEFAULT_SETTING), title });

const bell = adventure('The fog bell');
const lamps = adventure('Six lamps');
const move = { version: 2, id: 'reed', move: { ...newOwnMove(newId), id: 'reed', name: 'reed' } };

async function fill() {
  const db = await arrupDb();
  for (const store of ['adventures', 'moves', 'presets', 'series', 'settings'] as const)
    await db.clear(store);
  await saveAdventure(db, bell, 0, AT);
  await saveAdventure(db, lamps, 0, AT, { lastLedAt: AT });
  await db.put('moves', move);
  await db.put('presets', { version: 2, name: 'hall', setting: DEFAULT_SETTING });
  await db.put('series', { ...newSeries(() => 'ser_1', AT), title: 'Tuesdays' });
  await db.put('adventures', { id: 'adv_odd', document: { title: 'Broken' } } as never);
}
const backup = async () => writeBackup(await rowsToBackUp(), AT);
function read(bytes: Uint8Array): Backup {
  const result = readBackup(bytes);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
}

beforeEach(async () => {
  vi.stubGlobal('localStorage', { getItem: () => null });
  await fill();
});

describe('a backup of everything', () => {
  it('has each adventure as a file that the Shelf opens, and reads back whole', async () => {
    const bytes = await backup();
    const files = Object.entries(unzipSync(bytes)).filter(([name]) =>
      name.startsWith('adventures/'),
    );
    const titles = files.map(([, content]) => {
      const parsed = parseArrupJson(new TextDecoder().decode(content));
      return parsed.ok && parsed.value.title;
    });
    expect(titles.sort()).toEqual(['Six lamps', 'The fog bell']);
    const { madeAt, items } = read(bytes);
    expect(madeAt).toBe(AT);
    expect(items.map(({ name, problem }) => [name, problem === null]).sort()).toEqual([
      ['Broken', false],
      ['Six lamps', true],
      ['The fog bell', true],
      ['Tuesdays', true],
      ['hall', true],
      ['reed', true],
    ]);
    const rows = new Map((await rowsToBackUp()).map(({ key, raw }) => [key, raw]));
    for (const { key, raw } of items) expect(raw).toEqual(rows.get(key));
  });

  it('is taken back into an emptied store as it was', async () => {
    const { items } = read(await backup());
    const before = await rowsToBackUp();
    const db = await arrupDb();
    for (const store of ['adventures', 'moves', 'presets', 'series'] as const) {
      await db.clear(store);
    }
    expect(new Set(await standingsOf(items))).toEqual(new Set(['new']));
    await takeBack(items);
    // What can't be read stays in the file.
    expect(await rowsToBackUp()).toEqual(before.filter(({ key }) => key !== 'adv_odd'));
  });

  it('writes over no adventure: another one comes to stand beside it', async () => {
    const { items } = read(await backup());
    const db = await arrupDb();
    await saveAdventure(db, { ...bell, title: 'Written on' }, 1, AT);
    const standings = await standingsOf(items);
    expect(items.map(({ name }, n) => [name, standings[n]])).toContainEqual([
      'The fog bell',
      'other',
    ]);
    await takeBack(items);
    const titles = (await db.getAll('adventures')).map(({ document }) => document.title);
    expect(titles.sort()).toEqual([
      'Broken',
      'Six lamps',
      'The fog bell (from the backup)',
      'Written on',
    ]);
  });

  it.each([
    ['nothing', new Uint8Array()],
    ['no ZIP', strToU8('PK, or so it says')],
    ['a ZIP of something else', zipSync({ 'a.txt': strToU8('hop') })],
    ['a list that is none', zipSync({ 'arrup-backup.json': strToU8('{"format":"arrup-backup"}') })],
  ])('is refused where it is %s', (_, bytes) => {
    expect(readBackup(bytes)).toMatchObject({ ok: false, problems: [{ code: 'not-backup' }] });
  });

  it('of a newer Arrup is told as that', () => {
    const list = { format: 'arrup-backup', version: 9, madeAt: AT, rows: [] };
    const bytes = zipSync({ 'arrup-backup.json': strToU8(JSON.stringify(list)) });
    expect(readBackup(bytes)).toMatchObject({ problems: [{ code: 'newer-version' }] });
  });
});
