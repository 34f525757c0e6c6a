import type { Family, Region } from '../../model/move';
import { moveIn } from '../../moves/move-book';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';
import { has } from '../../moves/fits-setting';

/** Shorter sessions need not move everything. Our own judgement. */
const LONG_ENOUGH_SECONDS = 300;
/** Every session of some length moves these. Our own judgement. */
const EXPECTED: readonly Region[] = ['legs', 'tummy', 'back', 'arms', 'shoulders'];
/**
 * The families of fundamental movement skills that need nothing but a child; handling is the third
 * and needs a thing, so it is asked for only where one is at hand. Test of Gross Motor Development and
 * textbooks, by the list in docs/facts.md.
 */
const EXPECTED_FAMILIES: readonly Family[] = ['travelling', 'balancing'];

/** Things that mostly stand about and say where. */
const MARKS: ReadonlySet<string> = new Set(['cones', 'cone', 'markers', 'marker']);

/** A part of the body, or a family of skills, without a turn in a session of five minutes or more. */
export function checkNeverUsed({ schedule, setting, book }: FindingContext): Seen[] {
  const { totals, totalSeconds } = schedule;
  if (totalSeconds < LONG_ENOUGH_SECONDS || totals.byMove.size === 0) return [];
  const families = new Set([...totals.byMove.keys()].map((id) => moveIn(book, id).family));
  const things = [...book.values()].filter(({ family }) => family === 'handling');
  const canHandle = things.some(({ kit }) =>
    kit.some((thing) => !MARKS.has(thing) && has(setting.kit, thing)),
  );
  const expected = canHandle ? [...EXPECTED_FAMILIES, 'handling' as const] : EXPECTED_FAMILIES;
  const missing = {
    region: EXPECTED.filter((region) => !totals.byRegion.has(region)),
    family: expected.filter((family) => !families.has(family)),
  };
  return Object.entries(missing)
    .filter(([, list]) => list.length > 0)
    .map(([what, list]) => ({
      place: { ...WHOLE, part: what },
      severity: 'think',
      params: { what, missing: list.join(', ') },
      fix: null,
    }));
}
