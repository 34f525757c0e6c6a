import { strToU8, zipSync, type Zippable } from 'fflate';
import type { LookChoice } from '../figure/drawing/look-choices';
import type { Adventure } from '../document/adventure';
import { hasBeats } from '../document/beats-of';
import { titleOf } from '../document/title';
import type { Setting } from '../model/setting';
import { deedOf } from '../print/children/deed';
import { makePack } from '../print/pack';
import { titlePictures } from '../print/title-pictures';
import { type PackPartId } from '../print/pack-parts';
import type { Ink } from '../print/ink-choices';
import type { Paper } from '../print/paper';
import type { PackSource, PictureOf, StoryPictureOf } from '../print/pack-source';
import { TypeCase, type FontFiles } from '../print/type-case';
import { scriptText } from '../print/pack-texts';
import { lengthIn, type LengthUnit } from '../words/lengths';
import type { Pace } from '../cues/pace';
import { timed, type TimedSchedule } from '../forecast/told-length';
import { serializeArrupJson } from './arrup-json/arrup-json';
import { writeDocx } from './docx/docx';
import { FILE_FORMAT_IDS, fileNameOf, type FileFormatId } from './file-formats';
import { writeTakeAlong } from './html/take-along';
import { serializeICalendar } from './icalendar/icalendar';
import type { LocalTime } from './icalendar/local-time';
import { writePdf } from './pdf/pdf';
import { serializeRunSheetCsv } from './run-sheet/run-sheet-csv';
import { serializeRunSheetMarkdown } from './run-sheet/run-sheet-markdown';
import { serializeScript } from './script/write-script';
import { MOST_TRACK_SECONDS, renderGuideTrack } from './wav/guide-track';
import { serializeCaptions, serializeChapters } from './webvtt/webvtt';

/** How a file is written, as the presenter has chosen. */
export type FileChoices = Readonly<{
  setting: Setting;
  pace: Pace;
  paper: Paper;
  ink: Ink;
  /** Parts of the pack; those that there is nothing to print for are left out. */
  parts: readonly PackPartId[];
  unit: LengthUnit;
  /** What certificate and stickers say that a child did; empty for what the story asks for. */
  deed?: string | undefined;
  /** Cards with their backs. */
  backs: boolean;
  /** Which child is in the pictures. */
  look: LookChoice;
  /** Who made it, as a page that leads itself says it; nobody where it is empty. */
  madeBy?: string | undefined;
  /** When the session is, by the clock on the wall. */
  startsAt: LocalTime;
}>;

/** What writing needs of the world outside. */
export type FileWorld = Readonly<{
  loadFonts: () => Promise<FontFiles>;
  /** The page that leads itself, as it was built: no adventure is in it yet. */
  loadPage: () => Promise<string>;
  pictureOf: PictureOf;
  storyPictureOf: StoryPictureOf;
  now: Date;
  onProgress?: (share: number) => void;
}>;

type Job = Readonly<{
  adventure: Adventure;
  schedule: TimedSchedule;
  choices: FileChoices;
  world: FileWorld;
  missing: Set<string>;
}>;
type Writer = (job: Job) => Uint8Array | string | Promise<Uint8Array | string>;

/** A file, and the signs in it that no font that ships can print. */
export type WrittenFile = Readonly<{ bytes: Uint8Array; missing: readonly string[] }>;

/** What is painted from: the adventure, its type and its pictures. */
async function paintedFrom({ adventure, schedule, choices, world }: Job): Promise<PackSource> {
  const { paper, ink, unit, backs } = choices;
  const type = new TypeCase(await world.loadFonts());
  const { pictureOf, storyPictureOf } = world;
  const lengthOf = (metres: number) => lengthIn(metres, unit);
  const deed = choices.deed || deedOf(adventure);
  const pictures = { pictureOf, storyPictureOf };
  return { adventure, schedule, paper, ink, type, lengthOf, deed, backs, ...pictures };
}

