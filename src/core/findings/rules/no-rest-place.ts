import { spokenLines, type Beat } from '../../beats';
import { addBeats } from '../../document/edit';
import { childrenIn } from '../../model/setting';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';
import { MANY_CHILDREN } from '../in-a-row';
import { lineOf } from '../mending';
import { remember } from '../../words/remember';

/** Words that say where, or that, somebody may rest. */
const REST =
  /\b(?:rest(?:ing)? (?:place|spot|corner|mats?|stone|bench|log)|quiet (?:corner|place|spot)|bench|sit (?:out|this one out|by|on|and)|(?:may|can) (?:also )?(?:sit|rest|watch)|sitting|seats?|chairs?|seated|(?:have|has|takes?|needs?|wants?|likes?) (?:a|to) (?:little )?(?:rest|break|breather|stop|watch)|rests? (?:by|on|at|in|here)|watch first|tired)\b/iu;
/** In a shorter one there is no need, and few are seen anyhow. Our own judgement. */
const LEAST_SECONDS = 10 * 60;
const REST_LINE = 'Whoever needs a rest sits by the wall, and comes back in when they like.';

const saysRest = remember((beat: Beat) => spokenLines(beat).some((line) => REST.test(line)));

/** Nobody has said where a child may sit down for a while. */
export function checkRestPlace({ adventure, beats, schedule, setting }: FindingContext): Seen[] {
  if (setting.place === 'filmed' || childrenIn(setting) < MANY_CHILDREN) return [];
  if (schedule.totalSeconds < LEAST_SECONDS || [...beats.values()].some(saysRest)) return [];
  const first = adventure.chapters.find((chapter) => chapter.beats.length > 0);
  if (!first) return [];
  return [
    {
      place: WHOLE,
      severity: 'think',
      params: {},
      fix: (now, newId) => addBeats(now, first.id, first.beats.length, [lineOf(REST_LINE, newId)]),
    },
  ];
}
