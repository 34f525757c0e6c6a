import { flushDrafts } from '$lib/store/tended';
import { preferences } from '$lib/store/preference-store.svelte';
import { openStage } from './open-stage';
import type { StagePlan } from './stage-plan';

/** The plan of an adventure as it is written now, at the presenter's pace; null if it is not here. */
export async function loadPlan(id: string): Promise<StagePlan | null> {
  await flushDrafts();
  return openStage(id, preferences.pace, new Date());
}
