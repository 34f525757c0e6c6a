import type { Disk } from './packet-log';

/** The browser's own folder in which films are made. */
const FOLDER = 'films';

const folder = async () =>
  (await navigator.storage.getDirectory()).getDirectoryHandle(FOLDER, { create: true });

/** The pictures of a film on the way, and the whole film. */
export const partsName = (key: string) => `${key}.parts`;

/** What only workers have of a file. */
type InWorker = Readonly<{ createSyncAccessHandle: () => Promise<Disk & { close: () => void }> }>;

/** Opens a file of the folder for a worker; it's made where there is none. */
export async function openDisk(name: string): Promise<Disk & { close: () => void }> {
  const file = await (await folder()).getFileHandle(name, { create: true });
  try {
    return await (file as unknown as InWorker).createSyncAccessHandle();
  } catch {
    throw new Error('This film is being made in another tab.');
  }
}

/** A file as it lies there: not read into memory. Null where there is none, or nothing in it. */
export async function filmFile(name: string): Promise<File | null> {
  try {
    const file = await (await (await folder()).getFileHandle(name)).getFile();
    return file.size > 0 ? file : null;
  } catch {
    return null;
  }
}

/** Throws away everything but files of this name's start. */
export async function forgetFilms(but = ''): Promise<void> {
  const all = await folder();
  for await (const name of all.keys()) {
    if (but && name.startsWith(but)) continue;
    // One that another tab is writing stays.
    await all.removeEntry(name).catch(() => {});
  }
}

export async function forgetFile(name: string): Promise<void> {
  await (await folder()).removeEntry(name).catch(() => {});
}
