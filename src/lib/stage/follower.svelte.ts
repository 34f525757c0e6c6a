import { Companions, type RemoteKey, type Shown } from './companions';

/** A window that follows the Stage: what is shown there now, and whether it is over. */
export class Follower {
  #shown = $state.raw<Shown | null>(null);
  #over = $state(false);
  #line: Companions | null = null;
  #heardMs = 0;

  get shown(): Shown | null {
    return this.#shown;
  }

  get over(): boolean {
    return this.#over;
  }

  /** Seconds into the cue, going on from what was heard last; null for a figure with its own clock. */
  elapsed(): number | null {
    const { elapsed, running } = this.#shown ?? { elapsed: null, running: false };
    if (elapsed === null || !running) return elapsed;
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
      } else if (message.type === 'over') this.#over = true;
    });
    line.tell({ type: 'hello' });
    return () => line.close();
  }

  press(key: RemoteKey): void {
    this.#line?.tell({ type: 'key', key });
  }
}
