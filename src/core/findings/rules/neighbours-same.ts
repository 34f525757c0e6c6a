import type { FindingContext, UsedPart } from '../context';
import type { Seen } from '../finding';

/** How a part is done: its side, directions and tempo, what goes with it, and for whom it is. */
function wayOf(part: UsedPart['part']): string {
  const { also, guise } = part;
  const { sides = 'any', directions = [], tempo = [] } = 'dose' in part ? part.dose : {};
  return JSON.stringify([also, guise.note, sides, directions, tempo]);
}

const amountsOf = (part: UsedPart['part']) => ('dose' in part ? part.dose.amounts.join() : '');

/** A rung of a ladder: another name in the story, and another amount. */
const isNextRung = ({ part: before }: UsedPart, part: UsedPart['part']) =>
  before.guise.name !== part.guise.name && amountsOf(before) !== amountsOf(part);

/** The same on the other side, backwards, faster, with a clap, higher: that is the story, not a slip. */
const isAnotherWay = (before: UsedPart, part: UsedPart['part']) =>
  wayOf(before.part) !== wayOf(part) || isNextRung(before, part);

/** The same move twice running, in two parts of the script. What is drawn has no neighbours yet. */
export function checkNeighbours({ parts }: FindingContext): Seen[] {
  return parts.flatMap(({ beat, part, move }, index) => {
    const before = parts[index - 1];
    if (before?.move.id !== move.id || isAnotherWay(before, part)) return [];
    if (beat.kind === 'draw' || before.beat.kind === 'draw') return [];
    return [
      {
        place: { beatId: beat.id, part: part.id },
        severity: 'think' as const,
        params: { name: move.name },
        fix: null,
      },
    ];
  });
}
