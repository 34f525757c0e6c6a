import type { LedWay, Run, TypedDraws } from '$core';
import type { Clock } from './clock';

/** What a session on the stage needs of the world outside. Tests pass in their own. */
export type StageWorld = Readonly<{
  clock: Clock;
  speed: number;
  /** The time of day, ISO 8601. */
  today: () => string;
  keep: (run: Run) => Promise<void>;
  newRunId: () => string;
  /** What live draws are made from. */
  seed: number;
  replan: Replan;
}>;

/** The way with what was typed from real dice, cards and wheels. */
export type Replan = (typed: TypedDraws) => LedWay;
