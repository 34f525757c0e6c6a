import { fileStem } from '../file-formats';

/** The files that a series can become, each by one name. */
export const SERIES_FORMATS = {
  json: { extension: '.arrup-series.json', mediaType: 'application/json; charset=utf-8' },
  pdf: { extension: '.term-plan.pdf', mediaType: 'application/pdf' },
  note: { extension: '.note-home.pdf', mediaType: 'application/pdf' },
  docx: {
    extension: '.term-plan.docx',
    mediaType: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  },
  csv: { extension: '.term-plan.csv', mediaType: 'text/csv; charset=utf-8' },
  md: { extension: '.term-plan.md', mediaType: 'text/markdown; charset=utf-8' },
  svg: { extension: '.coverage.svg', mediaType: 'image/svg+xml' },
  ics: { extension: '.ics', mediaType: 'text/calendar; charset=utf-8' },
  zip: { extension: '.series.zip', mediaType: 'application/zip' },
} as const;
export type SeriesFormatId = keyof typeof SERIES_FORMATS;

export const SERIES_FORMAT_IDS = Object.keys(SERIES_FORMATS) as SeriesFormatId[];

/** The title of a series as a file name in any script. */
export function seriesFileName({ title }: Readonly<{ title: string }>, id: SeriesFormatId): string {
  return `${fileStem(title) || 'series'}${SERIES_FORMATS[id].extension}`;
}
