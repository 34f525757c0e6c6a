import type { LookChoice } from '$core';
import type { FileWorld } from '$core/files';
import { printedPictures, storyPicture } from '$lib/pictures/move-pictures';
import { loadPrintFonts } from './print-fonts';
import { loadTakePage } from './take-page';

/** All that writing files needs of what ships with the application; `read` fetches one of its files. */
export const fileWorld = (
  read: (url: string) => Promise<Response>,
  look: LookChoice,
  now: Date,
  onProgress?: FileWorld['onProgress'],
): FileWorld => ({
  loadFonts: () => loadPrintFonts(read),
  loadPage: loadTakePage,
  pictureOf: printedPictures(look),
  storyPictureOf: storyPicture,
  now,
  onProgress,
});
