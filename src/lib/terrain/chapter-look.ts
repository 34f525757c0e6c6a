import type { ChapterKind } from '$core';

/** A tile of a pattern: drawn with strokes, so that chapters differ without their colours. */
export type Pattern = Readonly<{ width: number; height: number; path: string }>;

/** Each chapter's hue is the CSS variable of its name in app.css; this is its pattern and word. */
export const CHAPTER_LOOKS: Readonly<Record<ChapterKind, { word: string; pattern: Pattern }>> = {
  welcome: { word: 'Welcome', pattern: { width: 12, height: 12, path: 'M3 3h.01M9 9h.01' } },
  'warm-up': { word: 'Warm-up', pattern: { width: 10, height: 10, path: 'M0 10L10 0' } },
  show: { word: 'Show', pattern: { width: 10, height: 10, path: 'M2 5h6M5 2v6' } },
  adventure: { word: 'Adventure', pattern: { width: 20, height: 10, path: 'M0 5q5-5 10 0t10 0' } },
  game: { word: 'Game', pattern: { width: 14, height: 14, path: 'M3 3l4 4 4-4M3 10l4 4 4-4' } },
  drink: { word: 'Drink', pattern: { width: 16, height: 8, path: 'M0 4q4-4 8 0t8 0' } },
  'cool-down': { word: 'Cool-down', pattern: { width: 8, height: 14, path: 'M4 1v8' } },
  calm: { word: 'Calm', pattern: { width: 16, height: 9, path: 'M2 4h10' } },
  goodbye: { word: 'Goodbye', pattern: { width: 12, height: 12, path: 'M0 0L12 12' } },
};

export function chapterHue(kind: string): string {
  return kind in CHAPTER_LOOKS ? `var(--${kind})` : 'var(--show)';
}

export function chapterWord(kind: string): string {
  return kind in CHAPTER_LOOKS ? CHAPTER_LOOKS[kind as ChapterKind].word : kind;
}
