import type { Adventure } from '../document/adventure';

/** The files that an adventure can become, and how their names end. */
export const EXTENSIONS = {
  json: '.arrup.json',
  html: '.html',
  pdf: '.pdf',
  script: '.script.md',
  docx: '.docx',
  csv: '.run-sheet.csv',
  md: '.run-sheet.md',
  captions: '.captions.vtt',
  chapters: '.chapters.vtt',
  pictures: '.pictures.zip',
  wav: '.guide.wav',
  ics: '.ics',
  zip: '.zip',
} as const;
export type FileFormatId = keyof typeof EXTENSIONS;

export const FILE_FORMAT_IDS = Object.keys(EXTENSIONS) as FileFormatId[];

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
  return `${fileStem(title) || 'adventure'}${EXTENSIONS[id]}`;
}
