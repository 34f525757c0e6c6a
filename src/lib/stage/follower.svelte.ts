import { isLed } from './stage-lock';
import { Companions, type RemoteKey, type Shown } from './companions';

/** How often it is looked whether the Stage is still there. */
const LOOK_MS = 2000;

/** A window that follows the Stage: what is shown there now, and whether it is over. */
export class Follower {
  #shown = $state.raw<Shown | null>(null);
  #over = $state(false);
  #gone = $state(false);
  #line: Companions | null = null;
  #heardMs = 0;

  get shown(): Shown | null {
    return this.#shown;
  }

  get over(): boolean {
    return this.#over;
  }

  /** The Stage that it followed is not there any more, and said no goodbye. */
  get gone(): boolean {
    return this.#gone;
  }

  /** Seconds into the cue, going on from what was heard last; null for a figure with its own clock. */
  elapsed(): number | null {
    const { elapsed, status } = this.#shown ?? { elapsed: null, status: 'paused' };
    if (elapsed === null || status !== 'running') return elapsed;
    return elapsed + (performance.now() - this.#heardMs) / 1000;
  }

  /** Listens to the leading of one adventure. Returns the way to stop. */
  follow(adventureId: string): () => void {
    const line = new Companions(adventureId);
    this.#line = line;
    line.listen((message) => {
      if (message.type === 'shown') {
        this.#shown = message;
        this.#heardMs = performance.now();
        this.#over = false;
        this.#gone = false;
      } else if (message.type === 'over') this.#over = true;
    });
    line.tell({ type: 'hello' });
    const look = setInterval(() => {
      if (!this.#shown || this.#over) return;
      void isLed(adventureId).then((led) => (this.#gone = !led));
    }, LOOK_MS);
    return () => {
      clearInterval(look);
      line.close();
    };
  }

  press(key: RemoteKey): void {
    this.#line?.tell({ type: 'key', key });
  }
}
