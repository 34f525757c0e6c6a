import { cueEndSeconds } from '../cues/cue';
import type { Adventure } from '../document/adventure';
import { beatsOf } from '../document/beats-of';
import { fit } from '../fit/fit';
import { unroll } from '../schedule/unroll';
import { retimed } from './cue-list';
import type { LedWay } from './led-way';

/** Less than this there is no fitting into. */
const LEAST_FIT_SECONDS = 10;

/** What comes after the beat that is on, fitted into so many seconds. */
export function shortened(way: LedWay, index: number, seconds: number): LedWay | null {
  const { context, cues, draws } = way;
  const { adventure, setting, pace } = context;
  const here = cues[index]!.beatId;
  const end = cues.findLastIndex(({ beatId }) => beatId === here);
  if (end === cues.length - 1) return null;
  const order = beatsOf(adventure).map(({ id }) => id);
  const later = new Set(order.slice(order.indexOf(here) + 1));
  const rest: Adventure = {
    ...adventure,
    chapters: adventure.chapters.map((one) => ({
      ...one,
      beats: one.beats.filter(({ id }) => later.has(id)),
    })),
  };
  const left = cueEndSeconds(cues[end]!) - cues[index]!.startSeconds;
  const into = (wish: number): LedWay => {
    const fitted = fit(rest, setting, pace, { seconds: wish }).adventure;
    const byChapter = new Map(fitted.chapters.map(({ id, beats }) => [id, beats]));
    const script: Adventure = {
      ...adventure,
      chapters: adventure.chapters.map((one) => ({
        ...one,
        beats: [...one.beats.filter(({ id }) => !later.has(id)), ...(byChapter.get(one.id) ?? [])],
      })),
    };
    const ahead = unroll(script, setting, pace, draws).cues.filter((cue) => later.has(cue.beatId));
    return {
      ...way,
      context: { ...context, adventure: script },
      cues: retimed([...cues.slice(0, end + 1), ...ahead], end + 1),
    };
  };
  const wish = Math.max(LEAST_FIT_SECONDS, Math.round(seconds - left));
  const first = into(wish);
  // Getting from this beat to the next takes its time too, which the rest by itself does not know.
  const takes = cueEndSeconds(first.cues.at(-1)!) - cues[index]!.startSeconds;
  const off = Math.round(takes - seconds);
  return off <= 2 ? first : into(Math.max(LEAST_FIT_SECONDS, wish - off));
}
