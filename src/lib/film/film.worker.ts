import { answerRequests } from '$lib/workers/ask-worker';
import { encodeFrames } from './encode-frames';
import { framesIn } from './film-choices';
import { pictureCodec } from './film-codecs';
import { openDisk, partsName } from './film-disk';
import { loadFilmFonts } from './film-fonts';
import { planFilm } from './film-plan';
import type { FilmAnswer, FilmRequest } from './film-protocol';
import { muxFilm } from './mux-film';
import { PacketLog } from './packet-log';
import { framePainter } from './paint-frame';
import { zipPictures } from './zip-pictures';

/** Pictures take nearly all of the time, putting them together the rest. */
const PICTURES_SHARE = 0.97;

answerRequests<FilmRequest, FilmAnswer>(self, async (request, onProgress) => {
  const { key, adventure, pace, look, paints, choices } = request;
  await loadFilmFonts((self as unknown as { fonts: FontFaceSet }).fonts);
  const plan = planFilm(adventure, pace);
  const painter = framePainter(plan, choices, look, paints);
  if (request.kind === 'pictures') {
    const file = `${key}.zip`;
    const disk = await openDisk(file);
    try {
      await zipPictures(disk, painter, plan.totalSeconds, onProgress);
    } finally {
      disk.close();
    }
    return { file };
  }
  const config = await pictureCodec(choices);
  if (!config) throw new Error('This browser can’t encode pictures of that size.');
  const file = `${key}.${choices.container}`;
  const [parts, disk] = [await openDisk(partsName(key)), await openDisk(file)];
  try {
    const log = new PacketLog(parts);
    const { framesPerSecond } = choices;
    const frames = framesIn(plan.totalSeconds, framesPerSecond);
    const tell = (done: number) => {
      if (done % framesPerSecond === 0) onProgress((done / frames) * PICTURES_SHARE);
    };
    onProgress((log.frames / frames) * PICTURES_SHARE);
    await encodeFrames(log, painter, config, { frames, framesPerSecond }, tell);
    await muxFilm(disk, log, plan, choices, (share) =>
      onProgress(PICTURES_SHARE + share * (1 - PICTURES_SHARE)),
    );
    return { file };
  } finally {
    parts.close();
    disk.close();
  }
});
