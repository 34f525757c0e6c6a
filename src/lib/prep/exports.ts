import type { FileFormatId } from '$core';

/** What each file is for, as a presenter would say; in groups, in the order of a session's life. */
export const EXPORT_GROUPS: readonly Readonly<{
  title: string;
  files: readonly Readonly<{ id: FileFormatId; label: string }>[];
}>[] = [
  {
    title: 'To keep and to send',
    files: [
      { id: 'html', label: 'A page that leads itself, in any browser' },
      { id: 'json', label: 'The adventure, for a colleague’s Arrup' },
      { id: 'zip', label: 'Everything, in one ZIP' },
    ],
  },
  {
    title: 'To write on elsewhere',
    files: [
      { id: 'script', label: 'Script as plain text, that Arrup reads back' },
      { id: 'docx', label: 'Script for a word processor' },
      { id: 'csv', label: 'Run sheet for a spreadsheet' },
      { id: 'md', label: 'Run sheet as plain text' },
    ],
  },
  {
    title: 'For the film',
    files: [
      { id: 'wav', label: 'Guide track: counts and changes to listen to' },
      { id: 'captions', label: 'Planned captions' },
      { id: 'chapters', label: 'Chapters' },
      { id: 'pictures', label: 'Title pictures: a cover, each chapter, the moves' },
    ],
  },
];
