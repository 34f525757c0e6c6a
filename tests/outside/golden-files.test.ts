/**
 * What stands in the files of every demo and every starting point, and in those of a series of the demos. Short
 * sums, so that a line, a place or a number that was changed by accident is noticed; readers that aren't ours
 * read the files in other tests.
 */
import { unzipSync } from 'fflate';
import { expect, it } from 'vitest';
import { BUILT_IN, DEFAULT_PACE, type Adventure } from '../../src/core';
import { FILE_FORMAT_IDS } from '../../src/core/formats/file-formats';
import { SERIES_FORMAT_IDS } from '../../src/core/formats/series/series-formats';
import { writeFile, type FileChoices, type FileWorld } from '../../src/core/formats/write-file';
import { writeSeries } from '../../src/core/formats/write-series';
import { coverageOf } from '../../src/core/series/coverage';
import { withLed } from '../../src/core/series/led-in';
import { ledOn, rowOf, seriesOf } from '../../src/core/testing/make-series';
import { pictureOfWord } from '../../src/core/testing/pack-source';
import { printFontFiles } from '../../src/core/testing/print-fonts';
import { demoAdventure } from '../../src/core/testing/shelf-of-examples';
import { hashOf, holdsStill, writtenDown } from './golden-documents';

const world: FileWorld = {
  loadFonts: async () => printFontFiles(),
  loadPage: async () => '<script type="application/json" id="carried"></script>',
  pictureOf: ({ id }) => pictureOfWord(id),
  storyPictureOf: pictureOfWord,
  now: new Date('2027-02-01T12:00:00Z'),
};
const choicesOf = ({ setting }: Adventure): FileChoices => ({
  setting,
  pace: DEFAULT_PACE,
  paper: 'a4',
  ink: 'saving',
  parts: [],
  unit: 'metres',
  backs: false,
  look: 'mixed',
  startsAt: '2027-03-02T09:30',
});

const sumOf = (bytes: Uint8Array) => hashOf(Buffer.from(bytes).toString('base64'));

/** What a file says; one for a word processor says besides when it was made. */
function saidIn(id: string, bytes: Uint8Array): string {
  return sumOf(id === 'docx' ? unzipSync(bytes)['word/document.xml']! : bytes);
}

/** Packs and pictures are looked at as they're painted; in a page and a zip is what is in the others. */
const LEFT = new Set(['pdf', 'note', 'pictures', 'html', 'zip']);
const told = FILE_FORMAT_IDS.filter((id) => !LEFT.has(id));

await holdsStill('tests/outside/golden/files.json', async (adventure, name) => {
  const choices = choicesOf(adventure);
  const sums: Record<string, string> = {};
  // Sound is worked out sample by sample: that of one of them.
  const here = told.filter((id) => id !== 'wav' || name.startsWith('marsh-morning'));
  for (const id of here)
    sums[id] = saidIn(id, (await writeFile(id, adventure, choices, world)).bytes);
  return sums;
});

/** Weeks with a gap, a day that fell out, and the first two led. */
async function seriesFiles() {
  const adventures = ['late-letter', 'marsh-morning', 'six-lamps', 'ferry-die'].map(demoAdventure);
  const [letter, marsh, lamps, ferry] = adventures as [Adventure, Adventure, Adventure, Adventure];
  const row = [letter, marsh, null, lamps, ferry, letter];
  const planned = seriesOf(row, { title: 'Tuesdays by the marsh' }, (n) =>
    n === 4 ? { fallsOut: 'snow' } : {},
  );
  const [first, second] = planned.sessions.map(({ day }) => day) as [string, string];
  const runs = [ledOn(letter, first), ledOn(marsh, second)];
  const series = withLed(
    planned,
    runs,
    () => BUILT_IN,
    (time) => time.slice(0, 10),
  );
  const coverage = coverageOf(rowOf(series, row, second).covered, second);
  const job = { series, adventures, coverage, choices: choicesOf(letter), world };
  const sums: Record<string, string> = {};
  for (const id of SERIES_FORMAT_IDS.filter((one) => !LEFT.has(one)))
    sums[id] = saidIn(id, await writeSeries(id, job));
  return sums;
}
const series = await seriesFiles();

it('the files of a series are what they were', () => {
  expect(series).toEqual(writtenDown('tests/outside/golden/files-of-a-series.json', series));
});
