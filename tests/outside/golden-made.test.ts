/**
 * What is made for the presenter: ideas for lines of story, lines of what is learned, whole drafts, what is said
 * of weeks and proposed for their gaps. Written down, so that a number that changes by accident is noticed;
 * `GOLDEN=write npx vitest run tests/outside/golden-made.test.ts` writes it anew, and the commit says why.
 */
import { dictionary } from 'cmu-pronouncing-dictionary';
import text from 'virtual:word-net';
import { expect, it } from 'vitest';
import { DEFAULT_PACE, type Adventure } from '../../src/core';
import { draft } from '../../src/core/draft/draft';
import { DRAFT_SHAPES } from '../../src/core/draft/wish';
import { serializeScript } from '../../src/core/formats/script/write-script';
import { ideasFor, reasonOf } from '../../src/core/ideas/ideas';
import { readWordNet } from '../../src/core/ideas/word-net';
import { allLearnLines } from '../../src/core/learning/learn-lines';
import { DEFAULT_SETTING, type Setting } from '../../src/core/model/setting';
import { BUILT_IN } from '../../src/core/moves/move-book';
import { candidatesFor } from '../../src/core/series/candidates';
import { laterBy } from '../../src/core/series/days';
import { proposalsFor } from '../../src/core/series/next';
import { rowNotes } from '../../src/core/series/row-notes';
import { reasonInWords, rowMendInWords, rowNoteInWords } from '../../src/core/series/row-words';
import { isGap } from '../../src/core/series/series';
import { countingIds } from '../../src/core/testing/make';
import { FIRST_DAY, rowOf, seriesOf } from '../../src/core/testing/make-series';
import { everyShape } from '../../src/core/testing/shelf-of-examples';
import { STORY_LINES } from '../../src/core/testing/story-lines';
import { hashOf, writtenDown } from './golden-documents';

const SHAPES = everyShape().map((one, n): Adventure => ({ ...one, id: `adv_${n}` }));
const FILE = 'tests/outside/golden/made.json';
const net = readWordNet(text);
const settingOf = (from: number, minutes: number): Setting => ({
  ...DEFAULT_SETTING,
  ages: { from, to: Math.min(7, from + 1) },
  slotSeconds: minutes * 60,
});

/** "fairy-steps (bridge: narrow), …" for fives, and in short for the youngest and the oldest. */
function ideasOf(line: string): string {
  const ideas = (from: number) =>
    ideasFor(line, { book: BUILT_IN, setting: settingOf(from, 12), net });
  const told = ideas(5).map((idea) => `${idea.move.id} (${reasonOf(idea)})`);
  const others = [3, 6].flatMap((from) => ideas(from).map(({ move, said }) => [move.id, said]));
  return `${told.join(', ')}; ${hashOf(others)}`;
}

/** A draft of each shape, as the script that it is, and how long it takes. */
function draftOf(shape: (typeof DRAFT_SHAPES)[number], n: number): readonly string[] {
  const setting = settingOf(3 + (n % 4), [6, 8, 10, 12][n % 4]!);
  const story = { want: 'Carry the lamp to the tower.', place: 'the marsh', hero: 'Wick' };
  const { adventure, seconds } = draft(
    { ...story, learning: '', shape, setting, seed: 20 + n },
    { book: BUILT_IN, net, sounds: dictionary, pace: DEFAULT_PACE, newId: countingIds() },
  );
  return [`${Math.round(seconds)} s`, ...serializeScript(adventure).split('\n').filter(Boolean)];
}

const ideas = () => Object.fromEntries(STORY_LINES.map(({ line }) => [line, ideasOf(line)]));
const learned = () => allLearnLines().flatMap(({ lines }) => lines.map(({ line }) => line));
const drafts = () =>
  Object.fromEntries(DRAFT_SHAPES.map((shape, n) => [shape, draftOf(shape, n)] as const));

/** Weeks of every shape, with gaps: what is said of them, and what is proposed for the first gap. */
function weeksFrom(from: number): readonly string[] {
  const row = SHAPES.map((one, n) => (n % 5 === 3 ? null : one)).slice(from, from + 8);
  const series = seriesOf(row, { setting: settingOf(5, 12) });
  const looked = rowOf(series, row, series.sessions[4]!.day);
  const { covered } = looked;
  const shelf = SHAPES.slice(0, 12).map((adventure, n) => {
    const lastDay = n % 3 === 0 ? laterBy(FIRST_DAY, -7 * n) : null;
    return { adventure, lastDay };
  });
  const candidates = candidatesFor(series, covered, shelf, SHAPES.slice(12), DEFAULT_PACE);
  const sessionId = series.sessions.find(isGap)!.id;
  return [
    ...rowNotes(looked).map((note) =>
      [rowNoteInWords(note), rowMendInWords(note.mend, note)].join(' '),
    ),
    ...proposalsFor({ series, covered, candidates, sessionId }).map(
      ({ candidate, reasons }) =>
        `${candidate.id} (${candidate.kind}): ${reasons.map(reasonInWords).join(', ')}`,
    ),
  ];
}
const weeks = () => Object.fromEntries([0, 6, 12, 18].map((from) => [from, weeksFrom(from)]));

const MADE = { ideas, learned, drafts, weeks };
const now = Object.fromEntries(Object.entries(MADE).map(([name, make]) => [name, make()]));
const before = writtenDown(FILE, now);

it.each(Object.keys(MADE))('%s are what they were', (name) => {
  expect(now[name]).toEqual(before[name]);
});
