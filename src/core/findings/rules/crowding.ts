import { childrenIn } from '../../model/setting';
import { mostTogether } from '../../room/crowded';
import { atOnce } from '../../room/how-many';
import { clearFloor } from '../../room/spots';
import type { Dose } from '../../model/dose';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { seenAt } from '../in-a-row';
import { changeAction } from '../mending';

/** The largest groups that fit: halves where that is enough. */
const groupsOf = (children: number, fits: number): Dose['atOnce'] =>
  Math.ceil(children / 2) <= fits ? 'half' : fits;

/** More children than the clear floor bears for what they do; by turns there are fewer at a time. */
export function checkCrowding(context: FindingContext): Seen[] {
  const { setting, parts } = context;
  const floor = clearFloor(setting.room);
  const children = childrenIn(setting);
  const actions = new Map(parts.map(({ action, part }) => [part.id, action]));
  const seen = new Map<string, Seen>();
  for (const turn of context.turns) {
    const { part, go } = turn.doing;
    const most = mostTogether(turn.move, floor);
    const together = Math.ceil(children / go.of);
    if (seen.has(part) || most === null || together <= most) continue;
    const fits = atOnce(turn.move.space, floor);
    const waves = Math.ceil(children / Math.max(1, fits));
    const longer = Math.round((waves - 1) * turn.cue.lengthSeconds);
    const turns = groupsOf(children, fits);
    const fix: Seen['fix'] =
      fits > 0 && actions.get(part)
        ? (now) =>
            changeAction(now, turn.cue.beatId, part, (one) => ({
              ...one,
              dose: { ...one.dose, atOnce: turns },
            }))
        : null;
    seen.set(part, seenAt(turn, 'mend', { children: together, fits, waves, longer }, fix));
  }
  return [...seen.values()];
}
