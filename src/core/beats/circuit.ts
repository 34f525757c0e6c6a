import type { Doing, Nth } from '../cues/cue';
import { TOLD, type Score } from '../cues/score';
import { addTurn, doingOf } from '../cues/work';
import type { Station } from '../model/action';
import { showsEach } from '../model/led';
import { SET_COST, shareCost } from '../moves/other-doses';
import { PLAIN, partsIn, saidTo, type BeatFile, type Way } from './beat-file';
import { clockInWords, ownInWords, timesInWords } from './circuit-words';
import { BY_THE_CLOCK, circuitSchema, type Circuit } from './circuit-schema';
import { partRow, roundsInWords, rowsAfter } from './sheet-row';

/** How a round goes, counted from 1: its own way, or that of all of them. */
function roundOf(beat: Circuit, round: number) {
  const own = beat.byRound[round - 1];
  return {
    say: own?.say ?? '',
    workSeconds: own?.workSeconds ?? beat.workSeconds,
    restSeconds: own?.restSeconds ?? beat.restSeconds,
  };
}

function doingAt(score: Score, beat: Circuit, station: Station, round: Nth): Doing {
  const { workSeconds: amount } = roundOf(beat, round.n);
  return doingOf(score, station, { unit: 'seconds', amount, round });
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
  const told = show === 'first' || (show === 'in the rest' && index > 0);
  const line = told ? '' : score.lineBefore(station);
  const shown = showsEach(show) && score.isNew(station);
  if (index === 0) score.leadIn(station, doing, show === 'first' ? TOLD : { line, shown });
  else if (shown) score.leadIn(station, doing, { line, shown });
  else score.sayMeanwhile(line, score.cues.length - 1, doing);
  if (index === 0) score.countIn(doing);
}

/** From a station to the next: what it is, and its first turn. */
type Coming = Readonly<{ station: Station; doing: Doing }>;

/** The rest after a station, a drink between rounds, and what is said before a new one. */
function addBetween(score: Score, beat: Circuit, round: number, coming: Coming | null): void {
  const doing = coming && coming.doing;
  const isNewRound = doing !== null && doing.round.n > round;
  const rest = roundOf(beat, round).restSeconds;
  const from = score.cues.length;
  if (isNewRound) {
    const drink = beat.drinkBetweenRoundsSeconds;
    score.add(drink > 0 ? 'drink' : 'rest', drink > 0 ? drink : rest, '', { doing });
    score.sayMeanwhile(roundOf(beat, round + 1).say, from, doing);
  } else if (coming && round === 1 && score.how.show === 'in the rest') {
    if (score.isNew(coming.station)) score.showInRest(coming.station, coming.doing, rest);
    else {
      score.add('rest', rest, '', { doing });
      score.sayMeanwhile(score.lineBefore(coming.station), from, doing);
    }
  } else score.add('rest', rest, '', { doing });
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
  score.say(roundOf(beat, 1).say);
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
      const coming = { station: next, doing: doingAt(score, beat, next, nextRound) };
      addBetween(score, beat, round, last ? null : coming);
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
          shareCost(workSeconds / beat.workSeconds) +
          Math.abs(restSeconds - beat.restSeconds) / 30 +
          Math.abs(count - beat.rounds) * SET_COST;
        return [{ ...beat, rounds: count, workSeconds, restSeconds }, cost];
      }),
    ),
  );
}

export const circuit: BeatFile<Circuit> = {
  ...PLAIN,
  ...partsIn('stations'),
  schema: circuitSchema,
  usualHow: BY_THE_CLOCK,
  spoken: ({ say, stations, byRound }) => [
    say,
    ...byRound.map((round) => round.say),
    ...stations.flatMap(saidTo),
  ],
  label: ({ stations }) => `Circuit of ${stations.length}`,
  inWords: (beat) => clockInWords(beat),

  cues,
  rows: ({ say, stations, workSeconds, restSeconds, rounds, byRound }, book) => {
    const dose = `${timesInWords({ workSeconds, restSeconds })}${roundsInWords(rounds)}${ownInWords({ byRound })}`;
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
