import { childrenIn } from '../../model/setting';
import { isThing } from '../../moves/fits-setting';
import { wordsToDigits } from '../../words/numbers';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** Things that a whole group has one of. */
const SHARED: ReadonlySet<string> = new Set([
  'parachute',
  'bench',
  'bucket',
  'step',
  'cone',
  'rope',
  'chair',
]);

/** How many of a thing there are, where the list says so: "one ball", "6 hoops"; null where it does not. */
function countOf(kit: readonly string[], thing: string): number | null {
  const named = kit.find((one) => isThing(one, thing));
  const [first = ''] = wordsToDigits((named ?? '').toLowerCase().split(/\s+/u));
  if (/^(?:a|an|the)$/u.test(first)) return 1;
  return /^\d+$/u.test(first) ? Number(first) : null;
}

/** A thing that every child needs, and there are fewer of them than children: told once a thing. */
export function checkKitCount({ parts, setting }: FindingContext): Seen[] {
  const children = childrenIn(setting);
  const told = new Set<string>();
  return parts.flatMap(({ beat, part, move }): Seen[] => {
    for (const thing of move.kit) {
      if (SHARED.has(thing) || told.has(thing)) continue;
      const count = countOf(setting.kit, thing);
      if (count === null || count >= children) continue;
      told.add(thing);
      const params = { name: part.guise.name || move.name, thing, count, children };
      return [{ place: { beatId: beat.id, part: part.id }, severity: 'mend', params, fix: null }];
    }
    return [];
  });
}
