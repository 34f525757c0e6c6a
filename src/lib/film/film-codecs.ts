import { widthOf, type FilmChoices } from './film-choices';

type Kind = FilmChoices['container'];

/**
 * Codecs by preference, for pictures of up to 1080 lines and 30 frames (levels as in their standards):
 * the first that a browser encodes is taken. Flat pictures with few colours need few bits.
 */
const PICTURES: Readonly<Record<Kind, readonly string[]>> = {
  webm: ['vp09.00.41.08', 'vp8'],
  mp4: ['avc1.640028', 'avc1.4d0028', 'avc1.42e028', 'vp09.00.41.08'],
};
/** What the muxer calls them. */
const NAMES: readonly (readonly [start: string, name: 'vp9' | 'vp8' | 'avc'])[] = [
  ['vp09', 'vp9'],
  ['vp8', 'vp8'],
  ['avc1', 'avc'],
];
const BITS: Readonly<Record<FilmChoices['height'], number>> = { 720: 2_500_000, 1080: 5_000_000 };

export const SOUND_RATE = 48_000;
export const SOUND_BITS = 96_000;
const SOUNDS: Readonly<Record<Kind, readonly (readonly [string, 'aac' | 'opus'])[]>> = {
  webm: [['opus', 'opus']],
  mp4: [
    ['mp4a.40.2', 'aac'],
    ['opus', 'opus'],
  ],
};

/** How pictures are encoded; null where this browser can't. */
export async function pictureCodec(
  choices: Pick<FilmChoices, 'container' | 'height' | 'framesPerSecond'>,
): Promise<VideoEncoderConfig | null> {
  if (typeof VideoEncoder === 'undefined') return null;
  for (const codec of PICTURES[choices.container]) {
    const config: VideoEncoderConfig = {
      codec,
      width: widthOf(choices.height),
      height: choices.height,
      framerate: choices.framesPerSecond,
      bitrate: BITS[choices.height],
      latencyMode: 'quality',
    };
    const { supported } = await VideoEncoder.isConfigSupported(config).catch(() => ({
      supported: false,
    }));
    if (supported) return config;
  }
  return null;
}

export const nameOfCodec = (codec: string) =>
  NAMES.find(([start]) => codec.startsWith(start))?.[1] ?? 'vp9';

/** How sound is encoded; null where this browser can't. */
export async function soundCodec(container: Kind): Promise<'aac' | 'opus' | null> {
  if (typeof AudioEncoder === 'undefined') return null;
  for (const [codec, name] of SOUNDS[container]) {
    const { supported } = await AudioEncoder.isConfigSupported({
      codec,
      sampleRate: SOUND_RATE,
      numberOfChannels: 1,
      bitrate: SOUND_BITS,
    }).catch(() => ({ supported: false }));
    if (supported) return name;
  }
  return null;
}

/** About how much room a film needs while it's made: its pictures are there twice, in parts and as a whole. */
export const roomFor = (seconds: number, { height }: Pick<FilmChoices, 'height'>) =>
  Math.ceil((seconds * (2 * BITS[height] + SOUND_BITS)) / 8);
