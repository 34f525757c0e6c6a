import { strToU8, zipSync } from 'fflate';
import type { Adventure } from '../document/adventure';
import { hasBeats } from '../document/beats-of';
import type { PrintText } from '../print/document';
import { TypeCase } from '../print/type-case';
import { kitInWords, kitListOf } from '../prep/kit-list';
import { adventuresById } from '../series/build-row';
import type { Coverage } from '../series/coverage';
import type { Series } from '../series/series';
import { writeDocx } from './docx/docx';
import { fileNameOf } from './file-formats';
import { writePdf } from './pdf/pdf';
import { coverageSvg } from './series/coverage-picture';
import { serializeSeriesCalendar, type CalendarSession } from './series/series-calendar';
import { SERIES_FORMAT_IDS, seriesFileName, type SeriesFormatId } from './series/series-formats';
import { serializeSeriesJson } from './series/series-json';
import { termNoteText, termPlanCsv, termPlanMarkdown, termPlanText } from './series/term-plan';
import { writeFile, type FileChoices, type FileWorld } from './write-file';

/** A series with all that its files are made from. */
export type SeriesJob = Readonly<{
  series: Series;
  adventures: readonly Adventure[];
  coverage: Coverage;
  /** How the packs are printed; each adventure is printed as it is led in the series. */
  choices: Omit<FileChoices, 'setting' | 'startsAt'>;
  world: FileWorld;
}>;
type Writer = (job: SeriesJob) => Uint8Array | string | Promise<Uint8Array>;

async function pdfOf(text: PrintText, { choices, world }: SeriesJob): Promise<Uint8Array> {
  const { paper } = choices;
  const type = new TypeCase(await world.loadFonts());
  // As a run sheet, type is made as small as one page takes.
  return writePdf([{ id: 'run-sheet', text }], { paper, type, title: text.title });
}

function calendarOf({ series, adventures, coverage, world }: SeriesJob): string {
  const byId = adventuresById(adventures);
  const sessions = new Map(
    series.sessions.map((session, n): [string, CalendarSession] => {
      const adventure = byId.get(session.adventureId ?? '');
      const kit = adventure ? kitListOf(adventure, series.setting).map(kitInWords) : [];
      return [session.id, { title: coverage.sessions[n]!.title, kit }];
    }),
  );
  return serializeSeriesCalendar(series, (id) => sessions.get(id)!, world.now);
}

/** Everything of the series, and the pack of each adventure once; `onProgress` hears of each. */
async function zipOf(job: SeriesJob): Promise<Uint8Array> {
  const { series, adventures, choices, world } = job;
  const files: Record<string, [Uint8Array, { level: 0 | 6; mtime: Date }]> = {};
  const put = (name: string, bytes: Uint8Array, level: 0 | 6) => {
    files[name] = [bytes, { level, mtime: world.now }];
  };
  for (const id of SERIES_FORMAT_IDS.filter((one) => one !== 'zip')) {
    put(seriesFileName(series, id), await bytesOf(id, job), id === 'pdf' || id === 'note' ? 0 : 6);
  }
  const used = new Set(series.sessions.map(({ adventureId }) => adventureId));
  const packed = adventures.filter((one) => used.has(one.id) && hasBeats(one));
  for (const [n, adventure] of packed.entries()) {
    const own = { ...choices, setting: adventure.setting, startsAt: '2000-01-01T00:00' };
    const quiet = { ...world, onProgress: () => undefined };
    const { bytes } = await writeFile('pdf', adventure, own, quiet);
    put(`packs/${n + 1}-${fileNameOf(adventure, 'pdf')}`, bytes, 0);
    world.onProgress?.((n + 1) / packed.length);
  }
  return zipSync(files);
}

/** One line a format. */
const WRITERS: Readonly<Record<SeriesFormatId, Writer>> = {
  json: ({ series, adventures }) => serializeSeriesJson({ series, adventures }),
  pdf: (job) => pdfOf(termPlanText(job.series, job.coverage), job),
  note: (job) => pdfOf(termNoteText(job.series, job.coverage), job),
  docx: ({ series, coverage }) => writeDocx(termPlanText(series, coverage)),
  csv: ({ series, coverage }) => termPlanCsv(series, coverage),
  md: ({ series, coverage }) => termPlanMarkdown(series, coverage),
  svg: ({ series, coverage }) => coverageSvg(series, coverage),
  ics: calendarOf,
  zip: zipOf,
};

async function bytesOf(id: SeriesFormatId, job: SeriesJob): Promise<Uint8Array> {
  const written = await WRITERS[id](job);
  return typeof written === 'string' ? strToU8(written) : written;
}

/** A series as a file of this format. */
export function writeSeries(id: SeriesFormatId, job: SeriesJob): Promise<Uint8Array> {
  return bytesOf(id, job);
}
