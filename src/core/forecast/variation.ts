/**
 * How far a session strays from its schedule, as standard deviations of factors around 1. `talk`,
 * `tempo` and `group` are drawn once a session: a leader who talks longer, counts slower, a group
 * that dawdles today. `moment` is drawn for each change-over, swap, drink, wait and throw by itself.
 * Timed work, holds, rests and count-ins go by the clock and do not vary.
 */
export type Variation = Readonly<{ talk: number; tempo: number; group: number; moment: number }>;

/** Our own judgement, until runs have told more: about a tenth to either side. */
export const USUAL_VARIATION: Variation = { talk: 0.1, tempo: 0.08, group: 0.15, moment: 0.35 };

/** Everything by the schedule; only chance is left. */
export const NO_VARIATION: Variation = { talk: 0, tempo: 0, group: 0, moment: 0 };

/** No factor is smaller: nobody talks in no time at all. */
export const LEAST_FACTOR = 0.4;
