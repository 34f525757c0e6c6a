import { adventureSchema } from '$core';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import {
  checkRequestSchema,
  exportRequestSchema,
  fitRequestSchema,
  forecastRequestSchema,
  importRequestSchema,
  oddsRequestSchema,
  readRequestSchema,
  reviewRequestSchema,
  scheduleRequestSchema,
} from '$lib/server/requests';

/** JSON Schema 2020-12 of the document and of what the routes take. */
export function GET() {
  const schema = z.toJSONSchema(adventureSchema, { target: 'draft-2020-12' });
  const requests = {
    '/api/schedule': z.toJSONSchema(scheduleRequestSchema),
    '/api/check': z.toJSONSchema(checkRequestSchema),
    '/api/odds': z.toJSONSchema(oddsRequestSchema),
    '/api/fit': z.toJSONSchema(fitRequestSchema),
    '/api/forecast': z.toJSONSchema(forecastRequestSchema),
    '/api/read': z.toJSONSchema(readRequestSchema),
    '/api/review': z.toJSONSchema(reviewRequestSchema, { io: 'input' }),
    '/api/import/{format}': z.toJSONSchema(importRequestSchema),
    '/api/export/{format}': z.toJSONSchema(exportRequestSchema),
  };
  return json({ ...schema, title: 'Arrup adventure', $defs: { ...schema.$defs, requests } });
}
