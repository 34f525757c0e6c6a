import type { Pace } from '../cues/pace';
import { within } from '../words/numbers';

/**
 * How far a session strays from its schedule, as standard deviations of factors around 1, each drawn
 * once a session: `talk` and `tempo` of the presenter, `group` for what is in the children's hands,
 * `unplanned` for what no script has (praise, a shoe, one child to be helped), on all that does not go by
 * the clock. With `moments` each change-over, throw, wait and showing varies by itself besides, as the
 * table of timings has it. Timed work, holds and rests go by the clock and do not vary.
 */
export type Variation = Readonly<{
  talk: number;
  tempo: number;
  group: number;
  unplanned: number;
  moments: boolean;
}>;

/** Everything by the schedule; only chance is left. */
export const NO_VARIATION: Variation = {
  talk: 0,
  tempo: 0,
  group: 0,
  unplanned: 0,
  moments: false,
};

/**
 * Presenters differ from about 100 to 200 words a minute, half of all stretches from 141 to 194: common
 * practice, measured over recordings; a presenter whose pace is known strays from it by about an eighth.
 * The rest is our own judgement.
 */
const TALK = { known: 0.12, unknown: 0.24 } as const;
const TEMPO = { known: 0.1, unknown: 0.2 } as const;
/** However steady or fitful somebody was so far, no session is quite like the others, or quite unlike. */
const STEADY = { least: 0.05, most: 0.3 } as const;

/** How far a session strays with a presenter of whom so much is known. */
export function variationFor(pace: Pace): Variation {
  const { wordsPerMinute, secondsPerRep, repTimes, talkVaries, repsVary } = pace;
  const someReps = Object.keys(secondsPerRep).length + Object.keys(repTimes).length > 0;
  const seen = (varies: number | null) => (varies === null ? null : within(varies, STEADY));
  return {
    talk: wordsPerMinute === null ? TALK.unknown : (seen(talkVaries) ?? TALK.known),
    tempo: someReps ? (seen(repsVary) ?? TEMPO.known) : TEMPO.unknown,
    group: 0.25,
    unplanned: 0.12,
    moments: true,
  };
}

/** No factor is smaller: nobody talks in no time at all. */
export const LEAST_FACTOR = 0.4;
