import type { Adventure, FileFormatId } from '$core';
import type { FileChoices, WrittenFile } from '$core/files';

/** What the page asks of the worker that writes files: everything that may cross, and nothing else. */
export type FileRequest = Readonly<{
  format: FileFormatId;
  adventure: Adventure;
  choices: FileChoices;
  now: Date;
}>;
export type FileAnswer = WrittenFile;
