import type { Adventure } from '../../document/adventure';
import { lacksOf } from '../../moves/fits-setting';
import type { FindingContext } from '../context';
import type { Fix, Seen, Severity } from '../finding';

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

/** How grave it is that something is not there, and what mends it: what can hurt is grave. */
function judge(what: string): readonly [Severity, Fix | null] {
  if (what === 'mat') return ['stop', bring('mat')];
  if (what === 'height') return ['stop', null];
  if (what === 'wall') return ['stop', clearWall];
  return what === 'room' ? ['mend', null] : ['mend', bring(what)];
}

/** A mat, a thing, height or room that a move needs and the setting does not give; each said once. */
export function checkSetting(context: FindingContext): Seen[] {
  const told = new Set<string>();
  const seen: Seen[] = [];
  for (const used of context.parts) {
    for (const what of lacksOf(used.move, context.setting)) {
      if (told.has(what)) continue;
      told.add(what);
      const [severity, fix] = judge(what);
      const name = used.part.guise.name || used.move.name;
      const place = { beatId: used.beat.id, part: used.part.id };
      seen.push({ place, severity, params: { what, name }, fix });
    }
  }
  return seen;
}
