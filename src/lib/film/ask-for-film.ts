import { askWorker, type Asked } from '$lib/workers/ask-worker';
import { PAINT_NAMES, type FilmPaints } from './brush';
import type { FilmAnswer, FilmRequest } from './film-protocol';

/** The first pictures wait for fonts and code; a slow machine takes its time for each. */
const PATIENCE_MS = 120_000;

/** Makes a film in a worker of its own; called off, it goes on where it was when it's asked for again. */
export function askForFilm(
  request: FilmRequest,
  onProgress: (share: number) => void,
): Asked<FilmAnswer> {
  const start = () => new Worker(new URL('./film.worker.ts', import.meta.url), { type: 'module' });
  return askWorker(request, start, onProgress, PATIENCE_MS);
}

/** The page's colours by day, as CSS has them: a film is looked at by daylight. */
export function filmPaints(): FilmPaints {
  const probe = document.createElement('i');
  probe.dataset['mode'] = 'light';
  document.body.append(probe);
  const style = getComputedStyle(probe);
  const paints = Object.fromEntries(
    PAINT_NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
  );
  probe.remove();
  return paints as FilmPaints;
}

const HEX = 16;
const KEY_SIGNS = 20;

/** The same for the same film, so that it goes on where it was broken off. */
export async function keyOf(request: Omit<FilmRequest, 'key' | 'kind'>): Promise<string> {
  const bytes = new TextEncoder().encode(JSON.stringify(request));
  const digest = new Uint8Array(await crypto.subtle.digest('SHA-256', bytes));
  const text = [...digest].map((byte) => byte.toString(HEX).padStart(2, '0')).join('');
  return text.slice(0, KEY_SIGNS);
}

/** Whether this browser has what films need besides encoders: a folder of its own, and a safe address. */
export const canKeepFilms = () =>
  globalThis.isSecureContext === true && typeof navigator.storage?.getDirectory === 'function';
