import type { FoundBeat, Run } from '$core';

/** A beat as it was planned: from and to in seconds, how long in all, and the kind of its chapter. */
export type PlannedBeat = Readonly<{ from: number; to: number; seconds: number; kind: string }>;

/** The beats of a run's plan, by their ids. */
export function plannedBeats({ plan, chapters }: Run): ReadonlyMap<string, PlannedBeat> {
  const kinds = new Map(chapters.map(({ id, kind }) => [id, kind]));
  const found = new Map<string, PlannedBeat>();
  for (const { beatId, chapterId, startSeconds, lengthSeconds } of plan) {
    const known = found.get(beatId);
    found.set(beatId, {
      from: known?.from ?? startSeconds,
      to: startSeconds + lengthSeconds,
      seconds: (known?.seconds ?? 0) + lengthSeconds,
      kind: kinds.get(chapterId) ?? 'show',
    });
  }
  return found;
}

/** What became of the beats, chapter by chapter: each with its parts after it. */
export function beatsByChapter({ plan, chapters, review }: Run) {
  const byBeat = new Map<string, FoundBeat[]>();
  for (const beat of review?.beats ?? []) {
    byBeat.set(beat.beatId, [...(byBeat.get(beat.beatId) ?? []), beat]);
  }
  const chapterOf = new Map(plan.map(({ beatId, chapterId }) => [beatId, chapterId]));
  return chapters
    .map((chapter) => ({
      ...chapter,
      beats: [...byBeat].filter(([beatId]) => chapterOf.get(beatId) === chapter.id),
    }))
    .filter(({ beats }) => beats.length > 0);
}
