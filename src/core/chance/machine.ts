import type { Drawn } from '../model/resolved-draw';
import {
  barEntry,
  barMarked,
  barOften,
  fewest,
  LONGEST_PATTERN,
  markAhead,
  markRepeats,
} from './bars';
import type { Urn } from './urn';
import type { Random } from './random';

/**
 * Drawing as one small state machine, written once: the Stage plays it live or with typed outcomes,
 * the odds are checked against it, the forecast plays it a hundred thousand times. Hence it changes
 * in place and keeps its weights until something was drawn; `copy` where ways part.
 */
export class Drawing {
  /** Draws that were done, stand-ins among them. */
  drawn = 0;
  /** How many of them were stand-ins. */
  standIns = 0;
  /** The entry drawn last, -1 before the first, and how many times running it came. */
  last = -1;
  run = 0;
  /** Seconds that the draws have taken: for whoever draws to add. */
  seconds = 0;
  /** The urn in plain arrays: what is read at every draw. */
  readonly #entryOf: Int32Array;
  readonly #base: Float64Array;
  readonly #counts: Int32Array;
  /** Entries that a rule bars just now: 1, else 0. */
  readonly #barred: Uint8Array;
  /** What is left of each outcome; null where everything goes back. */
  readonly #left: Int32Array | null;
  #inPot = 0;
  /** The entries drawn, as far back as a pattern reaches. */
  #recent: number[] = [];
  /** Weights by the rules as things stand, and their sum; worked out once a draw. */
  #allowed: Float64Array;
  #allowedSum = 0;
  /** Their sum before the rules. */
  #nowSum = 0;
  #known = false;
  /** Where only the last entry matters: the weights after each, and at 0 those at the start. */
  readonly #byLast: readonly Readonly<{ weights: Float64Array; sum: number }>[] | null;

  /** What a full urn weighs, where nothing matters but what is left: kept up draw by draw. */
  readonly #full: Float64Array | null;
  #fullSum = 0;

  /** `like`: one of the same urn, whose weights by the last entry are taken over. */
  constructor(
    readonly urn: Urn,
    like?: Drawing,
  ) {
    const { outcomes, entries, rules } = urn;
    const { returns, mostOfOne, mostAhead, noPattern, onRepeat } = rules;
    this.#entryOf = Int32Array.from(outcomes, ({ entry }) => entry);
    this.#base = Float64Array.from(outcomes, ({ weight }) => weight);
    this.#counts = new Int32Array(entries);
    this.#barred = new Uint8Array(entries);
    this.#left = returns === 'out' || returns === 'bag' ? new Int32Array(outcomes.length) : null;
    this.#allowed = new Float64Array(outcomes.length);
    const unruled = mostOfOne === null && mostAhead === null && !noPattern;
    const simple = returns === 'back' && unruled;
    this.#full =
      this.#left && unruled && onRepeat !== 'again'
        ? Float64Array.from(outcomes, ({ weight, copies }) => weight * copies)
        : null;
    this.#fullSum = this.#full?.reduce((sum, weight) => sum + weight, 0) ?? 0;
    this.reset();
    this.#byLast = like ? like.#byLast : null;
    if (!simple || this.#byLast) return;
    this.#byLast = Array.from({ length: entries + 1 }, (_, n) => {
      this.last = n - 1;
      this.#known = false;
      this.#work();
      return { weights: this.#allowed.slice(), sum: this.#allowedSum };
    });
    this.reset();
  }

  /** Back to before the first draw. */
  reset(): void {
    this.drawn = this.standIns = this.run = this.seconds = 0;
    this.last = -1;
    this.#counts.fill(0);
    this.#recent = [];
    this.#known = false;
    this.#fill();
  }

