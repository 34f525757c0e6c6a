import { paceSchema, settingSchema } from '$core';
import { z } from 'zod';

/** The adventure itself is checked apart, so that older versions are migrated first. */
const adventure = z.unknown();

/** `POST /api/schedule`. The seed is for beats that draw; it comes back with the answer. */
export const scheduleRequestSchema = z.strictObject({
  adventure,
  setting: settingSchema.optional(),
  pace: paceSchema.optional(),
  seed: z.int().min(0).max(0xffff_ffff).optional(),
});

/** `POST /api/check`. */
export const checkRequestSchema = z.strictObject({
  adventure,
  setting: settingSchema.optional(),
  pace: paceSchema.optional(),
});

/** `POST /api/export/{format}`. */
export const exportRequestSchema = checkRequestSchema;
