import { movesUsed } from '$core';
import { parseRecord } from '$lib/store/adventure-rows';
import { onStore } from '$lib/store/written';

/** What was read stays for a minute: a session may be led meanwhile. */
const FRESH_MS = 60_000;
let known: Readonly<{ without: string; at: number; moves: Promise<ReadonlySet<string>> }> | null =
  null;

async function read(without: string): Promise<ReadonlySet<string>> {
  const rows = await onStore((db) => db.getAll('adventures'));
  const led = rows
    .filter(({ id, lastLedAt }) => id !== without && lastLedAt)
    .sort((a, b) => b.lastLedAt!.localeCompare(a.lastLedAt!));
  const parsed = led[0] ? parseRecord(led[0]) : null;
  return new Set(parsed?.ok ? movesUsed(parsed.value.document).map(({ id }) => id) : []);
}

/** Ids of the moves of the session that was led last, that of this adventure left out. */
export function lastLed(without: string): Promise<ReadonlySet<string>> {
  const now = Date.now();
  if (known?.without !== without || now - known.at > FRESH_MS) {
    known = { without, at: now, moves: read(without).catch(() => new Set<string>()) };
  }
  return known.moves;
}
