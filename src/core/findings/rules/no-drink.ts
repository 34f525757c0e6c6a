import { changeBeat } from '../../document/edit';
import { TIMINGS } from '../../cues/timing';
import type { FindingContext } from '../context';
import type { Fix, Seen } from '../finding';
import { insertBefore } from '../mending';

/** Longest that children move without a drink. Common practice: a drink every 3-5 minutes. */
export const DRINK_EVERY_SECONDS = 300;
const MOVING = 3;

function drinkBefore(beatId: string, inCircuit: boolean): Fix {
  return (now, newId) =>
    inCircuit
      ? changeBeat(now, beatId, (beat) =>
          beat.kind === 'circuit'
            ? { ...beat, drinkBetweenRoundsSeconds: TIMINGS.drink.usual }
            : beat,
        )
      : insertBefore(now, beatId, [
          { kind: 'drink', id: newId('bt'), text: '', seconds: TIMINGS.drink.usual },
        ]);
}

/** More than five minutes of moving (level 3 and up) since the last drink. */
export function checkDrinks({ schedule, beats }: FindingContext): Seen[] {
  const seen: Seen[] = [];
  let moving = 0;
  let said = false;
  for (const cue of schedule.cues) {
    if (cue.kind === 'drink') [moving, said] = [0, false];
    if (cue.effort < MOVING) continue;
    moving += cue.lengthSeconds;
    if (moving <= DRINK_EVERY_SECONDS || said) continue;
    said = true;
    const beat = beats.get(cue.beatId);
    const inCircuit =
      beat?.kind === 'circuit' && beat.rounds > 1 && beat.drinkBetweenRoundsSeconds === 0;
    seen.push({
      place: { beatId: cue.beatId, part: null },
      severity: 'mend',
      params: { minutes: Math.floor(moving / 60) },
      fix: drinkBefore(cue.beatId, inCircuit),
    });
  }
  return seen;
}
