import { movesUsed } from '$core';
import { parseRecord } from '$lib/store/adventure-rows';
import { onStore } from '$lib/store/written';

const known = new Map<string, Promise<ReadonlySet<string>>>();

async function read(without: string): Promise<ReadonlySet<string>> {
  const rows = await onStore((db) => db.getAll('adventures'));
  const led = rows
    .filter(({ id, lastLedAt }) => id !== without && lastLedAt)
    .sort((a, b) => b.lastLedAt!.localeCompare(a.lastLedAt!));
  const parsed = led[0] ? parseRecord(led[0]) : null;
  return new Set(parsed?.ok ? movesUsed(parsed.value.document).map(({ id }) => id) : []);
}

/** Ids of the moves of the session that was led last, that of this adventure left out. Read once. */
export function lastLed(without: string): Promise<ReadonlySet<string>> {
  const asked = known.get(without) ?? read(without).catch(() => new Set<string>());
  known.set(without, asked);
  return asked;
}
