import {
  resolveDraws,
  scheduleOf,
  unroll,
  type Adventure,
  type LedWay,
  type Pace,
  type Run,
  type Schedule,
} from '$core';
import type { Replan, StageWorld } from './stage-world';

/** What outlives a session, and what was kept for it. */
export type StageKeeping = Pick<StageWorld, 'keep' | 'newRunId'> &
  Readonly<{
    /** It is led now, for real. */
    noteLed: () => void;
    /** Music of the presenter's own; null where the loop plays. */
    ownMusic: () => Promise<HTMLAudioElement | null>;
  }>;

/** What the Stage needs to begin. */
export type StagePlan = Readonly<{
  adventure: Adventure;
  schedule: Schedule;
  /** What the live draws are made from: those of the session that was left, or new ones. */
  seed: number;
  /** The way before anything is typed from real devices, and with what was typed. */
  way: LedWay;
  replan: Replan;
  /** A session of this adventure that was left in the middle. */
  left: Run | null;
  keeping: StageKeeping;
}>;

/** The plan of an adventure at a pace, with the draws of a seed. */
export function planStage(
  adventure: Adventure,
  pace: Pace,
  { seed, left, keeping }: Pick<StagePlan, 'seed' | 'left' | 'keeping'>,
): StagePlan {
  const { setting } = adventure;
  const replan: Replan = (typed) => {
    const draws = resolveDraws(adventure, setting, pace, seed, typed);
    const { cues } = unroll(adventure, setting, pace, draws);
    return { context: { adventure, setting, pace }, draws, cues };
  };
  const way = replan(new Map());
  return { adventure, schedule: scheduleOf(way), seed, way, replan, left, keeping };
}
