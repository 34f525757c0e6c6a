/** What lies open on this page and may not be saved yet. */
type Open = Readonly<{ document: Readonly<{ id: string }>; flush: () => Promise<void> }>;
export const tended = new Set<Open>();

/** What lies open on this page, as it is in memory. */
export function openDocuments(): readonly Readonly<{ id: string }>[] {
  return [...tended].map(({ document }) => document);
}

/** Saves what is open and unsaved: another place that reads the store finds the last words there. */
export async function flushDrafts(): Promise<void> {
  await Promise.all([...tended].map((draft) => draft.flush()));
}
