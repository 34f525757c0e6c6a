import type { Drawn } from '../model/resolved-draw';
import {
  barEntry,
  barMarked,
  barOften,
  cameAs,
  fewest,
  LONGEST_PATTERN,
  markAhead,
  markRepeats,
} from './bars';
import type { Urn } from './urn';
import { tablesOf, type UrnTables } from './urn-tables';
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
  readonly #tables: UrnTables;
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

  constructor(readonly urn: Urn) {
    this.#tables = tablesOf(urn);
    const { entryOf, copies } = this.#tables;
    this.#counts = new Int32Array(urn.entries);
    this.#barred = new Uint8Array(urn.entries);
    this.#left = copies && new Int32Array(copies.length);
    this.#allowed = new Float64Array(entryOf.length);
    if (this.#tables.hasByLast) this.#tables.byLast ??= this.#weightsByLast();
    this.reset();
  }

  /** The weights after each entry, and those at the start before them. */
  #weightsByLast(): UrnTables['byLast'] {
    return Array.from({ length: this.urn.entries + 1 }, (_, n) => {
      this.last = n - 1;
      this.#known = false;
      this.#work();
      return { weights: this.#allowed.slice(), sum: this.#allowedSum };
    });
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
    const other = new Drawing(this.urn);
    other.become(this);
    return other;
  }

  /** Takes over the state of another of the same urn. */
  become(other: Drawing): void {
    this.drawn = other.drawn;
    this.standIns = other.standIns;
    this.last = other.last;
    this.run = other.run;
    this.seconds = other.seconds;
    this.#counts.set(other.#counts);
    if (this.#left) this.#left.set(other.#left!);
    this.#inPot = other.#inPot;
    this.#recent = [...other.#recent];
    this.#known = other.#known;
    this.#nowSum = other.#nowSum;
    this.#allowedSum = other.#allowedSum;
    // By the last entry alone, weights belong to nobody and are never changed.
    if (this.#tables.byLast) this.#allowed = other.#allowed;
    else this.#allowed.set(other.#allowed);
  }

  /** How often an entry was drawn. */
  countOf(entry: number): number {
    return this.#counts[entry]!;
  }

  #fill(): void {
    const { copies, full } = this.#tables;
    if (!this.#left || !copies) return;
    this.#left.set(copies);
    this.#inPot = copies.reduce((sum, one) => sum + one, 0);
    if (full) this.#refill(full);
  }

  #refill({ weights, sum }: NonNullable<UrnTables['full']>): void {
    this.#allowed.set(weights);
    this.#allowedSum = sum;
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
      this.#tables.entryOf,
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
    if (this.#tables.byLast) {
      const after = this.#tables.byLast[this.last + 1]!;
      this.#allowed = after.weights;
      this.#allowedSum = after.sum;
      return;
    }
    if (this.#tables.full) {
      // An empty bag is filled again with the next draw.
      if (this.#inPot === 0 && rules.returns === 'bag') this.#refill(this.#tables.full);
      this.#nowSum = this.#allowedSum;
      return;
    }
    const weights = this.#allowed;
    let now = 0;
    const plain = !this.#left && rules.returns !== 'in order';
    for (let n = 0; n < weights.length; n += 1) {
      weights[n] = plain ? this.#tables.base[n]! : this.weightNow(n);
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
    return this.#allowedSum / (this.#tables.byLast?.[0]!.sum ?? this.#nowSum);
  }

  /** Every entry that can come came. */
  get hasSeenAll(): boolean {
    return fewest(this.#tables.entryOf, this.#counts) > 0;
  }

  /** Nothing more is drawn: by count, by time, because all were seen, or because nothing is left. */
  get isOver(): boolean {
    const { stop } = this.urn.rules;
    if (stop.after === 'draws' && this.drawn >= stop.draws) return true;
    if (stop.after === 'seconds' && this.seconds >= stop.seconds) return true;
    if (stop.after === 'all seen' && (this.drawn >= stop.most || this.hasSeenAll)) return true;
    this.#work();
    return this.#allowedSum <= 0;
  }

  /**
   * What tells states of one urn apart by all that may follow, but for how many draws and seconds it
   * took: two with the same key draw alike from here on.
   */
  get key(): string {
    const { rules, outcomes } = this.urn;
    const run = rules.onRepeat === 'keep' ? '' : `${this.last}/${this.run % 2}`;
    const turn = rules.returns === 'in order' ? this.drawn % outcomes.length : '';
    const came = cameAs(this.#counts, this.#tables.entryOf, rules);
    const left = this.#left ? this.#left.join() : '';
    return `${came}|${run}|${this.standIns > 0}|${turn}|${left}|${this.#recent.join()}`;
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
      if (this.#tables.full) {
        this.#allowed[outcome] = this.#tables.base[outcome]! * this.#left[outcome]!;
        this.#allowedSum = this.#inPot === 0 ? 0 : this.#allowedSum - this.#tables.base[outcome]!;
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
