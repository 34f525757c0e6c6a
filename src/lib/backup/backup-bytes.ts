import { writeBackup } from './backup-file';
import { rowsToBackUp } from './backup-rows';

/** Everything in this browser's store as one file; `at` is the time of day, ISO 8601. */
export async function backupBytes(at: string): Promise<Uint8Array<ArrayBuffer>> {
  return new Uint8Array(writeBackup(await rowsToBackUp(), at));
}
