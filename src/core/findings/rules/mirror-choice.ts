import { type Beat, spokenLines } from '../../beats';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { remember } from '../../words/remember';

const SIDE = /\b(left|right)\b/iu;
/** "All right", "right here", "right away": no side at all. */
const NO_SIDE = /\b(all right|right (?:here|there|now|away|back|up|down|in|on|over))\b/giu;

const namesSide = remember((beat: Beat): boolean =>
  spokenLines(beat).some((line) => SIDE.test(line.replace(NO_SIDE, ''))),
);

/** A left or right will be spoken, and nobody has said whose: theirs, or the leader's own. */
export function checkMirror({ adventure, setting, parts, beats, book }: FindingContext): Seen[] {
  if (setting.mirror !== null) return [];
  const sided = parts.find(({ action, part }) =>
    action ? action.dose.sides !== 'any' : book.get(part.move)?.sided,
  );
  const spoken = [...beats.values()].find(namesSide);
  const order = adventure.chapters.flatMap((chapter) => chapter.beats.map(({ id }) => id));
  const [beatId] = order.filter((id) => id === sided?.beat.id || id === spoken?.id);
  if (beatId === undefined) return [];
  return [
    {
      place: { beatId, part: null },
      severity: 'mend',
      params: {},
      fix: (now) => ({ ...now, setting: { ...now.setting, mirror: true } }),
    },
  ];
}
