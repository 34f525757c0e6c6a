import type { FileFormatId } from './file-formats';

/** What each file is, as servers and browsers call it. */
export const MEDIA_TYPES: Readonly<Record<FileFormatId, string>> = {
  json: 'application/json; charset=utf-8',
  html: 'text/html; charset=utf-8',
  pdf: 'application/pdf',
  script: 'text/markdown; charset=utf-8',
  docx: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  csv: 'text/csv; charset=utf-8',
  md: 'text/markdown; charset=utf-8',
  captions: 'text/vtt; charset=utf-8',
  chapters: 'text/vtt; charset=utf-8',
  pictures: 'application/zip',
  wav: 'audio/wav',
  ics: 'text/calendar; charset=utf-8',
  zip: 'application/zip',
};
