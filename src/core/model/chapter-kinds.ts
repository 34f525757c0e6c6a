/** Phases of a session, in the order in which they usually come. */
export const CHAPTER_KINDS = [
  'welcome',
  'warm-up',
  'show',
  'adventure',
  'game',
  'drink',
  'cool-down',
  'calm',
  'goodbye',
] as const;
export type ChapterKind = (typeof CHAPTER_KINDS)[number];
