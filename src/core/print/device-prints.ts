import { deviceFile } from '../devices';
import type { OutcomeCard, PrintDesk } from '../devices/print-desk';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import type { Entry } from '../model/chance';

/** Cubes are folded from paper. */
const CUBE = 6;

/** What the draws of an adventure need on paper, before any of it is painted. */
export type DevicePrints = Readonly<{
  cubes: readonly Readonly<{ faces: readonly (Entry | null)[] | null; title: string }>[];
  wheels: readonly Readonly<{
    sectors: readonly Readonly<{ entry: Entry; weight: number }>[];
    title: string;
  }>[];
  cards: readonly OutcomeCard[];
  letters: readonly Entry[];
  coins: readonly (readonly Readonly<{ name: string; entry: Entry | null }>[])[];
  /** The number dice that are thrown: as many sides and as many dice as the largest. */
  numbers: readonly Readonly<{ sides: number; dice: number }>[];
}>;

type Growing<T> = { -readonly [K in keyof T]: T[K] extends readonly (infer One)[] ? One[] : T[K] };

/** Everything that devices ask to be printed, in the order of the script. */
export function devicePrints(adventure: Adventure): DevicePrints {
  const prints: Growing<DevicePrints> = {
    cubes: [],
    wheels: [],
    cards: [],
    letters: [],
    coins: [],
    numbers: [],
  };
  const desk: PrintDesk = {
    cube: (faces, title) => void prints.cubes.push({ faces, title }),
    wheel: (sectors, title) => void prints.wheels.push({ sectors, title }),
    cards: (cards) => void prints.cards.push(...cards),
    letters: (entries) => void prints.letters.push(...entries),
    coin: (faces) => void prints.coins.push(faces),
  };
  for (const draw of drawsOf(adventure)) {
    deviceFile(draw.device).print(draw, desk);
    if (draw.amount.from === 'number die') prints.numbers.push(draw.amount);
  }
  const cubes = prints.numbers.filter(({ sides }) => sides === CUBE);
  if (cubes.length > 0) {
    const most = Math.max(...cubes.map(({ dice }) => dice));
    desk.cube(null, most === 1 ? 'Number die' : `Number die: print ${most}`);
  }
  return prints;
}
