import { Drawing } from '../chance/machine';
import type { Random } from '../chance/random';
import { isFirstOf } from '../chance/resolve';
import type { Urn } from '../chance/urn';
import type { ResolvedDraw } from '../model/resolved-draw';
import type { Stretch } from './stretch';

/** What a draw comes to that was made at a place, led from a stance; and its seconds, where those end the draws. */
export type Led = (
  draw: ResolvedDraw,
  stance: number,
) => Readonly<{ stretch: Stretch; seconds: number }>;

/** More places than this, and playing them by the machine is quicker than finding them. */
const MOST_PLACES = 4000;
const FIRST_PLACES = 64;

/** The same numbers in twice as much room. */
function twice<Numbers extends Float64Array | Int32Array>(numbers: Numbers): Numbers {
  const longer = new (numbers.constructor as new (length: number) => Numbers)(2 * numbers.length);
  longer.set(numbers);
  return longer;
}

/**
 * The draws of one urn as places that are come to and ways between them: a place is a state of the machine
 * with the stance that the children are in, worked out once, and a session that is played a hundred thousand
 * times goes from one to the next. It draws as the machine does, from the same randomness; for draws that
 * chance gives no numbers besides. Plain arrays of numbers: as objects they took three times as long.
 */
export class Places {
  readonly #known = new Map<string, number>();
  readonly #drawings: Drawing[] = [];
  readonly #stances: number[] = [];
  /** The place before the first draw, by stance. */
  readonly #starts: number[] = [];
  readonly #outcomes: number;
  /** By place: the sum of what may come, and whether all were seen. */
  #sums = new Float64Array(FIRST_PLACES);
  #seen = new Int32Array(FIRST_PLACES);
  /** By place and outcome: how likely it is, what it comes to, and where it leads; 0 where not known yet. */
  #weights: Float64Array;
  #legs: Int32Array;
  #to: Int32Array;
  /** What draws come to, each once; the first stands for none. */
  readonly #stretches: (Stretch | null)[] = [null];
  readonly #seconds: number[] = [0];
  readonly #numbers = new Map<Stretch, number>();
  /** Where a draw is tried out: most lead to a place that is known. */
  readonly #tried: Drawing;

  constructor(
    readonly urn: Urn,
    readonly led: Led,
  ) {
    this.#tried = new Drawing(urn);
    this.#outcomes = urn.outcomes.length;
    this.#weights = new Float64Array(FIRST_PLACES * this.#outcomes);
    this.#legs = new Int32Array(FIRST_PLACES * this.#outcomes);
    this.#to = new Int32Array(FIRST_PLACES * this.#outcomes);
  }

  /** There are too many to be found: whoever plays goes by the machine. */
  get isFull(): boolean {
    return this.#drawings.length >= MOST_PLACES;
  }

  #at(drawing: Drawing, stance: number): number {
    const key = `${stance}|${drawing.key}`;
    const known = this.#known.get(key);
    if (known !== undefined) return known;
    const place = this.#drawings.length;
    if (place === this.#sums.length) {
      this.#sums = twice(this.#sums);
      this.#seen = twice(this.#seen);
      this.#weights = twice(this.#weights);
      this.#legs = twice(this.#legs);
      this.#to = twice(this.#to);
    }
    this.#known.set(key, place);
    const own = drawing.copy();
    this.#drawings.push(own);
    this.#stances.push(stance);
    let sum = 0;
    for (let n = 0; n < this.#outcomes; n += 1) {
      const weight = own.weightAllowed(n);
      this.#weights[place * this.#outcomes + n] = weight;
      sum += weight;
    }
    this.#sums[place] = sum;
    this.#seen[place] = own.hasSeenAll ? 1 : 0;
    return place;
  }

  #start(from: number): number {
    this.#tried.reset();
    return this.#at(this.#tried, from);
  }

  /** Finds out what an outcome comes to at a place, and where it leads. */
  #find(place: number, outcome: number): void {
    this.#tried.become(this.#drawings[place]!);
    const drawn = this.#tried.take(outcome);
    if (!drawn) throw new RangeError(`Places: ${outcome} may not come here`);
    const isFirst = isFirstOf(this.#tried, drawn);
    const { entry, value, standIn } = drawn;
    const draw: ResolvedDraw = {
      outcome,
      entry,
      value,
      standIn,
      isFirst,
      number: null,
      amount: null,
      betweenSeconds: 0,
    };
    const { stretch, seconds } = this.led(draw, this.#stances[place]!);
    let leg = this.#numbers.get(stretch);
    if (leg === undefined) {
      leg = this.#stretches.push(stretch) - 1;
      this.#seconds.push(seconds);
      this.#numbers.set(stretch, leg);
    }
    const to = this.#at(this.#tried, stretch.stance);
    const at = place * this.#outcomes + outcome;
    this.#legs[at] = leg;
    this.#to[at] = to;
  }

  /**
   * All draws of one session from a stance on, each given to `take`. Answers with the stance after them.
   */
  play(from: number, random: Random, take: (stretch: Stretch) => void): number {
    const { stop } = this.urn.rules;
    const mostDraws =
      stop.after === 'draws' ? stop.draws : stop.after === 'all seen' ? stop.most : Infinity;
    const mostSeconds = stop.after === 'seconds' ? stop.seconds : Infinity;
    const untilSeen = stop.after === 'all seen';
    const outcomes = this.#outcomes;
    let place = (this.#starts[from] ??= this.#start(from));
    let seconds = 0;
    for (let drawn = 0; drawn < mostDraws && seconds < mostSeconds; drawn += 1) {
      const sum = this.#sums[place]!;
      if (sum <= 0 || (untilSeen && this.#seen[place] === 1)) break;
      const row = place * outcomes;
      let at = row;
      // As the machine picks: the first whose share the number falls into, or the last that may come.
      let left = random.share() * sum;
      for (let n = row; n < row + outcomes; n += 1) {
        const weight = this.#weights[n]!;
        if (weight <= 0) continue;
        left -= weight;
        at = n;
        if (left < 0) break;
      }
      if (this.#legs[at] === 0) this.#find(place, at - row);
      const leg = this.#legs[at]!;
      take(this.#stretches[leg]!);
      seconds += this.#seconds[leg]!;
      place = this.#to[at]!;
    }
    return this.#stances[place]!;
  }
}
