import { lookFor, paintsOf, type Look, type LookChoice, type Paints } from '$core';
import { createSubscriber } from 'svelte/reactivity';

/** Outlines, marks and shadows of figures on a light and on a dark page. */
const SURFACES = {
  light: { outline: '#26313a', mark: '#4f6b7c', shade: '#e2ddd0' },
  dark: { outline: '#efe8d8', mark: '#9fbccb', shade: '#25333c' },
} as const;
export type Mode = keyof typeof SURFACES;

const watchMode = createSubscriber((update) => {
  const watch = new MutationObserver(update);
  watch.observe(document.documentElement, { attributeFilter: ['data-mode'] });
  return () => watch.disconnect();
});

/** Whether the page is light or dark now. */
export function shownMode(): Mode {
  watchMode();
  return document.documentElement.dataset['mode'] === 'dark' ? 'dark' : 'light';
}

/** The child of a move on the page: how it is built, and what it is painted with. */
export function onScreen(
  choice: LookChoice,
  moveId: string,
  mode: Mode,
): Readonly<{ build: Look['build']; paints: Paints }> {
  const look = lookFor(choice, moveId);
  return { build: look.build, paints: paintsOf(look, SURFACES[mode]) };
}
