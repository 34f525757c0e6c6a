import { drawsOf } from '../../document/beats-of';
import { childrenIn } from '../../model/setting';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeDraw } from '../mending';

/** So many of them without a turn is told: where half of them have one, two can throw together. Our own judgement. */
const MOST_LEFT_OUT = 1 / 2;

/** Draws for which children throw one after another through the session, and how many throws there are. */
export function throwsInTurn({
  adventure,
  schedule,
}: Pick<FindingContext, 'adventure' | 'schedule'>) {
  const beats = drawsOf(adventure).filter(({ rules }) => rules.thrower === 'child');
  const ids = new Set(beats.map(({ id }) => id));
  const throws = schedule.cues.filter(
    ({ kind, beatId }) => kind === 'draw' && ids.has(beatId),
  ).length;
  return { beats, throws };
}

/** There are too few throws for all of them. */
export function checkTurns(context: FindingContext): Seen[] {
  const { beats, throws } = throwsInTurn(context);
  const [first] = beats;
  const children = childrenIn(context.setting);
  const left = children - throws;
  if (!first || throws === 0 || left <= children * MOST_LEFT_OUT) return [];
  return [
    {
      place: { beatId: first.id, part: null },
      severity: 'mend',
      params: { throws, children, left },
      fix: changeDraw(first.id, (beat) => ({
        ...beat,
        rules: { ...beat.rules, thrower: 'presenter' },
      })),
    },
  ];
}
