import { beforeEach, describe, expect, it, vi } from 'vitest';
import {
  changesNow,
  forgetChanges,
  isOtherStore,
  noteBackup,
  noteChange,
  sinceBackup,
} from './changes';

beforeEach(() => {
  const kept = new Map<string, string>();
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => kept.set(key, value),
  });
});

describe('changes in this browser', () => {
  it('are counted, and since the last backup', () => {
    expect(sinceBackup(changesNow())).toBe(0);
    for (let n = 0; n < 5; n += 1) noteChange();
    expect(sinceBackup(changesNow())).toBe(5);
    noteBackup('arrup-backup.zip', '2026-05-04T18:30:00Z');
    expect(noteChange()).toBe(6);
    expect(sinceBackup(changesNow())).toBe(1);
    expect(changesNow().backup).toBe('arrup-backup.zip');
  });

  it('tell a store that was emptied, or is an older one, from one that lost its last moment', () => {
    const here = (count: number, store = 'first') => ({ store, count });
    // Of a browser of which nothing is known yet, nothing is missing.
    expect(isOtherStore(changesNow(), here(0))).toBe(false);
    forgetChanges(here(0));
    for (let n = 0; n < 30; n += 1) noteChange();
    const others = [0, 4, 5, 30, 31].map((count) => isOtherStore(changesNow(), here(count)));
    expect(others).toEqual([true, true, false, false, false]);
    expect(isOtherStore(changesNow(), here(30, 'second'))).toBe(true);
    forgetChanges(here(4, 'second'));
    expect(isOtherStore(changesNow(), here(4, 'second'))).toBe(false);
  });

  it('are none where nothing can be kept, or what is kept is broken', () => {
    vi.stubGlobal('localStorage', { getItem: () => '{"count":', setItem: () => undefined });
    expect(changesNow().count).toBe(0);
  });
});
