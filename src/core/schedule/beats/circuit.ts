import type { Circuit, Station } from '../../model/beat';
import type { Doing, Nth } from '../cue';
import type { Score } from '../score';
import { addTurn, doingOf } from './work';

function doingAt(score: Score, beat: Circuit, station: Station, round: Nth): Doing {
  return doingOf(score, station, { unit: 'seconds', amount: beat.workSeconds, round });
}

/**
 * A move with two sides gives each half of the station's time, so that none is left out and the
 * station stays as long as all others.
 */
function addStation(score: Score, station: Station, doing: Doing): void {
  const move = score.move(station);
  if (!move.sided) return addTurn(score, move, doing);
  const amount = doing.amount / 2;
  addTurn(score, move, { ...doing, amount, side: 'left' });
  addTurn(score, move, { ...doing, amount, side: 'right' });
}

/**
 * Stations x rounds x (work + rest), with no rest after the very last unless the beat asks for it.
 * The rest is also the change-over: nothing else comes between two stations.
 */
export function unrollCircuit(beat: Circuit, score: Score): void {
  score.say(beat.say);
  const { stations, rounds } = beat;
  if (stations.length === 0) return;
  if (beat.show === 'first') {
    for (const s of stations) score.show(s, doingAt(score, beat, s, { n: 1, of: rounds }));
  }
  for (let round = 1; round <= rounds; round += 1) {
    stations.forEach((station, index) => {
      const doing = doingAt(score, beat, station, { n: round, of: rounds });
      if (round === 1 && beat.show === 'each') score.show(station, doing);
      if (round === 1 && index === 0) {
        score.add('count-in', score.adventure.defaults.countInSeconds, '', { doing });
      }
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
