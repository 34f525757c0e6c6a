import { mount, unmount } from 'svelte';
import Tip from './Tip.svelte';

/** Long enough for a pointer to pass over without a word. */
const WAIT_MS = 400;

let close = () => {};

/** One at a time: the next one takes the place of the last. */
export function showTip(anchor: HTMLElement, text: string): void {
  close();
  let shown: Record<string, never> | null = null;
  const begin = () => {
    if (anchor.isConnected && anchor.matches(':hover, :focus-visible'))
      shown = mount(Tip, {
        target: document.body,
        props: { anchor, text, onclose: () => close() },
      });
  };
  const waiting = setTimeout(begin, WAIT_MS);
  const gone = new AbortController();
  close = () => {
    close = () => {};
    clearTimeout(waiting);
    gone.abort();
    if (shown) void unmount(shown);
  };
  const { signal } = gone;
  for (const type of ['pointerleave', 'blur', 'pointerdown', 'click'])
    anchor.addEventListener(type, () => close(), { signal });
}
