import { CIRCUIT_REST_SECONDS, CIRCUIT_WORK_SECONDS, TIMINGS } from '../cues/timing';
import { typedStation } from '../language/dosed';
import {
  bareStation,
  readNamed,
  type LineTools,
  type ReadStation,
  type Unread,
} from '../language/part-reader';
import { inRow, namesInRow } from '../language/rows';
import { doseIn } from '../language/words-of';
import { HIDDEN_TEXT, quoted, revealed, saidInWords, takeDuring } from '../language/said';
import type { Guise } from '../model/action';
import type { MoveBook } from '../moves/move-book';
import { numberRead, within } from '../words/numbers';
import type { LineFile } from './beat-file';
import { BY_THE_CLOCK, MOST_ROUNDS, type Circuit } from './circuit-schema';
import { ownInWords, timesInWords } from './circuit-words';

export type CircuitReading = Readonly<{
  kind: 'circuit';
  stations: readonly ReadStation[];
  rounds: number;
  workSeconds: number;
  restSeconds: number;
  /** A drink between two rounds; 0 for none. */
  drinkBetweenSeconds: number;
  byRound: Circuit['byRound'];
}>;

const AS_ALL = { say: '', workSeconds: null, restSeconds: null } as const;
const OWN_ROUND = new RegExp(
  String.raw`,\s*(?:in )?round (\d{1,2})\b:?(?:\s+(\d+)\s*s(?:ec|econds?)?(?: work)?\b)?(?:[\s,]*rest (\d+)(?:\s*s\b)?)?(?:\s*(${HIDDEN_TEXT}))?`,
  'giu',
);

/** "round 2 30 s rest 10 “Now in the dark.”": what a round has of its own; and the rest of the words. */
function takeRounds(text: string): Readonly<{ head: string; byRound: Circuit['byRound'] }> {
  const own: Circuit['byRound'][number][] = [];
  const head = text.replace(
    OWN_ROUND,
    (_, n: string, work?: string, rest?: string, say?: string) => {
      const at = within(Number(n), { least: 1, most: MOST_ROUNDS }) - 1;
      while (own.length <= at) own.push(AS_ALL);
      own[at] = {
        say: say ? revealed(say) : '',
        workSeconds: work === undefined ? null : numberRead(Number(work)),
        restSeconds: rest === undefined ? null : numberRead(Number(rest)),
      };
      return ' ';
    },
  );
  return { head, byRound: own };
}

function roundsAsTyped(byRound: Circuit['byRound']): string {
  return byRound
    .map(({ say, workSeconds: work, restSeconds: rest }, n) => {
      if (!say && work === null && rest === null) return '';
      const timed = (work === null ? '' : ` ${work} s`) + (rest === null ? '' : ` rest ${rest} s`);
      return `, round ${n + 1}${timed}${say ? ` ${quoted(say)}` : ''}`;
    })
    .join('');
}

/** `circuit 2 rounds 45 s rest 15, round 2 30 s: squats, plank`; null for another line. */
function readCircuit(typed: string, tools: LineTools): CircuitReading | Unread | null {
  const [line, meanwhile] = takeDuring(typed);
  const match = /^circuit\b(.*?)(?::\s*(.*))?$/iu.exec(line);
  if (!match) return null;
  const drinks = /,?\s*drink between(?: (\d+)\s*s)?/iu.exec(match[1]!);
  const rounds = takeRounds(match[1]!.replace(drinks?.[0] ?? '', ''));
  const head = rounds.head.replace('/', ' s rest ');
  const said = doseIn(head);
  const names = namesInRow(match[2] ?? '', /,|\bthen\b/u);
  const stations = lastSaid(
    names.map((name) => readNamed(name, tools)),
    meanwhile,
  );
  const unread = [...said.unread, ...names.filter((_, n) => !stations[n])];
  if (unread.length > 0) return { unread };
  return {
    kind: 'circuit',
    stations: stations.flatMap((one) => one ?? []),
    rounds: said.rounds ?? 2,
    workSeconds: said.dose.amounts?.[0] ?? said.openAmounts?.[0] ?? CIRCUIT_WORK_SECONDS,
    restSeconds: said.dose.restSeconds ?? CIRCUIT_REST_SECONDS,
    drinkBetweenSeconds: drinks ? Number(drinks[1] ?? TIMINGS.drink.usual) : 0,
    byRound: rounds.byRound,
  };
}

/** What stands at the end of the line is said to the last station. */
function lastSaid<One extends Readonly<{ guise: Guise }> | null>(
  stations: readonly One[],
  meanwhile: string,
): readonly One[] {
  return stations.map((one, n) =>
    one && meanwhile && n === stations.length - 1
      ? { ...one, guise: { ...one.guise, meanwhile } }
      : one,
  );
}

/** What was understood of a typed circuit. */
function readBackCircuit({
  stations,
  rounds,
  workSeconds,
  restSeconds,
  byRound,
}: CircuitReading): string {
  const named = stations.map(({ move, guise }) => (guise.name || move.name) + saidInWords(guise));
  const what = named.length > 0 ? named.join(', ') : 'stations to come';
  return `A circuit: ${what}; ${rounds} × (${timesInWords({ workSeconds, restSeconds })})${ownInWords({ byRound })}`;
}

/** The circuit as it is typed. */
function circuitInLine(
  {
    rounds,
    workSeconds,
    restSeconds,
    drinkBetweenRoundsSeconds: drinks,
    stations,
    byRound,
  }: Circuit,
  book: MoveBook,
): string {
  const between = drinks > 0 ? `, drink between ${drinks} s` : '';
  const named = inRow(stations.map((one) => typedStation(book, one)));
  const own = roundsAsTyped(byRound);
  return `circuit ${rounds} ${rounds === 1 ? 'round' : 'rounds'} ${workSeconds} s rest ${restSeconds}${between}${own}: ${named}`;
}

/** A circuit as it is typed. */
export const circuitLine: LineFile<Circuit, CircuitReading> = {
  read: readCircuit,
  make: (reading, { newId }) => ({
    kind: 'circuit',
    id: newId('bt'),
    say: '',
    stations: reading.stations.map((one) => ({ id: newId('st'), ...bareStation(one) })),
    rounds: reading.rounds,
    workSeconds: reading.workSeconds,
    restSeconds: reading.restSeconds,
    drinkBetweenRoundsSeconds: reading.drinkBetweenSeconds,
    restAfterLast: false,
    byRound: reading.byRound,
    ...BY_THE_CLOCK,
  }),
  readBack: readBackCircuit,
  line: circuitInLine,
};
