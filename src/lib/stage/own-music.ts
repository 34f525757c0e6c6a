import { onStore, written } from '$lib/store/written';

const KEY = 'ownMusic';

/** A sound file of the presenter's own, kept in this browser and nowhere else. */
export type OwnMusic = Readonly<{ name: string; file: Blob }>;

/** Longer or larger than any song: it would fill the browser's store. */
export const MOST_MUSIC_BYTES = 25 * 1024 * 1024;

export async function ownMusic(): Promise<OwnMusic | null> {
  const kept: unknown = await onStore((db) => db.get('settings', KEY));
  const { name, file } = (kept ?? {}) as Partial<OwnMusic>;
  return typeof name === 'string' && file instanceof Blob ? { name, file } : null;
}

export async function keepOwnMusic(music: OwnMusic | null): Promise<void> {
  await written('The music', async (db) => {
    if (music) await db.put('settings', music, KEY);
    else await db.delete('settings', KEY);
  });
}

/** The file ready to be played round and round; null where there is none. */
export async function loadOwnMusic(): Promise<HTMLAudioElement | null> {
  const music = await ownMusic();
  if (!music) return null;
  const audio = new Audio(URL.createObjectURL(music.file));
  audio.loop = true;
  return audio;
}
