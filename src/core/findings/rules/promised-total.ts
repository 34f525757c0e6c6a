import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

const PROMISE = /\b(\d{2,4})\s+(?:moves|reps|goes|jumps and hops|movements)\b/iu;

/** "100 moves" is said, and the doses come to something else. */
export function checkPromise({ adventure, beats, schedule }: FindingContext): Seen[] {
  const { reps } = schedule.totals.all;
  const spoken: [string, string | null][] = [
    [adventure.title, null],
    [adventure.world.want, null],
    ...[...beats.values()].map((beat): [string, string] => {
      if (beat.kind === 'tell' || beat.kind === 'drink') return [beat.text, beat.id];
      return [beat.say, beat.id];
    }),
  ];
  for (const [text, beatId] of spoken) {
    const promised = Number(PROMISE.exec(text)?.[1] ?? reps);
    if (promised === reps) continue;
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
