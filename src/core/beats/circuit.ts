import { z } from 'zod';
import type { Doing, Nth } from '../cues/cue';
import { TOLD, type Score } from '../cues/score';
import { CIRCUIT_REST_SECONDS, CIRCUIT_WORK_SECONDS, TIMINGS } from '../cues/timing';
import { addTurn, doingOf } from '../cues/work';
import { typedStation } from '../language/dosed';
import { doseIn, namesIn, readNamed, type LineTools, type Unread } from '../language/part-reader';
import { stationSchema, type Guise, type Station } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { AS_LED, type LedAsSaid } from '../model/led';
import { saidInWords, takeDuring } from '../language/said';
import type { Move } from '../model/move';
import { lineSchema } from '../model/text';
import { SET_COST } from '../moves/other-doses';
import { ledBase } from './beat-base';
import { PLAIN, partsIn, saidTo, type BeatFile, type Way } from './beat-file';
import { partRow, roundsInWords, rowsAfter } from './sheet-row';

/**
 * Stations x rounds, each `workSeconds` of work and then `restSeconds` of rest. With
 * `drinkBetweenRoundsSeconds` above 0 a drink takes the place of the rest between two rounds.
 */
const schema = z.strictObject({
  ...ledBase('circuit'),
  say: lineSchema,
  stations: z.array(stationSchema).max(30),
  rounds: z.int().min(1).max(20),
  workSeconds: z.number().min(5).max(600),
  restSeconds: z.number().min(0).max(600),
  drinkBetweenRoundsSeconds: z.number().min(0).max(600),
  restAfterLast: z.boolean(),
});
export type Circuit = DeepReadonly<z.infer<typeof schema>>;

const BY_THE_CLOCK: LedAsSaid = { ...AS_LED, led: 'by the clock' };

export type CircuitReading = Readonly<{
  kind: 'circuit';
  stations: readonly Readonly<{ move: Move; guise: Guise }>[];
  rounds: number;
  workSeconds: number;
  restSeconds: number;
  /** A drink between two rounds; 0 for none. */
  drinkBetweenSeconds: number;
}>;

