/** A frame's ticker stops in a hidden tab: this one goes on, slower, so that the log stays whole. */
const HIDDEN_MS = 250;

/** Calls `beat` at every frame, and now and then while the tab is hidden. Returns the way to stop. */
export function startTicker(beat: () => void): () => void {
  let frame = 0;
  const onFrame = () => {
    beat();
    frame = requestAnimationFrame(onFrame);
  };
  frame = requestAnimationFrame(onFrame);
  const timer = setInterval(beat, HIDDEN_MS);
  return () => {
    cancelAnimationFrame(frame);
    clearInterval(timer);
  };
}

/** Keeps the screen lit while a session is led, where the browser can. Returns the way to stop. */
export function stayAwake(): () => void {
  let lock: WakeLockSentinel | null = null;
  let over = false;
  const ask = async () => {
    if (over || document.visibilityState !== 'visible') return;
    // Refused on low battery, say: the session goes on all the same.
    lock = (await navigator.wakeLock?.request('screen').catch(() => null)) ?? null;
  };
  void ask();
  document.addEventListener('visibilitychange', ask);
  return () => {
    over = true;
    document.removeEventListener('visibilitychange', ask);
    void lock?.release();
  };
}
