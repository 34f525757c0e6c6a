import {
  guideOf,
  mixerOf,
  musicOf,
  patchMp4,
  patchWebm,
  placeForChapters,
  titleOf,
  type Patch,
} from '$core';
import { base64 } from '@scure/base';
import {
  AudioSample,
  AudioSampleSource,
  EncodedPacket,
  EncodedVideoPacketSource,
  Mp4OutputFormat,
  Output,
  StreamTarget,
  WebMOutputFormat,
  type StreamTargetChunk,
} from 'mediabunny';
import type { FilmChoices } from './film-choices';
import { nameOfCodec, SOUND_BITS, SOUND_RATE, soundCodec } from './film-codecs';
import type { FilmPlan } from './film-plan';
import type { Disk, PacketLog } from './packet-log';

/** Written in pieces of this size. */
const PIECE_BYTES = 2 ** 20;
/** The tag that keeps a place for chapters. */
const PLACE_TAG = 'ARRUP';

/** A film's sound, a second at a time. */
function soundOf(plan: FilmPlan, { music }: Pick<FilmChoices, 'music'>) {
  const mix = mixerOf([...guideOf(plan), ...(music ? musicOf(plan.cues) : [])], SOUND_RATE);
  const samples = Math.ceil(plan.totalSeconds * SOUND_RATE);
  return (second: number): AudioSample | null => {
    const from = second * SOUND_RATE;
    if (from >= samples) return null;
    const block = new Float32Array(Math.min(SOUND_RATE, samples - from));
    mix(from, block);
    return new AudioSample({
      data: block,
      format: 'f32',
      numberOfChannels: 1,
      sampleRate: SOUND_RATE,
      timestamp: second,
    });
  };
}

function putPatches(disk: Disk, patches: readonly Patch[]): void {
  for (const { at, bytes } of patches) disk.write(bytes, { at });
}

function readPart(disk: Disk) {
  return (from: number, length: number) => {
    const bytes = new Uint8Array(length);
    const count = disk.read(bytes, { at: from });
    return bytes.subarray(0, count);
  };
}

/**
 * Puts the pictures of a log and the sound of a plan into one film on the disk, with its chapters. Needs no
 * more memory for an hour than for a minute. It has no sound where the browser can't encode any.
 */
export async function muxFilm(
  disk: Disk,
  log: PacketLog,
  plan: FilmPlan,
  choices: Pick<FilmChoices, 'container' | 'framesPerSecond' | 'music'>,
  onShare: (share: number) => void,
): Promise<void> {
  const { container, framesPerSecond } = choices;
  const { head } = log;
  if (!head) throw new Error('There’s no picture in it.');
  disk.truncate(0);
  const writable = new WritableStream<StreamTargetChunk>({
    write: ({ data, position }) => void disk.write(data, { at: position }),
  });
  const output = new Output({
    format:
      container === 'webm' ? new WebMOutputFormat() : new Mp4OutputFormat({ fastStart: false }),
    target: new StreamTarget(writable, { chunked: true, chunkSize: PIECE_BYTES }),
  });
  const pictures = new EncodedVideoPacketSource(nameOfCodec(head.codec));
  output.addVideoTrack(pictures, { frameRate: framesPerSecond });
  const codec = await soundCodec(container);
  const sound = codec && new AudioSampleSource({ codec, bitrate: SOUND_BITS });
  if (sound) output.addAudioTrack(sound);
  if (container === 'webm') {
    const title = titleOf(plan.adventure);
    output.setMetadataTags({
      title,
      raw: { [PLACE_TAG]: ' '.repeat(placeForChapters(plan.chapters)) },
    });
  }
  await output.start();
  const secondOf = soundOf(plan, choices);
  let second = 0;
  /** The sound up to a moment; each track waits for the other. */
  const hear = async (until: number) => {
    for (; sound && second < until; second += 1) {
      const sample = secondOf(second);
      if (!sample) break;
      await sound.add(sample);
      sample.close();
    }
  };
  const decoderConfig: VideoDecoderConfig = {
    codec: head.codec,
    codedWidth: head.width,
    codedHeight: head.height,
    ...(head.data ? { description: base64.decode(head.data) } : {}),
  };
  let count = 0;
  for (const { frame, isKey, bytes } of log.packets()) {
    const at = frame / framesPerSecond;
    await hear(at + 1);
    const packet = new EncodedPacket(bytes, isKey ? 'key' : 'delta', at, 1 / framesPerSecond);
    await pictures.add(packet, count === 0 ? { decoderConfig } : undefined);
    count += 1;
    if (count % framesPerSecond === 0) onShare(frame / Math.max(1, log.frames));
  }
  await hear(Infinity);
  await output.finalize();
  const read = readPart(disk);
  putPatches(
    disk,
    container === 'webm'
      ? patchWebm(read, plan.chapters)
      : patchMp4(read, disk.getSize(), plan.chapters),
  );
  disk.flush();
}
