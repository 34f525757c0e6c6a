/** How a number is spread over many sessions: its mean, and what it does not pass in 10, 50 and 90 %. */
export type Spread = Readonly<{ mean: number; p10: number; p50: number; p90: number }>;

/** A count of sessions for each whole value, growing as it must. */
export class Tally {
  #counts = new Int32Array(1024);
  #sum = 0;
  #sessions = 0;
  #most = 0;

  /** One session with this value, or so many of them. */
  note(value: number, sessions = 1): void {
    const at = Math.max(0, Math.round(value));
    if (at >= this.#counts.length) {
      const larger = new Int32Array(2 ** Math.ceil(Math.log2(at + 1)));
      larger.set(this.#counts);
      this.#counts = larger;
    }
    this.#counts[at]! += sessions;
    if (at > this.#most) this.#most = at;
    this.#sum += value * sessions;
    this.#sessions += sessions;
  }

  #quantile(share: number): number {
    const wanted = share * this.#sessions;
    let sum = 0;
    for (let value = 0; value <= this.#most; value += 1) {
      sum += this.#counts[value]!;
      if (sum >= wanted) return value;
    }
    return this.#most;
  }

  /** All zero where nothing was noted. */
  get spread(): Spread {
    const mean = this.#sessions === 0 ? 0 : this.#sum / this.#sessions;
    return { mean, p10: this.#quantile(0.1), p50: this.#quantile(0.5), p90: this.#quantile(0.9) };
  }

  /** Share of sessions above a value, 0 to 1. */
  shareAbove(value: number): number {
    let above = 0;
    for (let at = Math.floor(value) + 1; at <= this.#most; at += 1) above += this.#counts[at]!;
    return this.#sessions === 0 ? 0 : above / this.#sessions;
  }

  /** Share of sessions in each of so many bins of `step`, from a multiple of it on. */
  bins(step: number): Readonly<{ from: number; step: number; shares: readonly number[] }> {
    const first = this.#counts.findIndex((count) => count > 0);
    const from = Math.floor(Math.max(0, first) / step) * step;
    const shares = Array.from({ length: Math.floor((this.#most - from) / step) + 1 }, (_, n) => {
      const bin = this.#counts.subarray(from + n * step, from + (n + 1) * step);
      return bin.reduce((sum, count) => sum + count, 0) / Math.max(1, this.#sessions);
    });
    return { from, step, shares };
  }
}
