import {
  adventuresById,
  buildRow,
  candidatesFor,
  coverageOf,
  DEFAULT_PACE,
  laddersOf,
  moveBookOf,
  parseAdventure,
  parseSeriesFile,
  plannedTotals,
  proposalsFor,
  reasonInWords,
  rowMendInWords,
  rowNoteInWords,
  rowNotes,
  SERIES_FORMAT_IDS,
  SERIES_FORMATS,
  seriesFileName,
  titleOf,
  type OnShelf,
  type Pace,
  type SeriesFile,
  type SeriesFormatId,
  type SeriesRow,
} from '$core';
import { writeSeries } from '$core/files';
import type { z } from 'zod';
import { fileWorld } from '$lib/files/file-world';
import { checked, readJson, refuse, refuseWith } from '$lib/server/answer';
import {
  coverageRequestSchema,
  nextRequestSchema,
  seriesExportRequestSchema,
} from '$lib/server/requests';
import type { Answer, ReadAsset } from './an-answer';

type Read<Body> = Readonly<{ body: Body; file: SeriesFile; row: SeriesRow; pace: Pace }>;

/** What was sent with a series in it, all checked; or the answer that says what is wrong. */
function seriesIn<Schema extends typeof coverageRequestSchema>(
  value: unknown,
  schema: Schema,
): Read<z.infer<Schema>> | Response {
  const sent = checked(value, schema);
  if (sent instanceof Response) return sent;
  const body = sent.body as z.infer<typeof coverageRequestSchema>;
  const { series, adventures } = body;
  const file = parseSeriesFile({ format: 'arrup-series', series, adventures });
  if (!file.ok) return refuse(file.problems);
  const pace = body.pace ?? DEFAULT_PACE;
  const today = body.today ?? new Date().toISOString().slice(0, 10);
  const byId = adventuresById(file.value.adventures);
  const row = buildRow(file.value.series, byId, (one) => plannedTotals(one, pace), today);
  return { body: sent.body, file: file.value, row, pace };
}

async function readSeries<Schema extends typeof coverageRequestSchema>(
  request: Request,
  schema: Schema,
): Promise<Read<z.infer<Schema>> | Response> {
  const read = await readJson(request);
  return read instanceof Response ? read : seriesIn(read.value, schema);
}

/** What the row covers, what there is to say of it, and how its moves grow. */
export const answerCoverage: Answer = async (request) => {
  const read = await readSeries(request, coverageRequestSchema);
  if (read instanceof Response) return read;
  const { row, file } = read;
  const notes = rowNotes(row).map((note) => ({
    ...note,
    words: rowNoteInWords(note),
    mendWords: rowMendInWords(note.mend, note),
  }));
  const book = moveBookOf({ moves: file.adventures.flatMap(({ moves }) => moves) });
  const ladders = laddersOf(row.covered, book);
  return Response.json({ coverage: coverageOf(row.covered, row.today), notes, ladders });
};

/** What could fill a session: from the shelf that was sent, and the stories of the row with other moves. */
export const answerNext: Answer = async (request) => {
  const read = await readSeries(request, nextRequestSchema);
  if (read instanceof Response) return read;
  const { body, row, pace } = read;
  const { sessionId } = body;
  if (!row.series.sessions.some(({ id }) => id === sessionId)) {
    const message = `There is no session “${sessionId}” in the series.`;
    return refuseWith(422, 'not-one-of', message, ['sessionId']);
  }
  const shelf: OnShelf[] = [];
  for (const [n, { adventure, lastDay }] of body.shelf.entries()) {
    const parsed = parseAdventure(adventure);
    if (!parsed.ok) {
      const at = ['shelf', n, 'adventure'];
      return refuse(parsed.problems.map((one) => ({ ...one, path: [...at, ...one.path] })));
    }
    shelf.push({ adventure: parsed.value, lastDay });
  }
  const candidates = candidatesFor(row.series, row.covered, shelf, [], pace);
  const proposals = proposalsFor({ ...row, candidates, sessionId }).map(
    ({ candidate: { kind, adventure, sums }, reasons }) => ({
      kind,
      adventureId: adventure.id,
      title: titleOf(adventure),
      sums,
      reasons: reasons.map((reason) => ({ ...reason, words: reasonInWords(reason) })),
      ...(kind === 'other moves' ? { adventure } : {}),
    }),
  );
  return Response.json({ proposals });
};

export const isSeriesFormat = (name: string): name is SeriesFormatId =>
  (SERIES_FORMAT_IDS as readonly string[]).includes(name);

/** The series that was sent as a file. */
export async function seriesFile(
  value: unknown,
  format: string,
  readAsset: ReadAsset,
): Promise<Response> {
  if (!isSeriesFormat(format)) {
    const message = `There is no export “${format}” of a series. There is: ${SERIES_FORMAT_IDS.join(', ')}.`;
    return refuseWith(404, 'not-one-of', message, ['format']);
  }
  const read = seriesIn(value, seriesExportRequestSchema);
  if (read instanceof Response) return read;
  const { body, file, row, pace } = read;
  const world = fileWorld(readAsset, body.look, new Date());
  const { paper, ink, parts, unit, look, backs } = body;
  const choices = { pace, paper, ink, parts, unit, look, backs };
  const coverage = coverageOf(row.covered, row.today);
  const bytes = await writeSeries(format, { ...file, coverage, choices, world });
  const name = encodeURIComponent(seriesFileName(file.series, format));
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': SERIES_FORMATS[format].mediaType,
      'content-disposition': `attachment; filename*=UTF-8''${name}`,
    },
  });
}
