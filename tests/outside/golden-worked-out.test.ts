/**
 * What is worked out from every demo and every starting point: fitted to other lengths, ages and moods,
 * changed while it is led, played by chance, laid out in the room and on paper. Short sums, so that a
 * number that was changed by accident in any of them is noticed; the tests beside the code say what is right.
 */
import {
  balanceOf,
  DEFAULT_PACE,
  forecast,
  homeSchedule,
  moveBookOf,
  timed,
  type FitTarget,
} from '../../src/core';
import { seededRandom } from '../../src/core/chance/random';
import { demos, hashOf, holdsStill } from './golden-documents';
import {
  asTitles,
  changedWhileLed,
  fittedTo,
  inRooms,
  oddsIn,
  onPaper,
  onStage,
} from './golden-sums';

await holdsStill('tests/outside/golden/worked-out.json', (adventure, name) => {
  const { setting } = adventure;
  const book = moveBookOf(adventure);
  const schedule = timed(adventure);
  const { seconds } = schedule.told;
  const isDemo = demos.includes(name);
  const wishes: readonly FitTarget[] = [
    { seconds: seconds * 0.85 },
    { seconds: seconds * 1.15 },
    { mood: 'gentler' },
    ...(isDemo
      ? ([
          { mood: 'livelier' },
          { reps: 100 },
          { ages: { from: 3, to: 4 } },
          { ages: { from: 7, to: 7 } },
        ] as const)
      : []),
  ];
  return {
    told: hashOf(schedule.told),
    fit: wishes.map((wish) => fittedTo(adventure, wish)),
    led: changedWhileLed(adventure),
    forecast: hashOf(
      forecast({ adventure, setting, pace: DEFAULT_PACE, book }, seededRandom(5), 100),
    ),
    balance: hashOf(balanceOf(schedule, book)),
    home: hashOf(homeSchedule(adventure)),
    stage: onStage(adventure),
    rooms: inRooms(adventure),
    odds: oddsIn(adventure),
    paper: onPaper(adventure, { paper: 'a4', ink: 'colour' }),
    ...(isDemo && {
      saving: onPaper(adventure, { paper: 'letter', ink: 'saving' }),
      titles: asTitles(adventure),
    }),
  };
});
