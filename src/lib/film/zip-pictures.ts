import { Zip, ZipPassThrough } from 'fflate';
import type { Disk } from './packet-log';
import type { Painter } from './paint-frame';

/** Pictures a second: enough for counts and names, and few enough for a folder. */
export const PICTURES_A_SECOND = 5;

/** A film as pictures, one after the other, in a ZIP on the disk; PNG doesn't get smaller by packing. */
export async function zipPictures(
  disk: Disk,
  { canvas, paint }: Painter,
  seconds: number,
  onProgress: (share: number) => void,
): Promise<void> {
  disk.truncate(0);
  let at = 0;
  let failed: Error | null = null;
  const zip = new Zip((reason, bytes) => {
    if (reason) failed = reason;
    else at += disk.write(new Uint8Array(bytes), { at });
  });
  const count = Math.max(1, Math.ceil(seconds * PICTURES_A_SECOND));
  for (let n = 0; n < count; n += 1) {
    paint(n / PICTURES_A_SECOND);
    const blob = await canvas.convertToBlob({ type: 'image/png' });
    const file = new ZipPassThrough(`${String(n + 1).padStart(5, '0')}.png`);
    zip.add(file);
    file.push(new Uint8Array(await blob.arrayBuffer()), true);
    if (failed) throw failed as Error;
    onProgress((n + 1) / count);
  }
  zip.end();
  disk.flush();
}
