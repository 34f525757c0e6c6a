import { beatWorker } from '$lib/stage/beat-worker';
import { BEAT_MS } from './beat-ms';

/**
 * Calls `beat` at every frame, and by a worker's timer where there are no frames: a hidden tab's own
 * timers go once a second, and later once a minute. Returns the way to stop.
 */
export function startTicker(beat: () => void): () => void {
  let frame = 0;
  let framedMs = 0;
  const onFrame = () => {
    framedMs = performance.now();
    beat();
    frame = requestAnimationFrame(onFrame);
  };
  frame = requestAnimationFrame(onFrame);
  const worker = beatWorker();
  worker.onmessage = () => {
    if (performance.now() - framedMs >= BEAT_MS) beat();
  };
  return () => {
    cancelAnimationFrame(frame);
    worker.terminate();
  };
}

/**
 * Keeps the screen lit while a session is led, asked for again when it was lost or comes back into sight.
 * `onDims` is told whether it may go dark all the same. Returns the way to stop.
 */
export function stayAwake(onDims: (dims: boolean) => void = () => {}): () => void {
  let lock: WakeLockSentinel | null = null;
  let over = false;
  const ask = async () => {
    if (over || document.visibilityState !== 'visible' || lock) return;
    try {
      lock = (await navigator.wakeLock?.request('screen')) ?? null;
      lock?.addEventListener('release', () => {
        lock = null;
        void ask();
      });
      onDims(lock === null);
    } catch {
      // Refused on low battery, say: the session goes on all the same.
      onDims(true);
    }
  };
  void ask();
  document.addEventListener('visibilitychange', ask);
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', ask);
    void lock?.release();
  };
}
