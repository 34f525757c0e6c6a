import { childrenIn } from '../../model/setting';
import { atOnce } from '../../room/how-many';
import { clearFloor } from '../../room/spots';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { seenAt, type Turn } from '../in-a-row';

/** In lanes two or three go one after another as a matter of course. Our own judgement. */
const MOST_WAVES = { spot: 1, lane: 3, room: 1 } as const;
/** A few too many stand closer or wait a little; all over the floor less. Our own judgement. */
const LEEWAY = { spot: 1.25, lane: 1.25, room: 1.15 } as const;
/** On their spots only what swings or leaves the ground hurts a neighbour. */
const isWide = ({ move }: Turn) =>
  move.space !== 'spot' ||
  move.landingsPerRep > 0 ||
  ['bat', 'rope'].some((thing) => move.kit.includes(thing));

/** More children than the clear floor bears for what they do, and what going by turns would take. */
export function checkCrowding(context: FindingContext): Seen[] {
  const { setting } = context;
  const floor = clearFloor(setting.room);
  const children = childrenIn(setting);
  const seen = new Map<string, Seen>();
  for (const turn of context.turns) {
    const { space } = turn.move;
    if (seen.has(turn.doing.part) || !isWide(turn)) continue;
    const fits = atOnce(space, floor);
    const goes = Math.max(1, fits);
    if (children <= Math.floor(goes * MOST_WAVES[space] * LEEWAY[space])) continue;
    const waves = Math.ceil(children / goes);
    const longer = Math.round((waves - 1) * turn.cue.lengthSeconds);
    seen.set(turn.doing.part, seenAt(turn, 'mend', { children, fits, waves, longer }));
  }
  return [...seen.values()];
}
