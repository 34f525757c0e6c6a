import { withAmounts } from '../../model/dose';
import type { FindingContext, UsedPart } from '../context';
import type { Seen } from '../finding';
import { changeAction } from '../mending';

/** Beyond this many times the usual most, it is no longer a matter of taste. Our own judgement. */
const FAR_ABOVE = 2;

function checkPart({ beat, action, move, how }: UsedPart, { band }: FindingContext): Seen[] {
  if (!action || action.dose.unit !== move.usual.unit) return [];
  const [least, most] = move.usual.range[band];
  const highest = Math.max(...action.dose.amounts);
  const lowest = Math.min(...action.dose.amounts);
  const above = highest > most;
  // Quick images that they follow are short on purpose.
  if (!above && (how.led === 'follow me' || lowest >= least)) return [];
  const amount = above ? highest : lowest;
  return [
    {
      place: { beatId: beat.id, part: action.id },
      severity: !above ? 'think' : highest > most * FAR_ABOVE ? 'stop' : 'mend',
      params: { above: above ? 1 : 0, amount, least, most, name: action.guise.name || move.name },
      fix: (now) =>
        changeAction(now, beat.id, action.id, (one) => ({
          ...one,
          dose: withAmounts(
            one.dose,
            one.dose.amounts.map((n) => Math.min(most, Math.max(least, n))),
          ),
        })),
    },
  ];
}

/** A set asks for more, or less, than is usual for the youngest in the group. */
export function checkDoses(context: FindingContext): Seen[] {
  return context.parts.flatMap((part) => checkPart(part, context));
}
