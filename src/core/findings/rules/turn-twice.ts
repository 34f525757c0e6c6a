import { childrenIn } from '../../model/setting';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { changeDraw } from '../mending';
import { throwsInTurn } from './turns-left-out';

/** Everybody has had a turn, and then a few have another. */
export function checkTurnTwice(context: FindingContext): Seen[] {
  const { beats, throws } = throwsInTurn(context);
  const children = childrenIn(context.setting);
  const twice = throws % children;
  if (throws < children || twice === 0) return [];
  const fewer = beats.findLast(
    ({ rules: { stop } }) => stop.after === 'draws' && stop.draws > twice,
  );
  return [
    {
      place: { beatId: beats.at(-1)!.id, part: null },
      severity: 'think',
      params: { throws, children, twice, even: throws - twice },
      fix: fewer
        ? changeDraw(fewer.id, (beat) => {
            const { stop } = beat.rules;
            if (stop.after !== 'draws') return beat;
            const draws = stop.draws - twice;
            return { ...beat, rules: { ...beat.rules, stop: { ...stop, draws } } };
          })
        : null,
    },
  ];
}
