import { drawsOf } from '../../document/beats-of';
import { childrenIn } from '../../model/setting';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeDraw } from '../mending';

/** So many of them without a turn is told: where half of them have one, two can throw together. Our own judgement. */
const MOST_LEFT_OUT = 1 / 2;

/** Children throw one after another through the session, and there are too few throws for them. */
export function checkTurns({ adventure, schedule, setting }: FindingContext): Seen[] {
  const inTurn = drawsOf(adventure).filter(({ rules }) => rules.thrower === 'child');
  const [first] = inTurn;
  if (!first) return [];
  const ids = new Set(inTurn.map(({ id }) => id));
  const throws = schedule.cues.filter(
    ({ kind, beatId }) => kind === 'draw' && ids.has(beatId),
  ).length;
  const children = childrenIn(setting);
  const left = children - throws;
  if (throws === 0 || left <= children * MOST_LEFT_OUT) return [];
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
