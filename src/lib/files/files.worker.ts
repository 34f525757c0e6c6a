import { writeFile } from '$core/files';
import { answerRequests } from '$lib/workers/ask-worker';
import { fileWorld } from './file-world';
import type { FileAnswer, FileRequest } from './protocol';

answerRequests<FileRequest, FileAnswer>(self, ({ format, adventure, choices, now }, onProgress) =>
  writeFile(format, adventure, choices, fileWorld(fetchFile, choices.look, now, onProgress)),
);

const fetchFile = (url: string) => fetch(url);
