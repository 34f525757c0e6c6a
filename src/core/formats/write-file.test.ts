import { unzipSync, strFromU8 } from 'fflate';
import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { coverageOf } from '../series/coverage';
import { FIRST_DAY, rowOf, seriesOf } from '../testing/make-series';
import { pictureOfWord } from '../testing/pack-source';
import { printFontFiles } from '../testing/print-fonts';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { without } from '../testing/without';
import { FILE_FORMAT_IDS, fileNameOf, type FileFormatId } from './file-formats';
import { SERIES_FORMAT_IDS, seriesFileName, type SeriesFormatId } from './series/series-formats';
import { writeFile, type FileChoices, type FileWorld } from './write-file';
import { writeSeries } from './write-series';

const adventure = {
  ...withBeats(
    { kind: 'tell', id: 'bt_say', text: 'The ferry is late again.' },
    moveBeat([doseOf('squat', 5), doseOf('march', 20, { unit: 'seconds' })]),
  ),
  title: 'The ferry',
};
const choices: FileChoices = {
  setting: adventure.setting,
  pace: DEFAULT_PACE,
  paper: 'a4',
  ink: 'saving',
  parts: ['run-sheet'],
  unit: 'metres',
  backs: false,
  look: 'mixed',
  startsAt: '2027-03-02T09:30',
};
const world: FileWorld = {
  loadFonts: async () => printFontFiles(),
  loadPage: async () =>
    '<!doctype html><script type="application/json" id="carried"></script><body></body>',
  pictureOf: ({ id }) => pictureOfWord(id),
  storyPictureOf: pictureOfWord,
  now: new Date('2027-02-01T12:00:00Z'),
};
const written = async (id: FileFormatId, one = adventure, more: Partial<FileChoices> = {}) =>
  (await writeFile(id, one, { ...choices, ...more }, world)).bytes;
const begins = (bytes: Uint8Array, most = 24) => strFromU8(bytes.subarray(0, most), true);

describe('writeFile', () => {
  // What files of each kind begin with, by their own standards.
  it.each([
    ['json', '{'],
    ['html', '<!doctype html>'],
    ['pdf', '%PDF-'],
    ['script', '# The ferry'],
    ['docx', 'PK'],
    ['csv', ''],
    ['md', '# The ferry'],
    ['captions', 'WEBVTT'],
    ['chapters', 'WEBVTT'],
    ['pictures', 'PK'],
    ['wav', 'RIFF'],
    ['ics', 'BEGIN:VCALENDAR'],
    ['zip', 'PK'],
  ] as const)('writes %s', async (id, first) => {
    const bytes = await written(id);
    expect(bytes.length).toBeGreaterThan(40);
    expect(begins(bytes).startsWith(first)).toBe(true);
  });

  it('everything in one has each of the others, by its own name, but the pictures', async () => {
    const inside = Object.keys(unzipSync(await written('zip')));
    const others = FILE_FORMAT_IDS.filter((id) => id !== 'zip' && id !== 'pictures');
    expect(inside.sort()).toEqual(others.map((id) => fileNameOf(adventure, id)).sort());
  });
  it('an empty one has no pack in it, and its pack alone is refused', async () => {
    const empty = { ...adventure, chapters: [] };
    const inside = Object.keys(unzipSync(await written('zip', empty)));
    expect(inside).not.toContain(fileNameOf(empty, 'pdf'));
    expect(inside).toContain(fileNameOf(empty, 'json'));
    await expect(written('pdf', empty)).rejects.toThrow(RangeError);
  });
  it('is as it is led in the setting that was chosen; the file itself stays as it is', async () => {
    const setting = { ...adventure.setting, ages: { from: 3, to: 3 } };
    expect(strFromU8(await written('md', adventure, { setting }))).toContain('Ages 3 to 3');
    expect(strFromU8(await written('json', adventure, { setting }))).toBe(
      strFromU8(await written('json')),
    );
  });
  it('tells of signs that no font here can print', async () => {
    const strange = { ...adventure, title: 'The 鳥 ferry' };
    const { missing } = await writeFile('pdf', strange, choices, world);
    expect(missing).toContain('鳥');
    expect((await writeFile('pdf', adventure, choices, world)).missing).toEqual([]);
  });
  it('the run sheet says what is done, how often, and what is said', async () => {
    const text = strFromU8(await written('md'));
    expect(text).toContain('## The way');
    expect(text).toMatch(/- 0:\d\d .*“The ferry is late again.”/u);
    expect(text).toMatch(/\*\*squat\*\*.*5 reps/u);
  });
});

describe('writeSeries', () => {
  const series = { ...seriesOf([adventure, adventure, null]), title: 'Tuesdays' };
  const row = rowOf(series, [adventure]);
  const own = without(choices, 'setting', 'startsAt');
  const heard: number[] = [];
  const job = {
    series,
    adventures: [adventure, { ...adventure, id: 'adv_elsewhere' }],
    coverage: coverageOf(row.covered, FIRST_DAY),
    choices: own,
    world: { ...world, onProgress: (share: number) => void heard.push(share) },
  };
  const bytesOf = (id: SeriesFormatId) => writeSeries(id, job);

  it.each([
    ['json', '{'],
    ['pdf', '%PDF-'],
    ['note', '%PDF-'],
    ['docx', 'PK'],
    ['md', '# Tuesdays'],
    ['svg', '<svg'],
    ['ics', 'BEGIN:VCALENDAR'],
  ] as const)('writes %s', async (id, first) => {
    expect(begins(await bytesOf(id)).startsWith(first)).toBe(true);
  });
  it('all of it has each of the others, and the pack of each adventure once', async () => {
    const inside = Object.keys(unzipSync(await bytesOf('zip')));
    const others = SERIES_FORMAT_IDS.filter((id) => id !== 'zip');
    expect(inside.sort()).toEqual(
      [
        ...others.map((id) => seriesFileName(series, id)),
        `packs/1-${fileNameOf(adventure, 'pdf')}`,
      ].sort(),
    );
    expect(heard).toEqual([1]);
  });
  it('goes by its title, in any script', () => {
    expect(seriesFileName({ title: 'Été' }, 'csv')).toMatch(/^Été.*\.csv$/u);
    expect(seriesFileName({ title: '' }, 'zip')).toBe('series.series.zip');
  });
});
