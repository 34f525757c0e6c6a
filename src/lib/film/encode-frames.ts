import { base64 } from '@scure/base';
import type { FilmChoices } from './film-choices';
import type { PacketLog } from './packet-log';
import type { Painter } from './paint-frame';

/** So long is a stretch that is safe once it's whole, and from one key picture to the next. */
const STRETCH_SECONDS = 5;
/** So many pictures may wait for the encoder: more only fill the memory. */
const MOST_WAITING = 4;
const MICRO = 1e6;

const untilTaken = (encoder: VideoEncoder) =>
  new Promise<void>((resolve) => {
    encoder.addEventListener('dequeue', () => resolve(), { once: true });
  });

const bytesOf = (source: AllowSharedBufferSource) =>
  ArrayBuffer.isView(source)
    ? new Uint8Array(source.buffer, source.byteOffset, source.byteLength)
    : new Uint8Array(source);

/**
 * Encodes what isn't in the log yet, a stretch at a time. Throws what the encoder says where it gives up;
 * what is whole by then stays in the log.
 */
export async function encodeFrames(
  log: PacketLog,
  { canvas, paint }: Painter,
  config: VideoEncoderConfig,
  { frames, framesPerSecond }: Readonly<{ frames: number }> & Pick<FilmChoices, 'framesPerSecond'>,
  onFrames: (frames: number) => void,
): Promise<void> {
  if (log.frames >= frames) return;
  let failed: Error | null = null;
  let nth = log.frames;
  const encoder = new VideoEncoder({
    output: (chunk, metadata) => {
      const decoder = metadata?.decoderConfig;
      if (decoder) {
        log.putHead({
          codec: decoder.codec,
          width: config.width,
          height: config.height,
          data: decoder.description ? base64.encode(bytesOf(decoder.description)) : '',
        });
      }
      const bytes = new Uint8Array(chunk.byteLength);
      chunk.copyTo(bytes);
      const frame = Math.round((chunk.timestamp * framesPerSecond) / MICRO);
      log.put({ frame, isKey: chunk.type === 'key', bytes });
    },
    error: (reason) => (failed = reason),
  });
  encoder.configure(config);
  const stretch = STRETCH_SECONDS * framesPerSecond;
  try {
    while (nth < frames) {
      const end = Math.min(frames, (Math.floor(nth / stretch) + 1) * stretch);
      for (let first = true; nth < end; nth += 1, first = false) {
        paint(nth / framesPerSecond);
        const timestamp = Math.round((nth * MICRO) / framesPerSecond);
        const duration = Math.round(((nth + 1) * MICRO) / framesPerSecond) - timestamp;
        const frame = new VideoFrame(canvas, { timestamp, duration });
        encoder.encode(frame, { keyFrame: first });
        frame.close();
        while (encoder.encodeQueueSize > MOST_WAITING && !failed) await untilTaken(encoder);
        if (failed) throw failed as Error;
        onFrames(nth + 1);
      }
      await encoder.flush();
      log.close(end);
    }
  } finally {
    if (encoder.state !== 'closed') encoder.close();
  }
}
