import type { Adventure } from '../../model/adventure';
import type { FindingContext, UsedPart } from '../context';
import type { Fix, Seen, Severity } from '../finding';

/** Room over a jumping child's head, in metres. Our own judgement. */
export const JUMP_HEIGHT_METRES = 2.3;
/** Shortest side of a room for moves that need all of it, in metres. Our own judgement. */
export const ROOM_METRES = 4;
const SOFT_FLOORS: readonly string[] = ['mats', 'carpet', 'grass', 'sprung'];

/** A thing is at hand, in the plural or in a longer name too: "soft balls" is a ball. */
export const has = (kit: readonly string[], thing: string) =>
  kit.some((one) => one.toLowerCase().replace(/s$/u, '').endsWith(thing));

function bring(thing: string): Fix {
  return (now: Adventure) => ({
    ...now,
    setting: { ...now.setting, kit: [...now.setting.kit, thing] },
  });
}

const clearWall: Fix = (now) => ({
  ...now,
  setting: { ...now.setting, room: { ...now.setting.room, wallFree: true } },
});

type Lack = readonly [what: string, severity: Severity, fix: Fix | null];

function lacksOf({ move }: UsedPart, { setting }: FindingContext): Lack[] {
  const { room, kit } = setting;
  const lacks: Lack[] = [];
  if (move.surface === 'mat' && !SOFT_FLOORS.includes(room.floor) && !has(kit, 'mat')) {
    lacks.push(['mat', 'stop', bring('mat')]);
  }
  for (const thing of move.kit) {
    if (!has(kit, thing)) lacks.push([thing, 'mend', bring(thing)]);
  }
  if (move.landingsPerRep > 0 && room.heightMetres < JUMP_HEIGHT_METRES) {
    lacks.push(['height', 'stop', null]);
  }
  if (move.wall && !room.wallFree) lacks.push(['wall', 'stop', clearWall]);
  if (move.space === 'room' && Math.min(room.lengthMetres, room.widthMetres) < ROOM_METRES) {
    lacks.push(['room', 'mend', null]);
  }
  return lacks;
}

/** A mat, a thing, height or room that a move needs and the setting does not give; each said once. */
export function checkSetting(context: FindingContext): Seen[] {
  const told = new Set<string>();
  const seen: Seen[] = [];
  for (const used of context.parts) {
    for (const [what, severity, fix] of lacksOf(used, context)) {
      if (told.has(what)) continue;
      told.add(what);
      const name = used.part.guise.name || used.move.name;
      const place = { beatId: used.beat.id, part: used.part.id };
      seen.push({ place, severity, params: { what, name }, fix });
    }
  }
  return seen;
}
