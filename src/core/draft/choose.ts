import { pick, type Choice, type Row } from '../fit/programme';
import type { Random } from '../chance/random';
import { ideasFor, type IdeaContext } from '../ideas/ideas';
import type { Ages } from '../model/ages';
import type { Move } from '../model/move';
import { usualDose } from '../moves/usual-dose';
import type { Stop } from './scenes';

/** A move for a place on the way. */
export type ChosenStop = Readonly<{ stop: Stop; move: Move }>;

type Option = Readonly<{ cost: number; move: Move | null }>;
type Slot = Choice<Option> & Readonly<{ stop: Stop }>;

/** So many ideas for a place are weighed against those for all others. */
const IDEAS_EACH = 9;
/** What an option costs: being less what the line says, being off the curve of effort, and chance. */
const COSTS = { unlike: 1.5, effort: 0.3, chance: 0.25, leftOut: 3 } as const;
/** Paid for a move that comes twice, for what is one-sided, for too much that is hard on knees, and for no peak. */
const PRICES = { twice: 4, oneSided: 0.6, landings: 1, floor: 0.8, noPeak: 2 } as const;

/**
 * Effort at each of `count` places: from 3 up to 5 at two thirds of the way and down again, so that
 * there is a peak and it is not at the end. Common practice.
 */
export function effortCurve(count: number): number[] {
  return Array.from({ length: count }, (_, n) => {
    const share = count < 2 ? 1 : n / (count - 1);
    const peak = 2 / 3;
    return share <= peak ? 3 + (2 * share) / peak : 5 - (1.5 * (share - peak)) / (1 - peak);
  });
}

const moving = ({ family, effort }: Move) =>
  family !== 'breath' && family !== 'stretch' && effort > 1;

function optionsOf(stop: Stop, effort: number, context: IdeaContext, random: Random): Option[] {
  const ideas = ideasFor(`${stop.name}. ${stop.line}`, context, IDEAS_EACH).filter(({ move }) =>
    moving(move),
  );
  const best = Math.max(...ideas.map(({ score }) => score));
  const options = ideas.map(({ move, score }) => ({
    move,
    cost:
      COSTS.unlike * (1 - score / best) +
      COSTS.effort * Math.abs(move.effort - effort) +
      COSTS.chance * random.share(),
  }));
  return [...options, { move: null, cost: COSTS.leftOut }];
}

/** Landings of the usual amount, on each side where it has sides. */
export const landingsOf = (move: Move, ages: Ages) =>
  move.landingsPerRep * usualDose(move, ages).amounts[0]! * (move.sided ? 2 : 1);

/** What the whole should have, as rows of the programme. */
function rowsFor(slots: readonly Slot[], ages: Ages, landings: number): Row<Option, Slot>[] {
  const count = slots.length;
  const many = (is: (move: Move) => boolean) => (option: Option) =>
    option.move !== null && is(option.move) ? 1 : 0;
  const uses = (...regions: Move['regions']) =>
    many((move) => move.regions.some((one) => regions.includes(one)));
  const ids = slots.flatMap(({ options }) => options.flatMap(({ move }) => move?.id ?? []));
  const repeated = [...new Set(ids.filter((id, n) => ids.indexOf(id) !== n))];
  const twice = repeated.map((id): Row<Option, Slot> => ({
    least: 0,
    most: 1,
    price: PRICES.twice,
    amount: many((move) => move.id === id),
  }));
  const atLeast = (share: number, amount: Row<Option, Slot>['amount']): Row<Option, Slot> => ({
    least: Math.floor(count * share),
    most: Infinity,
    price: PRICES.oneSided,
    amount,
  });
  const atMost = (
    share: number,
    price: number,
    amount: Row<Option, Slot>['amount'],
  ): Row<Option, Slot> => ({ least: 0, most: Math.ceil(count * share), price, amount });
  const peak: Row<Option, Slot> = {
    least: Math.min(1, count),
    most: Infinity,
    price: PRICES.noPeak,
    amount: many(({ effort }) => effort >= 4),
  };
  return [
    ...twice,
    peak,
    atLeast(0.3, uses('arms', 'shoulders')),
    atLeast(0.2, uses('tummy', 'back')),
    atLeast(
      0.15,
      many(({ family }) => family === 'balancing'),
    ),
    {
      least: 0,
      most: landings,
      price: PRICES.landings,
      amount: ({ move }) => (move ? landingsOf(move, ages) : 0),
    },
    atMost(
      0.3,
      PRICES.floor,
      many(({ posture }) => posture !== 'standing'),
    ),
    atMost(
      0.5,
      PRICES.oneSided,
      many(({ effort }) => effort >= 4),
    ),
  ];
}

/**
 * A move for each place, by an integer programme: near to what the line says and to the curve of
 * effort, none twice, all of the body used, not too much on knees or on the floor. A place that no
 * move fits is left out. `landings` is how many the youngest may make there in all. The same places
 * with the same chance give the same moves.
 */
export function chooseMoves(
  stops: readonly Stop[],
  context: IdeaContext,
  random: Random,
  landings: number,
): readonly ChosenStop[] {
  const { ages } = context.setting;
  const efforts = effortCurve(stops.length);
  const slots = stops.map((stop, n): Slot => ({
    stop,
    options: optionsOf(stop, efforts[n]!, context, random),
  }));
  const plan = pick<Option, Slot>(slots, rowsFor(slots, ages, landings));
  const chosen = slots.flatMap(({ stop, options }, n) => {
    const { move } = options[plan[n]!]!;
    return move ? [{ stop, move }] : [];
  });
  return chosen.filter(({ move }, n) => chosen.findIndex((one) => one.move === move) === n);
}
