import { z } from 'zod';
import { deviceSchema, type Device } from '../devices';
import {
  amountSchema,
  drawRulesSchema,
  entrySchema,
  MOST_ENTRIES,
  WHEN_DRAWN,
  type AmountRule,
  type DrawRules,
  type Entry,
} from '../model/chance';

/**
 * What chance needs to know of a draw. `seed` makes the same draws again, on the server, in the
 * browser and in print.
 */
export const drawSetupShape = {
  device: deviceSchema,
  entries: z.array(entrySchema).max(MOST_ENTRIES),
  amount: amountSchema,
  rules: drawRulesSchema,
  drawn: z.enum(WHEN_DRAWN),
  seed: z.int().min(0).max(0xffff_ffff),
};

/** A draw as chance sees it: the device, its table, the amount and the rules. */
export type DrawSetup = Readonly<{
  device: Device;
  entries: readonly Entry[];
  amount: AmountRule;
  rules: DrawRules;
}>;
