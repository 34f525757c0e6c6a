import {
  resolveDraws,
  scheduleOf,
  unroll,
  wasEndedEarly,
  type Adventure,
  type LedWay,
  type Pace,
  type Run,
  type Schedule,
} from '$core';
import { readAdventure } from '$lib/store/adventure-rows';
import { newSeed } from '$lib/store/new-id';
import { runs } from '$lib/store/run-store.svelte';
import { onStore } from '$lib/store/written';
import type { Replan } from './stage-world';

/** A session left this long ago can be carried on; after that it is over. */
const CARRY_ON_HOURS = 6;

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
}>;

/** It was left in the middle, or ended by hand before its end; a film is not gone on with here. */
function canGoOn({ leading, plan, speed, takes }: Run): boolean {
  if (takes) return false;
  return !leading.done || (speed === 1 && wasEndedEarly(leading, plan));
}

/** What the stage needs to begin; null if the adventure is not in this browser. */
export async function openStage(id: string, pace: Pace, now: Date): Promise<StagePlan | null> {
  const record = await onStore((db) => readAdventure(db, id));
  if (!record) return null;
  const led = await runs.ofAdventure(id);
  const recent = now.getTime() - CARRY_ON_HOURS * 3_600_000;
  const left = led
    .filter((run) => canGoOn(run) && Date.parse(run.savedAt) > recent)
    .sort((a, b) => b.savedAt.localeCompare(a.savedAt))[0];
  const { document: adventure } = record;
  const { setting } = adventure;
  const seed = left?.seed ?? newSeed();
  const replan: Replan = (typed) => {
    const draws = resolveDraws(adventure, setting, pace, seed, typed);
    const { cues } = unroll(adventure, setting, pace, draws);
    return { context: { adventure, setting, pace }, draws, cues };
  };
  const way = replan(new Map());
  return { adventure, schedule: scheduleOf(way), seed, way, replan, left: left ?? null };
}