async function pdfOf(job: Job): Promise<Uint8Array> {
  const source = await paintedFrom(job);
  const { paper, type, adventure } = source;
  const { onProgress } = job.world;
  const title = titleOf(adventure);
  const pack = makePack(source, job.choices.parts);
  const bytes = await writePdf(pack, { paper, type, title, onProgress });
  for (const sign of type.missing) job.missing.add(sign);
  return bytes;
}

/** In colour, whatever the printer has; as SVG, which the page makes PNG of. */
async function picturesOf(job: Job): Promise<Uint8Array> {
  const pictures = titlePictures({ ...(await paintedFrom(job)), ink: 'colour' });
  const mtime = job.world.now;
  const files = pictures.map(
    ({ name, svg }) => [`${name}.svg`, [strToU8(svg), { mtime }]] as const,
  );
  return zipSync(Object.fromEntries(files) as Zippable);
}

/** Sound does not get smaller by packing, and is large: it is only put in. */
const LEVELS: Partial<Record<FileFormatId, 0>> = { wav: 0, pdf: 0, docx: 0 };

async function zipOf(job: Job): Promise<Uint8Array> {
  const { adventure } = job;
  const files: Record<string, [Uint8Array, { level: 0 | 6; mtime: Date }]> = {};
  for (const id of FILE_FORMAT_IDS.filter((one) => one !== 'zip' && one !== 'pictures')) {
    if (id === 'pdf' && !hasBeats(adventure)) continue;
    if (id === 'wav' && job.schedule.totalSeconds > MOST_TRACK_SECONDS) continue;
    const bytes = await bytesOf(id, job);
    files[fileNameOf(adventure, id)] = [bytes, { level: LEVELS[id] ?? 6, mtime: job.world.now }];
  }
  return zipSync(files);
}

/** One line a format. */
const WRITERS: Readonly<Record<FileFormatId, Writer>> = {
  json: ({ adventure }) => serializeArrupJson(adventure),
  html: async ({ adventure, choices, world }) => {
    const { pace, look, madeBy = '' } = choices;
    return writeTakeAlong(await world.loadPage(), { adventure, pace, look, madeBy });
  },
  pdf: pdfOf,
  script: ({ adventure }) => serializeScript(adventure),
  docx: ({ adventure, schedule }) => writeDocx(scriptText(adventure, schedule)),
  csv: ({ adventure, schedule }) => serializeRunSheetCsv(adventure, schedule),
  md: ({ adventure, schedule }) => serializeRunSheetMarkdown(adventure, schedule),
  captions: ({ schedule }) => serializeCaptions(schedule),
  chapters: ({ adventure, schedule }) => serializeChapters(adventure, schedule),
  pictures: picturesOf,
  wav: ({ schedule }) => renderGuideTrack(schedule),
  ics: ({ adventure, schedule, choices, world }) =>
    serializeICalendar(adventure, schedule, choices.startsAt, world.now),
  zip: zipOf,
};

async function bytesOf(id: FileFormatId, job: Job): Promise<Uint8Array> {
  const written = await WRITERS[id](job);
  return typeof written === 'string' ? strToU8(written) : written;
}

/**
 * An adventure as a file of this format. Throws a RangeError where it cannot be: a pack without a
 * page, a start that is no time; a `TrackTooLong` for a guide track of hours.
 */
export async function writeFile(
  id: FileFormatId,
  adventure: Adventure,
  choices: FileChoices,
  world: FileWorld,
): Promise<WrittenFile> {
  const { setting, pace } = choices;
  // Everything is read off the adventure as it is led there.
  const led: Adventure = id === 'json' ? adventure : { ...adventure, setting };
  const missing = new Set<string>();
  const schedule = timed(led, setting, pace);
  const bytes = await bytesOf(id, { adventure: led, schedule, choices, world, missing });
  return { bytes, missing: [...missing] };
}
