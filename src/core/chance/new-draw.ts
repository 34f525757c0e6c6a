import type { Action, Draw, Showing } from '../model/beat';
import { DIE_SIDES, type Device, type DrawRules, type Entry } from '../model/chance';
import type { NewId } from '../model/new-adventure';
import { diceTotals } from './pot';

type DieSides = (typeof DIE_SIDES)[number];

/** The smallest die on which so many moves get as many faces each, else the smallest with enough. */
export function dieFor(moves: number): DieSides {
  const enough = DIE_SIDES.filter((sides) => sides >= moves);
  return enough.find((sides) => sides % Math.max(1, moves) === 0 && sides <= 12) ?? enough[0] ?? 20;
}

/**
 * The totals of the dice dealt out to so many entries in order, as evenly as their number allows:
 * 1-2, 3-4, 5-6 for three on a die. Every total has an entry, so that nothing thrown means nothing.
 */
export function dealFaces(device: Extract<Device, { kind: 'die' }>, entries: number): number[][] {
  const totals = diceTotals(device);
  return Array.from({ length: entries }, (_, n) => {
    const [from, to] = [n, n + 1].map((at) => Math.round((at * totals.length) / entries));
    return totals.slice(from, to);
  });
}

/** The entries with faces that fit the device: a die's are dealt out anew, others need none. */
export function withFaces(device: Device, entries: readonly Entry[]): readonly Entry[] {
  if (device.kind !== 'die') return entries;
  const faces = dealFaces(device, entries.length);
  return entries.map((entry, n) => ({ ...entry, faces: faces[n]! }));
}

const USUAL_RETURNS: Readonly<Record<Device['kind'], DrawRules['returns']>> = {
  die: 'back',
  spinner: 'back',
  deck: 'out',
  letters: 'in order',
  calls: 'back',
  leader: 'bag',
  list: 'in order',
};

/** The rules that a device is usually drawn by. */
export function usualRules(device: Device, entries: number): DrawRules {
  const returns = USUAL_RETURNS[device.kind];
  return {
    returns,
    onRepeat: device.kind === 'calls' ? 'again' : 'keep',
    standIn: null,
    thirdInARow: 'original',
    mostOfOne: null,
    // Calls surprise: with a bag the last one of each round would be known to all.
    mostAhead: device.kind === 'calls' ? 2 : null,
    noPattern: device.kind === 'calls',
    stop: { after: 'draws', draws: returns === 'in order' ? Math.max(1, entries) : 10 },
    between: null,
    turns: 'leader',
  };
}

/** What is named for an entry, and on what it stands. */
export type EntryGiven = Readonly<{
  label: string;
  action: Omit<Action, 'id'>;
  /** What follows it, if anything. */
  then?: readonly Omit<Action, 'id'>[];
}>;

/** A draw beat as a presenter would begin it. */
export function newDraw(
  device: Device,
  given: readonly EntryGiven[],
  show: Showing,
  seed: number,
  newId: NewId,
): Draw {
  const entries = given.map(({ label, action, then = [] }): Entry => ({
    id: newId('en'),
    label,
    faces: [],
    weight: 1,
    cards: 'suit',
    action: { ...action, id: newId('ac') },
    then: then.map((one) => ({ ...one, id: newId('ac') })),
  }));
  return {
    kind: 'draw',
    id: newId('bt'),
    say: '',
    device,
    entries: withFaces(device, entries),
    amount: { from: 'dose' },
    rules: usualRules(device, entries.length),
    drawn: 'live',
    seed,
    show,
  };
}
