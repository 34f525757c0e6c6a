import { addBeats, removeBeat } from '../../document/edit';
import type { Adventure } from '../../document/adventure';
import { moveIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** Holds shorter than this are a shape, not a still stretch. Our own judgement. */
const STILL_SECONDS = 5;
/** Moving (level 3 and up) before the first still stretch. Our own judgement. */
const WARM_SECONDS = 30;

function moveToCoolDown(now: Adventure, beatId: string): Adventure {
  const beat = now.chapters.flatMap(({ beats }) => beats).find(({ id }) => id === beatId);
  const chapter = now.chapters.find(({ kind }) => kind === 'cool-down') ?? now.chapters.at(-1);
  if (!beat || !chapter) return now;
  const without = removeBeat(now, beatId);
  const rest = without.chapters.find(({ id }) => id === chapter.id)!;
  return addBeats(without, chapter.id, rest.beats.length, [beat]);
}

/** A still stretch before the body is warm: moving stretches come first, still ones last. */
export function checkStretches({ work, book }: FindingContext): Seen[] {
  let warm = 0;
  const seen: Seen[] = [];
  for (const { kind, doing, effort, lengthSeconds, beatId } of work) {
    if (warm >= WARM_SECONDS) break;
    if (effort >= 3) warm += lengthSeconds;
    const still = kind === 'hold' && lengthSeconds > STILL_SECONDS;
    if (!doing || !still || moveIn(book, doing.move).family !== 'stretch') continue;
    if (seen.some(({ place }) => place.beatId === beatId)) continue;
    seen.push({
      place: { beatId, part: doing.part },
      severity: 'mend',
      params: { name: doing.name, seconds: lengthSeconds },
      fix: (now) => moveToCoolDown(now, beatId),
    });
  }
  return seen;
}
