import type { SpeechSpan } from '$core';
import { askWorker, Cancelled, type Asked } from '$lib/workers/ask-worker';
import { LONGEST_HEARD, soundOf } from './voices';
import { secondsOf } from './recordings';

/** When somebody speaks in a sound, heard in a worker of its own. */
export function listenTo(
  sound: Int16Array<ArrayBuffer>,
  onProgress: (share: number) => void = () => {},
): Asked<readonly SpeechSpan[]> {
  const start = () =>
    new Worker(new URL('./voices.worker.ts', import.meta.url), { type: 'module' });
  return askWorker<Int16Array<ArrayBuffer>, readonly SpeechSpan[]>(sound, start, onProgress);
}

/** A voice is listened for in a worker; the sound is read here, where the browser's decoder is. */
export function listenFor(
  file: File,
  onProgress: (share: number) => void,
): Asked<readonly SpeechSpan[]> {
  let cancelled = false;
  let cancel = () => {};
  const result = (async () => {
    if ((await secondsOf(file)) > LONGEST_HEARD) {
      throw new Error('It’s longer than 75 minutes, too long to listen through for voices.');
    }
    const sound = await soundOf(file);
    if (cancelled) throw new Cancelled('Called off.');
    const asked = listenTo(sound, onProgress);
    cancel = asked.cancel;
    return asked.result;
  })();
  return {
    result,
    cancel: () => {
      cancelled = true;
      cancel();
    },
  };
}
