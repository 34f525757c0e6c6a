import { type Beat, spokenLines } from '../../beats';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';
import { textInDigits } from '../../words/numbers';
import { remember } from '../remember';

const PROMISE = /\b(\d{2,4})\s+(?:moves|reps|goes|jumps and hops|movements|exercises)\b/iu;

/** "one hundred" and "ten times ten" as digits. */
function inDigits(text: string): string {
  return textInDigits(text)
    .replaceAll(/\b(?:(\d|a) )?hundred\b/gu, (_, n: string | undefined) =>
      String(100 * (Number(n) || 1)),
    )
    .replaceAll(/\b(\d+) times (\d+)\b/gu, (_, a: string, b: string) =>
      String(Number(a) * Number(b)),
    );
}

function promiseIn(text: string): number | null {
  const found = PROMISE.exec(inDigits(text));
  return found ? Number(found[1]) : null;
}
const promiseOfBeat = remember((beat: Beat) => promiseIn(spokenLines(beat).join('\n')));

/** "100 moves" is said, and the doses come to something else. */
export function checkPromise({ adventure, beats, schedule }: FindingContext): Seen[] {
  const { reps } = schedule.totals.all;
  const promises: [number | null, string | null][] = [
    [promiseIn(adventure.title), null],
    [promiseIn(adventure.world.want), null],
    ...[...beats.values()].map((beat): [number | null, string] => [promiseOfBeat(beat), beat.id]),
  ];
  for (const [promised, beatId] of promises) {
    if (promised === null || promised === reps) continue;
    return [
      {
        place: { ...WHOLE, beatId },
        severity: 'mend',
        params: { promised, real: reps },
        fix: null,
      },
    ];
  }
  return [];
}
