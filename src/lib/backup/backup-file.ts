import {
  fileNameOf,
  OWN_MOVE,
  parseAdventure,
  parseDocument,
  PREFERENCES,
  PRESET,
  problem,
  RUN,
  SERIES,
  serializeArrupJson,
  withoutChecksum,
  type Adventure,
  type Problem,
  type Result,
} from '$core';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import type { StoreName } from '$lib/store/aside.svelte';
import { nameOfRow, ROW_STORES } from '$lib/store/row';
import { z } from 'zod';

/*
 * Everything that a presenter has made, in one ZIP: each adventure as the file that the Shelf opens too,
 * and one list of all else. Large packages: fetched when there is a backup to write or to read.
 */

/** What a backup is made of; `raw` is a row as the browser's store has it. */
export type BackupRow = Readonly<{
  store: StoreName;
  key: string;
  raw: unknown;
}>;
/** A row that was read, with its name; `problem` where it can't be taken in. */
export type BackupItem = BackupRow & Readonly<{ name: string; problem: Problem | null }>;
export type Backup = Readonly<{ madeAt: string; items: readonly BackupItem[] }>;

const VERSION = 1;
const LIST = 'arrup-backup.json';
/** Most that a backup may come to unpacked: 200 MB, far above a shelf of a thousand adventures. */
const MOST_BYTES = 200 * 1024 * 1024;

const listSchema = z.strictObject({
  format: z.literal('arrup-backup'),
  version: z.int().min(1),
  madeAt: z.string().max(40),
  rows: z
    .array(
      z.strictObject({
        store: z.enum([...ROW_STORES, 'preferences']),
        key: z.string().max(200),
        raw: z.unknown(),
        /** The adventure itself lies in a file of its own. */
        file: z.string().max(300).optional(),
      }),
    )
    .max(20_000),
});

const adventureIn = (raw: unknown) => (raw as { document?: unknown } | null)?.document;

/** The ZIP of these rows. What can't be read as an adventure is kept as it is found. */
export function writeBackup(rows: readonly BackupRow[], madeAt: string): Uint8Array {
  const files: Record<string, Uint8Array> = {};
  const listed = rows.map(({ store, key, raw }) => {
    const parsed = store === 'adventures' ? parseAdventure(adventureIn(raw)) : null;
    if (!parsed?.ok) return { store, key, raw };
    const stem = fileNameOf(parsed.value, 'json').replace(/\.arrup\.json$/u, '');
    const file = `adventures/${stem} ${key}.arrup.json`;
    files[file] = strToU8(serializeArrupJson(parsed.value));
    return { store, key, raw: { ...(raw as object), document: null }, file };
  });
  const list = { format: 'arrup-backup', version: VERSION, madeAt, rows: listed };
  files[LIST] = strToU8(JSON.stringify(list, null, 1));
  return zipSync(files, { mtime: new Date(madeAt) });
}

const PARSERS = {
  adventures: (raw: unknown): Result<Adventure> => parseAdventure(adventureIn(raw)),
  runs: (raw: unknown) => parseDocument(RUN, raw),
  moves: (raw: unknown) => parseDocument(OWN_MOVE, raw),
  presets: (raw: unknown) => parseDocument(PRESET, raw),
  series: (raw: unknown) => parseDocument(SERIES, raw),
  preferences: (raw: unknown) => parseDocument(PREFERENCES, raw),
} as const;

const nameIn = ({ store, raw }: BackupRow): string =>
  nameOfRow(raw) || (store === 'preferences' ? 'Pace, sound and choices' : 'Untitled');

type Unpacked = Record<string, Uint8Array>;

/** The files in a ZIP; null where it is none, or comes to too much. */
function unpack(bytes: Uint8Array): Unpacked | null {
  let sum = 0;
  try {
    const files = unzipSync(bytes, {
      filter: ({ originalSize }) => {
        sum += originalSize;
        return sum <= MOST_BYTES;
      },
    });
    return sum <= MOST_BYTES ? files : null;
  } catch {
    return null;
  }
}

const jsonIn = (bytes: Uint8Array | undefined): unknown => {
  try {
    return bytes && JSON.parse(strFromU8(bytes));
  } catch {
    return undefined;
  }
};

/** What is in a backup, every row checked as the store checks it; the reason where it is none. */
export function readBackup(bytes: Uint8Array): Result<Backup> {
  const files = unpack(bytes);
  const list = listSchema.safeParse(files && jsonIn(files[LIST]));
  if (!files || !list.success) return { ok: false, problems: [problem('not-backup')] };
  const { madeAt, rows, version } = list.data;
  if (version > VERSION) {
    const params = { version, known: VERSION };
    return { ok: false, problems: [problem('newer-version', [], params)] };
  }
  const items = rows.map(({ file, raw: listed, ...row }): BackupItem => {
    const document = file === undefined ? undefined : withoutChecksum(jsonIn(files[file]));
    const raw = file === undefined ? listed : { ...(listed as object), document };
    const parsed = PARSERS[row.store](raw);
    const found = parsed.ok ? null : (parsed.problems[0] ?? problem('invalid'));
    return { ...row, raw, name: nameIn({ ...row, raw }), problem: found };
  });
  return { ok: true, value: { madeAt, items } };
}
