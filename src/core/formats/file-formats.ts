import type { Adventure } from '../document/adventure';

/** The files that an adventure can become, each by one name. */
export const FILE_FORMATS = {
  json: { extension: '.arrup.json', mediaType: 'application/json; charset=utf-8' },
  html: { extension: '.html', mediaType: 'text/html; charset=utf-8' },
  pdf: { extension: '.pdf', mediaType: 'application/pdf' },
  script: { extension: '.script.md', mediaType: 'text/markdown; charset=utf-8' },
  docx: {
    extension: '.docx',
    mediaType: 'application/vnd.openxmlformats-officedocument.wordprocessingml.document',
  },
  csv: { extension: '.run-sheet.csv', mediaType: 'text/csv; charset=utf-8' },
  md: { extension: '.run-sheet.md', mediaType: 'text/markdown; charset=utf-8' },
  captions: { extension: '.captions.vtt', mediaType: 'text/vtt; charset=utf-8' },
  chapters: { extension: '.chapters.vtt', mediaType: 'text/vtt; charset=utf-8' },
  pictures: { extension: '.pictures.zip', mediaType: 'application/zip' },
  wav: { extension: '.guide.wav', mediaType: 'audio/wav' },
  ics: { extension: '.ics', mediaType: 'text/calendar; charset=utf-8' },
  zip: { extension: '.zip', mediaType: 'application/zip' },
} as const;
export type FileFormatId = keyof typeof FILE_FORMATS;

export const FILE_FORMAT_IDS = Object.keys(FILE_FORMATS) as FileFormatId[];

/** A title as a file name in any script, without signs that file systems refuse; empty for none. */
export function fileStem(title: string): string {
  return title
    .normalize('NFC')
    .replace(/[\p{C}/\\:*?"<>|.]+/gu, ' ')
    .trim()
    .replace(/\s+/gu, '-')
    .slice(0, 80);
}

/** The adventure's title as a file name. */
export function fileNameOf({ title }: Pick<Adventure, 'title'>, id: FileFormatId): string {
  return `${fileStem(title) || 'adventure'}${FILE_FORMATS[id].extension}`;
}
