import {
  addGaps,
  beginRun,
  changeSession,
  DEFAULT_PACE,
  laterBy,
  newSeries,
  unroll,
  type Adventure,
  type Debrief,
  type Run,
  type Series,
} from '$core';
import { newId } from '$lib/store/new-id';

/** Sessions of the demo: which adventure, and how it went where it was led. */
const WEEKS: readonly Readonly<{
  id: string | null;
  led?: Readonly<{ times: number; debrief: Debrief }>;
  fallsOut?: string;
  lastTime?: string;
  nextTime?: string;
}>[] = [
  {
    id: 'adv_late-letter',
    led: { times: 1.06, debrief: { length: 'right', effort: 'right', next: 'keep' } },
    nextTime: 'Who fills the six lamps before the fog comes?',
  },
  {
    id: 'adv_six-lamps',
    led: { times: 1.12, debrief: { length: 'too long', effort: 'too hard', next: 'change' } },
    lastTime: 'The letter came over the marsh in time.',
  },
  { id: null, fallsOut: 'the tower is being painted' },
  { id: null },
  { id: 'adv_ferry-die', lastTime: 'All six lamps are lit.' },
  { id: 'adv_late-letter' },
];

/** A demo adventure as it was led on a day, all of it so many times as long as planned. */
function ledRun(adventure: Adventure, startedAt: string, times: number, debrief: Debrief): Run {
  const { cues, totalSeconds } = unroll(adventure);
  const id = newId('run');
  const begun = beginRun(adventure, cues, DEFAULT_PACE, {
    id,
    startedAt,
    savedAt: startedAt,
    speed: 1,
  });
  const visits = cues.map(({ id: cueId, startSeconds, lengthSeconds }) => ({
    cueId,
    startSeconds: startSeconds * times,
    lengthSeconds: lengthSeconds * times,
    cutShort: false,
  }));
  return {
    ...begun,
    debrief,
    leading: {
      lines: 'run on',
      done: true,
      index: cues.length - 1,
      scheduleSeconds: totalSeconds,
      elapsedSeconds: totalSeconds * times,
      enteredSeconds: 0,
      visits,
    },
  };
}

/** A half term in Lanternfen: six weeks, two of them led, one that falls out and one still open. */
export function demoSeries(
  demo: readonly Adventure[],
  today: string,
  now: string,
): Readonly<{ series: Series; runs: readonly Run[] }> {
  const byId = new Map(demo.map((adventure) => [adventure.id, adventure]));
  const { setting } = byId.get('adv_late-letter')!;
  const kit = ['12 balls', '12 bean bags', '6 hoops', '1 die'];
  const begun: Series = {
    ...newSeries(newId, now, { ...setting, slotSeconds: 15 * 60, kit }),
    title: 'The lamps of Lanternfen',
    place: 'Marsh school hall',
    group: 'Reed class',
  };
  let series = addGaps(begun, WEEKS.length, laterBy(today, -15), newId);
  const runs: Run[] = [];
  series.sessions.forEach(({ id, day }, n) => {
    const { id: adventureId, led, fallsOut = '', lastTime = '', nextTime = '' } = WEEKS[n]!;
    series = changeSession(series, id, { adventureId, fallsOut, lastTime, nextTime });
    const adventure = byId.get(adventureId ?? '');
    if (adventure && led)
      runs.push(ledRun(adventure, new Date(`${day}T09:30`).toISOString(), led.times, led.debrief));
  });
  return { series, runs };
}
