import type { Circuit } from './circuit-schema';

/** "30 s work, 15 s rest". */
export const timesInWords = ({
  workSeconds: work,
  restSeconds: rest,
}: Pick<Circuit, 'workSeconds' | 'restSeconds'>) => `${work} s work, ${rest} s rest`;

/** "; round 2: 20 s work, 10 s rest"; empty where all rounds are alike. */
export function ownInWords({ byRound }: Pick<Circuit, 'byRound'>): string {
  return byRound
    .map(({ workSeconds: work, restSeconds: rest }, n) => {
      const own = [work === null ? '' : `${work} s work`, rest === null ? '' : `${rest} s rest`];
      const said = own.filter(Boolean).join(', ');
      return said && `; round ${n + 1}: ${said}`;
    })
    .join('');
}

/** "2 rounds of 30 s work, 15 s rest; round 2: 20 s work". */
export function clockInWords(beat: Circuit): string {
  const rounds = beat.rounds === 1 ? '1 round' : `${beat.rounds} rounds`;
  return `${rounds} of ${timesInWords(beat)}${ownInWords(beat)}`;
}
