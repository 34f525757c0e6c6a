import {
  ARRUP_EXTENSION,
  serializeArrupJson,
  serializeRunSheetCsv,
  serializeRunSheetMarkdown,
  unroll,
  type Adventure,
  type Pace,
  type Setting,
} from '$core';

/** A file that an adventure can become. */
export type ExportFormat = Readonly<{
  id: 'json' | 'csv' | 'md';
  /** What it is for, as a presenter would say. */
  label: string;
  extension: string;
  mediaType: string;
  write: (adventure: Adventure, setting?: Setting, pace?: Pace) => string;
}>;

export const EXPORTS: readonly ExportFormat[] = [
  {
    id: 'json',
    label: 'Adventure file, to keep or to send to a colleague',
    extension: ARRUP_EXTENSION,
    mediaType: 'application/json; charset=utf-8',
    write: serializeArrupJson,
  },
  {
    id: 'csv',
    label: 'Run sheet for a spreadsheet',
    extension: '.csv',
    mediaType: 'text/csv; charset=utf-8',
    write: (adventure, setting, pace) =>
      serializeRunSheetCsv(adventure, unroll(adventure, setting, pace)),
  },
  {
    id: 'md',
    label: 'Run sheet as plain text',
    extension: '.md',
    mediaType: 'text/markdown; charset=utf-8',
    write: (adventure, setting, pace) =>
      serializeRunSheetMarkdown(adventure, unroll(adventure, setting, pace)),
  },
];

/** The adventure's title as a file name in any script, without signs that file systems refuse. */
export function fileNameOf(adventure: Adventure, format: ExportFormat): string {
  const stem = adventure.title
    .normalize('NFC')
    .replace(/[\p{C}/\\:*?"<>|.]+/gu, ' ')
    .trim()
    .replace(/\s+/gu, '-')
    .slice(0, 80);
  return `${stem || 'adventure'}${format.extension}`;
}
