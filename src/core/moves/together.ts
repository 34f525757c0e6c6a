import { AGE_BANDS } from '../model/ages';
import type { Effort, Move } from '../model/move';
import { listed } from '../words/listed';

const SPACES: readonly Move['space'][] = ['spot', 'lane', 'room'];
/** From what can be done anywhere to what can be done on one floor only. */
const SURFACES: readonly Move['surface'][] = ['any', 'grip', 'mat'];

const union = <T>(lists: readonly (readonly T[])[]): readonly T[] => [...new Set(lists.flat())];
const furthest = <T>(order: readonly T[], found: readonly T[]): T =>
  order[Math.max(...found.map((one) => order.indexOf(one)))]!;

/**
 * Moves done at the same time as one: the parts of the body, cautions and kit of all of them, the
 * effort of the hardest, the tempo of the slowest, the space of the widest. Where they are done, how
 * they are counted and their other forms are those of the first.
 */
export function together(first: Move, others: readonly Move[]): Move {
  const all = [first, ...others];
  const most = (of: (move: Move) => number) => Math.max(...all.map(of));
  const [younger, middle, older] = AGE_BANDS.map((band) => most((one) => one.secondsPerRep[band]));
  const name = listed(all.map((one) => one.name));
  return {
    ...first,
    name,
    plural: listed([first.plural, ...others.map((one) => one.name)]),
    regions: union(all.map(({ regions }) => regions)),
    effort: most(({ effort }) => effort) as Effort,
    secondsPerRep: { '3-4': younger!, '5': middle!, '6-7': older! },
    landingsPerRep: most(({ landingsPerRep }) => landingsPerRep),
    metresPerRep: most(({ metresPerRep }) => metresPerRep),
    sided: all.some(({ sided }) => sided),
    fromAge: most(({ fromAge }) => fromAge),
    space: furthest(
      SPACES,
      all.map(({ space }) => space),
    ),
    kit: union(all.map(({ kit }) => kit)),
    surface: furthest(
      SURFACES,
      all.map(({ surface }) => surface),
    ),
    wall: all.some(({ wall }) => wall),
    quiet: all.every(({ quiet }) => quiet),
    cautions: union(all.map(({ cautions }) => cautions)),
    formCues: union(all.map(({ formCues }) => formCues)),
  };
}