  /** The same state, to go on from by itself. */
  copy(): Drawing {
    const other = new Drawing(this.urn, this);
    other.drawn = this.drawn;
    other.standIns = this.standIns;
    other.last = this.last;
    other.run = this.run;
    other.seconds = this.seconds;
    other.#counts.set(this.#counts);
    if (this.#left) other.#left!.set(this.#left);
    other.#inPot = this.#inPot;
    other.#recent = [...this.#recent];
    if (this.#full) {
      other.#allowed.set(this.#allowed);
      other.#allowedSum = this.#allowedSum;
    }
    return other;
  }

  /** How often an entry was drawn. */
  countOf(entry: number): number {
    return this.#counts[entry]!;
  }

  #fill(): void {
    if (!this.#left) return;
    this.#inPot = 0;
    for (const [n, { copies }] of this.urn.outcomes.entries()) {
      this.#left[n] = copies;
      this.#inPot += copies;
    }
    if (this.#full) this.#refill(this.#full);
  }

  #refill(full: Float64Array): void {
    this.#allowed.set(full);
    this.#allowedSum = this.#fullSum;
  }

  /** How likely an outcome is as the device stands, before the rules; 0 for what is out. */
  weightNow(outcome: number): number {
    const { outcomes, rules } = this.urn;
    if (rules.returns === 'in order') return outcome === this.drawn % outcomes.length ? 1 : 0;
    // An empty bag is filled again with the next draw.
    if (this.#left && this.#inPot === 0 && rules.returns === 'bag') {
      return outcomes[outcome]!.weight * outcomes[outcome]!.copies;
    }
    return outcomes[outcome]!.weight * (this.#left ? this.#left[outcome]! : 1);
  }

  /** Takes out of the weights what the rules bar just now. */
  #rule(): void {
    const { mostOfOne, mostAhead, onRepeat, noPattern } = this.urn.rules;
    const [weights, entryOf, counts, barred] = [
      this.#allowed,
      this.#entryOf,
      this.#counts,
      this.#barred,
    ];
    if (mostOfOne !== null) barOften(weights, entryOf, counts, mostOfOne);
    if (mostAhead !== null && markAhead(barred, entryOf, counts, mostAhead)) {
      barMarked(weights, entryOf, barred);
    }
    if (onRepeat === 'again' && this.last >= 0) barEntry(weights, entryOf, this.last);
    if (noPattern && markRepeats(barred, this.#recent)) barMarked(weights, entryOf, barred);
  }

  #work(): void {
    if (this.#known) return;
    this.#known = true;
    const { rules } = this.urn;
    if (this.#byLast) {
      const after = this.#byLast[this.last + 1]!;
      this.#allowed = after.weights;
      this.#allowedSum = after.sum;
      return;
    }
    if (this.#full) {
      // An empty bag is filled again with the next draw.
      if (this.#inPot === 0 && rules.returns === 'bag') this.#refill(this.#full);
      this.#nowSum = this.#allowedSum;
      return;
    }
    const weights = this.#allowed;
    let now = 0;
    const plain = !this.#left && rules.returns !== 'in order';
    for (let n = 0; n < weights.length; n += 1) {
      weights[n] = plain ? this.#base[n]! : this.weightNow(n);
      now += weights[n]!;
    }
    this.#nowSum = now;
    if (rules.returns !== 'in order') this.#rule();
    let sum = 0;
    for (let n = 0; n < weights.length; n += 1) sum += weights[n]!;
    this.#allowedSum = sum;
  }

  /**
   * The weight of an outcome by the rules: 0 where it may not come. Barred are an entry that came
   * often enough; and, as long as another is left, one that is too far ahead, the last one where a
   * repeat is drawn again, and one that would make a pattern.
   */
  weightAllowed(outcome: number): number {
    this.#work();
    return this.#allowed[outcome]!;
  }

  /** Chance that what the device shows counts by the rules, 0 to 1. */
  get shareAllowed(): number {
    this.#work();
    return this.#allowedSum / (this.#byLast?.[0]!.sum ?? this.#nowSum);
  }

  get #hasSeenAll(): boolean {
    return fewest(this.#entryOf, this.#counts) > 0;
  }

  /** Nothing more is drawn: by count, by time, because all were seen, or because nothing is left. */
  get isOver(): boolean {
    const { stop } = this.urn.rules;
    if (stop.after === 'draws' && this.drawn >= stop.draws) return true;
    if (stop.after === 'seconds' && this.seconds >= stop.seconds) return true;
    if (stop.after === 'all seen' && (this.drawn >= stop.most || this.#hasSeenAll)) return true;
    this.#work();
    return this.#allowedSum <= 0;
  }

  /** One outcome by chance, by the weights of what may count. Throws if nothing can come. */
  pick(random: Random): number {
    this.#work();
    const weights = this.#allowed;
    if (this.#allowedSum <= 0) throw new RangeError('Drawing.pick: nothing is left to draw');
    let at = random.share() * this.#allowedSum;
    let last = 0;
    for (let n = 0; n < weights.length; n += 1) {
      if (weights[n]! <= 0) continue;
      at -= weights[n]!;
      if (at < 0) return n;
      last = n;
    }
    return last;
  }

  /** Whether an outcome that may count would be done as the stand-in. */
  standsIn(entry: number): boolean {
    const { onRepeat, thirdInARow } = this.urn.rules;
    if (onRepeat !== 'stand-in' || entry !== this.last) return false;
    return thirdInARow === 'stand-in' || this.run % 2 === 1;
  }

  /**
   * Draws an outcome, whether it came here or was typed from a real die or card; null where by the
   * rules it does not count and nothing has changed. Throws a RangeError for an outcome that the
   * urn does not have.
   */
  take(outcome: number): Drawn | null {
    const what = this.urn.outcomes[outcome];
    if (!what) {
      throw new RangeError(`Drawing.take: no outcome ${outcome} of ${this.urn.outcomes.length}`);
    }
    if (this.weightAllowed(outcome) <= 0) return null;
    const { entry, value } = what;
    const standIn = this.standsIn(entry);
    if (this.#left) {
      if (this.#inPot === 0) this.#fill();
      this.#left[outcome]! -= 1;
      this.#inPot -= 1;
      if (this.#full) {
        this.#allowed[outcome] = this.#base[outcome]! * this.#left[outcome]!;
        this.#allowedSum = this.#inPot === 0 ? 0 : this.#allowedSum - this.#base[outcome]!;
      }
    }
    this.run = entry === this.last ? this.run + 1 : 1;
    this.last = entry;
    this.#counts[entry]! += 1;
    this.drawn += 1;
    if (standIn) this.standIns += 1;
    if (this.urn.rules.noPattern) {
      this.#recent.push(entry);
      if (this.#recent.length >= 2 * LONGEST_PATTERN) this.#recent.shift();
    }
    this.#known = false;
    return { outcome, entry, value, standIn };
  }
}
