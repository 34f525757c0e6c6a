import { DEFAULT_PACE, FILE_FORMAT_IDS, fileNameOf, MEDIA_TYPES, type FileFormatId } from '$core';
import { TrackTooLong, writeFile } from '$core/files';
import { fileWorld } from '$lib/files/file-world';
import { readJson, refuseWith, requestIn } from '$lib/server/answer';
import { exportRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';
import { isSeriesFormat, seriesFile } from './series';

const isFormat = (name: string): name is FileFormatId =>
  (FILE_FORMAT_IDS as readonly string[]).includes(name);

function noSuchFormat(format: string): Response {
  const message = `There is no export “${format}”. There is: ${FILE_FORMAT_IDS.join(', ')}.`;
  return refuseWith(404, 'not-one-of', message, ['format']);
}

export const answerExport: Answer = async (request, format, readAsset) => {
  const sent = await readJson(request);
  if (sent instanceof Response) {
    return isFormat(format) || isSeriesFormat(format) ? sent : noSuchFormat(format);
  }
  const { value } = sent;
  if (typeof value === 'object' && value !== null && 'series' in value) {
    return seriesFile(value, format, readAsset);
  }
  if (!isFormat(format)) return noSuchFormat(format);
  const read = requestIn(value, exportRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const now = new Date();
  const choices = {
    ...body,
    setting: body.setting ?? adventure.setting,
    pace: body.pace ?? DEFAULT_PACE,
    startsAt: body.startsAt ?? now.toISOString().slice(0, 16),
  };
  const world = fileWorld(readAsset, choices.look, now);
  let bytes: Uint8Array;
  try {
    ({ bytes } = await writeFile(format, adventure, choices, world));
  } catch (reason) {
    if (reason instanceof TrackTooLong) {
      return refuseWith(422, 'too-long', reason.message, ['adventure']);
    }
    if (!(reason instanceof RangeError)) throw reason;
    const message = 'There is nothing to write of it: it has no beat that asks for it.';
    return refuseWith(422, 'nothing-to-write', message, ['adventure']);
  }
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': MEDIA_TYPES[format],
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(fileNameOf(adventure, format))}`,
    },
  });
};