function read(typed: string, tools: LineTools): CircuitReading | Unread | null {
  const [line, meanwhile] = takeDuring(typed);
  const match = /^circuit\b(.*?)(?::\s*(.*))?$/iu.exec(line);
  if (!match) return null;
  const drinks = /,?\s*drink between(?: (\d+)\s*s)?/iu.exec(match[1]!);
  const head = match[1]!.replace(drinks?.[0] ?? '', '').replace('/', ' s rest ');
  const said = doseIn(head);
  const names = namesIn(match[2] ?? '', /,|\bthen\b/u);
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

function doingAt(score: Score, beat: Circuit, station: Station, round: Nth): Doing {
  return doingOf(score, station, { unit: 'seconds', amount: beat.workSeconds, round });
}

/**
 * A move with two sides gives each half of the station's time, so that none is left out and the
 * station stays as long as all others.
 */
function addStation(score: Score, station: Station, doing: Doing): void {
  const move = score.move(station);
  const from = score.cues.length;
  if (move.sided) {
    const amount = doing.amount / 2;
    addTurn(score, move, { ...doing, amount, side: 'left' });
    addTurn(score, move, { ...doing, amount, side: 'right' });
  } else addTurn(score, move, doing);
  score.takePlace(move);
  if (doing.round.n === 1) score.sayMeanwhile(score.wordsDuring(station), from, doing);
}

/** What is said and shown before a station's first turn: in the rest before it, where nothing is shown. */
function openStation(score: Score, beat: Circuit, index: number, doing: Doing): void {
  const station = beat.stations[index]!;
  const { show } = score.how;
  const line = show === 'first' ? '' : score.lineBefore(station);
  const shown = show === 'each' && score.isNew(station);
  if (index === 0) score.leadIn(station, doing, show === 'first' ? TOLD : { line, shown });
  else if (shown) score.leadIn(station, doing, { line, shown });
  else score.sayMeanwhile(line, score.cues.length - 1, doing);
  if (index === 0) score.countIn(doing);
}

/**
 * Stations x rounds x (work + rest), with no rest after the very last unless the beat asks for it.
 * The rest is also the change-over: nothing else comes between two stations, unless it is shown there.
 */
function cues(beat: Circuit, score: Score): void {
  score.say(beat.say);
  const { stations, rounds } = beat;
  if (stations.length === 0) return;
  if (score.how.show === 'first') {
    for (const s of stations) score.show(s, doingAt(score, beat, s, { n: 1, of: rounds }));
  }
  for (let round = 1; round <= rounds; round += 1) {
    stations.forEach((station, index) => {
      const doing = doingAt(score, beat, station, { n: round, of: rounds });
      if (round === 1) openStation(score, beat, index, doing);
      addStation(score, station, doing);
      const atEnd = index === stations.length - 1;
      const last = round === rounds && atEnd;
      if (last && !beat.restAfterLast) return;
      const next = atEnd ? stations[0]! : stations[index + 1]!;
      const nextRound = { n: atEnd ? round + 1 : round, of: rounds };
      const coming = last ? null : doingAt(score, beat, next, nextRound);
      const drinks = atEnd && !last && beat.drinkBetweenRoundsSeconds > 0;
      if (drinks) score.add('drink', beat.drinkBetweenRoundsSeconds, '', { doing: coming });
      else score.add('rest', beat.restSeconds, '', { doing: coming });
    });
  }
}

/** Common practice: timed work 20-45 s, rests 10-15 s; sets (here rounds) 1-4. */
const WORK_SECONDS = [20, 25, 30, 35, 40, 45];
const REST_SECONDS = [10, 15];
const ROUNDS = { least: 1, most: 4 } as const;

function ways(beat: Circuit): Way<Circuit>[] {
  const rounds = [beat.rounds - 1, beat.rounds, beat.rounds + 1].filter(
    (n) => n >= ROUNDS.least && n <= ROUNDS.most,
  );
  return rounds.flatMap((count) =>
    WORK_SECONDS.flatMap((workSeconds) =>
      REST_SECONDS.map((restSeconds): Way<Circuit> => {
        const cost =
          Math.abs(workSeconds / beat.workSeconds - 1) +
          Math.abs(restSeconds - beat.restSeconds) / 30 +
          Math.abs(count - beat.rounds) * SET_COST;
        return [{ ...beat, rounds: count, workSeconds, restSeconds }, cost];
      }),
    ),
  );
}

export const circuit: BeatFile<Circuit, CircuitReading> = {
  ...PLAIN,
  ...partsIn('stations'),
  schema,
  usualHow: BY_THE_CLOCK,
  spoken: ({ say, stations }) => [say, ...stations.flatMap(saidTo)],
  label: ({ stations }) => `Circuit of ${stations.length}`,
  inWords: ({ rounds, workSeconds, restSeconds }) =>
    `${rounds === 1 ? '1 round' : `${rounds} rounds`} of ${workSeconds} s work, ${restSeconds} s rest`,

  read,
  make: (reading, { newId }) => ({
    kind: 'circuit',
    id: newId('bt'),
    say: '',
    stations: reading.stations.map(({ move, guise }) => ({
      id: newId('st'),
      move: move.id,
      guise,
    })),
    rounds: reading.rounds,
    workSeconds: reading.workSeconds,
    restSeconds: reading.restSeconds,
    drinkBetweenRoundsSeconds: reading.drinkBetweenSeconds,
    restAfterLast: false,
    ...BY_THE_CLOCK,
  }),
  readBack: ({ stations, rounds, workSeconds, restSeconds }) => {
    const named = stations.map(({ move, guise }) => (guise.name || move.name) + saidInWords(guise));
    const what = named.length > 0 ? named.join(', ') : 'stations to come';
    return `A circuit: ${what}; ${rounds} × (${workSeconds} s work, ${restSeconds} s rest)`;
  },
  line: (
    { rounds, workSeconds, restSeconds, drinkBetweenRoundsSeconds: drinks, stations },
    book,
  ) => {
    const between = drinks > 0 ? `, drink between ${drinks} s` : '';
    const named = stations.map((one) => typedStation(book, one)).join(', ');
    return `circuit ${rounds} rounds ${workSeconds} s rest ${restSeconds}${between}: ${named}`;
  },

  isScored: true,
  cues,
  rows: ({ say, stations, workSeconds, restSeconds, rounds }, book) => {
    const dose = `${workSeconds} s work, ${restSeconds} s rest${roundsInWords(rounds)}`;
    return rowsAfter(
      say,
      stations.map((station) => partRow(book, station, dose)),
    );
  },

  ways,
  forAges: (beat, { part, workSeconds: [least, most] }) => ({
    ...beat,
    stations: beat.stations.map((one) => part(one)),
    workSeconds: Math.min(most, Math.max(least, beat.workSeconds)),
  }),
};
