import type { SoundBook } from '$core';

let loading: Promise<SoundBook> | null = null;

/** The pronouncing dictionary: near a megabyte, so it comes only when sounds are asked for. */
export function loadSoundBook(): Promise<SoundBook> {
  loading ??= import('cmu-pronouncing-dictionary').then(({ dictionary }) => dictionary);
  loading.catch(() => (loading = null));
  return loading;
}
