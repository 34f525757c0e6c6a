import { writeFile } from '$core/files';
import { printedPictures, storyPicture } from '$lib/pictures/move-pictures';
import { answerRequests } from '$lib/workers/ask-worker';
import { loadPrintFonts } from './print-fonts';
import type { FileAnswer, FileRequest } from './protocol';

answerRequests<FileRequest, FileAnswer>(self, ({ format, adventure, choices, now }, onProgress) => {
  const loadFonts = () => loadPrintFonts((url) => fetch(url));
  const pictureOf = printedPictures(choices.look);
  const world = { loadFonts, pictureOf, storyPictureOf: storyPicture, now, onProgress };
  return writeFile(format, adventure, choices, world);
});
