import { readWordNet, type WordNet } from '$core';

let loading: Promise<WordNet> | null = null;

/** The word net, as the build cut it: it comes when a line is first looked at for ideas. */
export function loadWordNet(): Promise<WordNet> {
  loading ??= import('virtual:word-net').then(({ default: text }) => readWordNet(text));
  loading.catch(() => (loading = null));
  return loading;
}
