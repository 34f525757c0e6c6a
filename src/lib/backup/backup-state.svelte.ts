import {
  changesNow,
  DUE_AFTER,
  forgetChanges,
  isOtherStore,
  noteBackup,
  sinceBackup,
  type Changes,
  type InStore,
} from '$lib/store/changes';
import { STORE_MARK } from '$lib/store/db';
import { today } from '$lib/store/today';
import { CHANGES, onStore, written } from '$lib/store/written';
import { download } from '$lib/ui/download';

const FOLDER = 'backupFolder';

/** What a browser with File System Access has: a folder that was chosen, and may still be written to. */
type Folder = FileSystemDirectoryHandle & {
  queryPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
  requestPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
};
type Picker = (how: { mode: 'readwrite'; id: string }) => Promise<Folder>;
const pickerOf = () => (globalThis as { showDirectoryPicker?: Picker }).showDirectoryPicker ?? null;

/** "arrup-backup-2026-05-04.zip" */
const nameAt = (at: string) => `arrup-backup-${at.slice(0, 10)}.zip`;

/** What the store knows of itself. */
function inStore(): Promise<InStore> {
  return onStore(async (db) => ({
    store: String(await db.get('settings', STORE_MARK)),
    count: Number((await db.get('settings', CHANGES)) ?? 0),
  }));
}

async function bytesNow(at: string): Promise<Uint8Array<ArrayBuffer>> {
  const { backupBytes } = await import('./backup-bytes');
  return backupBytes(at);
}

/** Backups of this browser's store: the last one, the folder that is kept up to date, what went missing. */
class Backups {
  changes = $state.raw<Changes>(changesNow());
  folderName = $state('');
  /** The folder has to be allowed again by a press. */
  asleep = $state(false);
  /** The store is not the one that this browser had. */
  isOther = $state(false);
  /** There is something to say about it on the Shelf. */
  readonly isPressing = $derived.by(
    () => this.isOther || (!this.folderName && sinceBackup(this.changes) >= DUE_AFTER),
  );
  #folder: Folder | null = null;

  readonly canHaveFolder = pickerOf() !== null;

  async load(): Promise<void> {
    this.changes = changesNow();
    const here = await inStore();
    if (this.changes.store === '') await this.accept();
    this.isOther = isOtherStore(this.changes, here);
    const folder = await onStore(async (db) => (await db.get('settings', FOLDER)) as Folder | null);
    if (!folder) return;
    this.#folder = folder;
    this.folderName = folder.name;
    this.asleep = (await folder.queryPermission?.({ mode: 'readwrite' })) !== 'granted';
  }

  /** What is here is taken as it is. */
  async accept(): Promise<void> {
    forgetChanges(await inStore());
    this.isOther = false;
    this.changes = changesNow();
  }

  #made(name: string, at: string): void {
    noteBackup(name, at);
    this.changes = changesNow();
  }

  /** A backup as a file to keep. */
  async save(): Promise<void> {
    const at = today();
    download(nameAt(at), 'application/zip', await bytesNow(at));
    this.#made(nameAt(at), at);
  }

  /** The presenter chooses a folder; from now on a backup of each day stands in it. */
  async chooseFolder(): Promise<void> {
    const folder = await pickerOf()?.({ mode: 'readwrite', id: 'arrup' });
    if (!folder) return;
    await written('The folder for backups', (db) => db.put('settings', folder, FOLDER));
    this.#folder = folder;
    this.folderName = folder.name;
    await this.wake();
  }

  /** The folder may be written to again; called in a press. */
  async wake(): Promise<void> {
    const state = await this.#folder?.requestPermission?.({ mode: 'readwrite' });
    this.asleep = state !== undefined && state !== 'granted';
    if (!this.asleep) await this.toFolder();
  }

  async forgetFolder(): Promise<void> {
    await written('The folder for backups', (db) => db.delete('settings', FOLDER));
    this.#folder = null;
    this.folderName = '';
  }

  /** Brings the folder up to date, where there is one that may be written to. */
  async toFolder(): Promise<void> {
    if (!this.#folder || this.asleep || sinceBackup(changesNow()) === 0) return;
    const at = today();
    const name = nameAt(at);
    const file = await this.#folder.getFileHandle(name, { create: true });
    const stream = await file.createWritable();
    await stream.write(await bytesNow(at));
    await stream.close();
    this.#made(name, at);
  }
}

export const backups = new Backups();
