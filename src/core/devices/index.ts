import { z } from 'zod';
import type { DrawRules, Entry } from '../model/chance';
import { calls } from './calls';
import { coin } from './coin';
import { deck } from './deck';
import type { DeviceFile, DrawnFrom } from './device-file';
import { die } from './die';
import { leader } from './leader';
import { letters } from './letters';
import { list } from './list';
import { spinner } from './spinner';

/** Every kind of device, one line each. */
export const DEVICES = { die, spinner, coin, deck, letters, calls, leader, list } as const;
export type DeviceKind = keyof typeof DEVICES;

type InFile<File> = File extends DeviceFile<infer D> ? D : never;
/** A device of one kind. */
export type DeviceOf<Kind extends DeviceKind> = InFile<(typeof DEVICES)[Kind]>;
/** What is drawn from. */
export type Device = { [Kind in DeviceKind]: DeviceOf<Kind> }[DeviceKind];

export const DEVICE_KINDS = Object.keys(DEVICES) as readonly DeviceKind[];

/** What there is to know of a device of this kind. */
export function deviceFile<D extends Device>(device: D): DeviceFile<D> {
  // The record pairs each kind with its own file: the compiler can't follow that through an index.
  return DEVICES[device.kind] as unknown as DeviceFile<D>;
}

const schemas = DEVICE_KINDS.map((kind) => DEVICES[kind].schema);
export const deviceSchema = z.discriminatedUnion(
  'kind',
  schemas as unknown as Parameters<typeof z.discriminatedUnion>[1],
) as unknown as z.ZodType<Device>;

/** What is drawn from, in a few words: "Two dice", "Spinner of 5", "Letters L A M P". */
export function deviceInWords(drawn: DrawnFrom<Device>): string {
  return deviceFile(drawn.device).words(drawn);
}

/** The entries with outcomes that fit the device: faces are dealt out anew, others need none. */
export function dealt(device: Device, entries: readonly Entry[]): readonly Entry[] {
  return deviceFile(device).deal({ device, entries });
}

/** The rules that a device is usually drawn by, for so many entries. */
export function usualRules(device: Device, entries: number): DrawRules {
  const given = deviceFile(device).usualRules;
  const { returns = 'back' } = given;
  return {
    returns,
    onRepeat: 'keep',
    standIn: null,
    thirdInARow: 'original',
    mostOfOne: null,
    mostAhead: null,
    noPattern: false,
    stop: { after: 'draws', draws: returns === 'in order' ? Math.max(1, entries) : 10 },
    between: null,
    thrower: 'presenter',
    eachSeconds: null,
    ...given,
  };
}
