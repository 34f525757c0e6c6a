import { z } from 'zod';
import type { Adventure } from '../../document/adventure';
import { parseAdventure, withoutChecksum } from '../../document/parse-adventure';
import { parseDocument } from '../../model/document-kind';
import { problem, type Result } from '../../model/problem';
import { SERIES, type Series } from '../../series/series';
import { checksum } from '../../words/checksum';

/** A series with the adventures that are in it. */
export type SeriesFile = Readonly<{ series: Series; adventures: readonly Adventure[] }>;

/** 16 MiB, in characters of text: some hundred adventures. */
export const MAX_SERIES_CHARACTERS = 16 * 1024 * 1024;
const MOST_ADVENTURES = 200;

const fileSchema = z.looseObject({
  format: z.literal('arrup-series'),
  series: z.unknown(),
  adventures: z.array(z.unknown()).max(MOST_ADVENTURES),
});

/**
 * The text of a `.arrup-series.json` file: the series and the adventures that it has in it, each once; the
 * checksum comes last, and is of all that stands before it. What was written of led sessions stays at home.
 */
export function serializeSeriesJson({ series, adventures }: SeriesFile): string {
  const used = new Set(series.sessions.map(({ adventureId }) => adventureId));
  const mine = adventures.filter(({ id }) => used.has(id));
  const file = { format: 'arrup-series', version: series.version, series, adventures: mine };
  return `${JSON.stringify({ ...file, checksum: checksum(JSON.stringify(file)) }, null, 2)}\n`;
}

/** A series and its adventures as they stand in a plain JSON value, each brought to this build's version. */
export function parseSeriesFile(input: unknown): Result<SeriesFile> {
  const file = fileSchema.safeParse(withoutChecksum(input));
  if (!file.success) return { ok: false, problems: [problem('not-series')] };
  const series = parseDocument(SERIES, file.data.series);
  if (!series.ok) {
    const problems = series.problems.map((one) => ({ ...one, path: ['series', ...one.path] }));
    return { ok: false, problems };
  }
  const adventures: Adventure[] = [];
  for (const [n, one] of file.data.adventures.entries()) {
    const parsed = parseAdventure(one);
    if (!parsed.ok) {
      const at = ['adventures', n];
      const problems = parsed.problems.map((each) => ({ ...each, path: [...at, ...each.path] }));
      return { ok: false, problems };
    }
    adventures.push(parsed.value);
  }
  return { ok: true, value: { series: series.value, adventures } };
}

/** The series in the text of a file, or what is wrong with it and where. */
export function parseSeriesJson(text: string): Result<SeriesFile> {
  if (text.length > MAX_SERIES_CHARACTERS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_SERIES_CHARACTERS })] };
  }
  try {
    return parseSeriesFile(JSON.parse(text.replace(/^\uFEFF/u, '')));
  } catch {
    return { ok: false, problems: [problem('not-json')] };
  }
}
