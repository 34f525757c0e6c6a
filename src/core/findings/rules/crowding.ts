import { childrenIn } from '../../model/setting';
import { atOnce } from '../../room/how-many';
import { clearFloor } from '../../room/spots';
import type { Dose } from '../../model/dose';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { seenAt, type Turn } from '../in-a-row';
import { changeAction } from '../mending';

/** In lanes two or three go one after another as a matter of course. Our own judgement. */
const MOST_WAVES = { spot: 1, lane: 3, room: 1 } as const;
/** A few too many stand closer or wait a little; all over the floor less. Our own judgement. */
const LEEWAY = { spot: 1.25, lane: 1.25, room: 1.15 } as const;
/** On their spots only what swings or leaves the ground hurts a neighbour. */
const isWide = ({ move }: Turn) =>
  move.space !== 'spot' ||
  move.landingsPerRep > 0 ||
  ['bat', 'rope'].some((thing) => move.kit.includes(thing));

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
    const { space } = turn.move;
    const { part, go } = turn.doing;
    if (seen.has(part) || !isWide(turn)) continue;
    const fits = atOnce(space, floor);
    const goes = Math.max(1, fits);
    const together = Math.ceil(children / go.of);
    if (together <= Math.floor(goes * MOST_WAVES[space] * LEEWAY[space])) continue;
    const waves = Math.ceil(children / goes);
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
