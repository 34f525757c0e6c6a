import { adventureSchema, seriesSchema } from '$core';
import { json } from '@sveltejs/kit';
import { z } from 'zod';
import {
  checkRequestSchema,
  coverageRequestSchema,
  exportRequestSchema,
  fitRequestSchema,
  forecastRequestSchema,
  ideasRequestSchema,
  importRequestSchema,
  nextRequestSchema,
  oddsRequestSchema,
  readRequestSchema,
  reviewRequestSchema,
  scheduleRequestSchema,
  seriesExportRequestSchema,
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
    '/api/ideas': z.toJSONSchema(ideasRequestSchema, { io: 'input' }),
    '/api/read': z.toJSONSchema(readRequestSchema),
    '/api/review': z.toJSONSchema(reviewRequestSchema, { io: 'input' }),
    '/api/series/coverage': z.toJSONSchema(coverageRequestSchema, { io: 'input' }),
    '/api/series/next': z.toJSONSchema(nextRequestSchema, { io: 'input' }),
    '/api/export/{format} (series)': z.toJSONSchema(seriesExportRequestSchema, { io: 'input' }),
    '/api/import/{format}': z.toJSONSchema(importRequestSchema),
    '/api/export/{format}': z.toJSONSchema(exportRequestSchema),
  };
  const series = z.toJSONSchema(seriesSchema, { target: 'draft-2020-12', io: 'input' });
  return json({
    ...schema,
    title: 'Arrup adventure',
    $defs: { ...schema.$defs, series, requests },
  });
}
