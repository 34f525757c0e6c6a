import { scriptChecksum, snapped, type Adventure, type Pin, type Run } from '$core';
import { readAdventure } from '$lib/store/adventure-rows';
import { arrupDb } from '$lib/store/db';
import { preferences } from '$lib/store/preference-store.svelte';
import { runs } from '$lib/store/run-store.svelte';
import { today } from '$lib/store/today';
import { askForReview } from './ask-for-review';
import type { ReviewAnswer, ReviewRequest } from './protocol';

/** A recording that is being laid along a script: what is set by hand is kept at once. */
export class ReviewWork {
  run: Run;
  /** Null where the script was changed since, or is gone: then nothing can be moved any more. */
  readonly adventure: Adventure | null;
  stretches: ReviewAnswer['stretches'];
  working: boolean;
  trouble: string;
  #cancel = () => {};

  constructor(run: Run, adventure: Adventure | null) {
    const same = adventure && scriptChecksum(adventure) === run.review?.scriptChecksum;
    this.run = $state.raw(run);
    this.adventure = same ? adventure : null;
    this.stretches = $state.raw<ReviewAnswer['stretches']>([]);
    this.working = $state(false);
    this.trouble = $state('');
  }

  get pins(): Readonly<Record<string, Pin>> {
    return this.run.review?.pins ?? {};
  }

  /** Lays it along anew, with what is set by hand kept. */
  async lay(change: Partial<Pick<ReviewRequest, 'pins' | 'voices'>> = {}) {
    const { adventure, run } = this;
    const { review } = run;
    if (!adventure || !review) return;
    this.#cancel();
    this.working = true;
    const asked = askForReview({
      ...requestOf(adventure, run),
      lines: review.lines,
      voices: review.voices,
      seconds: review.seconds,
      pins: review.pins,
      recording: review.recording,
      ...change,
    });
    this.#cancel = asked.cancel;
    try {
      const { run: laid, stretches } = await asked.result;
      this.run = { ...laid, note: this.run.note };
      this.stretches = stretches;
      this.trouble = '';
      await runs.put(this.run);
      this.working = false;
    } catch (reason) {
      if (reason instanceof Error && reason.name === 'Cancelled') return;
      this.working = false;
      this.trouble = 'That didn’t work: nothing was changed. Try it once more.';
    }
  }

  /** Sets where a stretch begins, that it was left out, or, with null, nothing any more. */
  pin(key: string, pin: Pin | null): Promise<void> {
    const pins = { ...this.pins };
    if (pin === null) delete pins[key];
    else {
      const voices = this.run.review?.voices ?? null;
      pins[key] = typeof pin === 'number' ? snapped(pin, voices) : pin;
    }
    return this.lay({ pins });
  }
}

/** What of a request is known from the run. */
function requestOf(adventure: Adventure, run: Run) {
  const drawn = run.review?.drawsKnown ? { seed: run.seed ?? null, typed: run.typed } : null;
  return {
    adventure,
    pace: run.review?.plannedPace ?? preferences.pace,
    drawn,
    startedAt: run.startedAt,
    savedAt: today(),
    id: run.id,
  };
}

/** The work on a recording that was reviewed before; null where the log has none. */
export async function openReview(id: string): Promise<ReviewWork | null> {
  const run = await runs.get(id);
  if (!run?.review) return null;
  const record = await readAdventure(await arrupDb(), run.adventureId);
  return new ReviewWork(run, record?.document ?? null);
}
