/*
 * A line that was typed and not entered: kept for its place beside the store, so that a reload, a closed
 * tab or a kill does not take it.
 */

/** Where a typed line of a chapter is kept; only one a chapter. */
export function typedLine(
  adventureId: string,
  chapterId: string,
): Readonly<{ read: () => string; keep: (text: string) => void }> {
  const key = `arrup.line.${adventureId}.${chapterId}`;
  return {
    read: () => {
      try {
        return localStorage.getItem(key) ?? '';
      } catch {
        return '';
      }
    },
    keep: (text) => {
      try {
        if (text) localStorage.setItem(key, text);
        else localStorage.removeItem(key);
      } catch {
        // A browser that keeps nothing loses it, as it would anyway.
      }
    },
  };
}
