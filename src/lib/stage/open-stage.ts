import { wasEndedEarly, type Pace, type Run } from '$core';
import { noteLed, readAdventure } from '$lib/store/adventure-rows';
import { newId, newSeed } from '$lib/store/new-id';
import { runs } from '$lib/store/run-store.svelte';
import { today } from '$lib/store/today';
import { onStore, written } from '$lib/store/written';
import { loadOwnMusic } from './own-music';
import { planStage, type StageKeeping, type StagePlan } from './stage-plan';

/** A session left this long ago can be carried on; after that it is over. */
const CARRY_ON_HOURS = 6;

/** It was left in the middle, or ended by hand before its end; a film is not gone on with here. */
function canGoOn({ leading, plan, speed, takes }: Run): boolean {
  if (takes) return false;
  return !leading.done || (speed === 1 && wasEndedEarly(leading, plan));
}

/** Sessions of an adventure are kept in this browser. */
const keptHere = (id: string): StageKeeping => ({
  keep: (run) => runs.put(run),
  newRunId: () => newId('run'),
  noteLed: () => {
    const noted = written('When it was led', (db) => noteLed(db, id, today()));
    void noted.catch(() => undefined);
  },
  ownMusic: loadOwnMusic,
});

/** What the stage needs to begin; null if the adventure is not in this browser. */
export async function openStage(id: string, pace: Pace, now: Date): Promise<StagePlan | null> {
  const record = await onStore((db) => readAdventure(db, id));
  if (!record) return null;
  const led = await runs.ofAdventure(id);
  const recent = now.getTime() - CARRY_ON_HOURS * 3_600_000;
  const [left = null] = led
    .filter((run) => canGoOn(run) && Date.parse(run.savedAt) > recent)
    .sort((a, b) => b.savedAt.localeCompare(a.savedAt));
  const seed = left?.seed ?? newSeed();
  return planStage(record.document, pace, { seed, left, keeping: keptHere(id) });
}
