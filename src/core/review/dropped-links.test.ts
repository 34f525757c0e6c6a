import { expect, it } from 'vitest';
import { chainBeat, withBeats } from '../testing/make';
import { droppedLinks } from './dropped-links';
import type { Laid } from './lay';

/** Four rounds of twenty seconds each, one after another. */
const ROUND_SECONDS = 20;
const chain = chainBeat(['clap', 'march', 'squat']);
const [clap, march] = chain.links.map(({ id }) => id);
const laid = {
  segments: [1, 2, 3, 4].map((round) => ({ beatId: chain.id, round })),
  alignment: {
    found: [0, 1, 2, 3].map((segment) => ({
      segment,
      fromSeconds: segment * ROUND_SECONDS,
      toSeconds: (segment + 1) * ROUND_SECONDS,
    })),
  },
} as unknown as Laid;

/** What is told of links where these words were said at these seconds. */
function dropped(said: Readonly<Record<string, readonly number[]>>, beat = chain) {
  const words = Object.entries(said)
    .flatMap(([text, times]) =>
      times.map((at) => ({ text, startSeconds: at, endSeconds: at + 0.4 })),
    )
    .sort((a, b) => a.startSeconds - b.startSeconds);
  return droppedLinks(withBeats(beat), laid, words).map(({ part, startSeconds, state }) => [
    part,
    startSeconds,
    state,
  ]);
}
const ALL = { clap: [2, 22, 42, 62], march: [25, 45, 65], squat: [48, 68] };

it('nothing is told where all are named to the end, or the last round is short', () => {
  expect(dropped(ALL)).toEqual([]);
  expect(dropped({ ...ALL, march: [25, 45] })).toEqual([]);
});

it('a link that is named no more while the others are: a little after it was named last', () => {
  expect(dropped({ ...ALL, march: [25] })).toEqual([[march, 28, 'left out']]);
  expect(dropped({ ...ALL, clap: [2] })).toEqual([[clap, 5, 'left out']]);
});

it('a link that nobody ever named: from when it was due', () => {
  expect(dropped({ ...ALL, march: [] })).toEqual([[march, 20, 'left out']]);
});

it('the others have to go on twice, each three seconds or more after the time before', () => {
  expect(dropped({ clap: [2, 42], march: [25], squat: [48] })).toEqual([]);
  expect(dropped({ clap: [2, 42, 44], march: [25], squat: [48, 50] })).toEqual([]);
  expect(dropped({ clap: [2, 42, 45], march: [25], squat: [48, 51] })).toEqual([
    [march, 28, 'left out'],
  ]);
});

it('where most of the others are not named either, nobody names anything', () => {
  expect(dropped({ clap: [2, 22, 42, 62], march: [25], squat: [] })).toEqual([]);
});

it('a name that two links share tells of neither, and one link alone is never dropped', () => {
  const twice = { ...chain, links: [chain.links[0]!, { ...chain.links[0]!, id: 'ac_twice' }] };
  expect(dropped({ clap: [2] }, twice)).toEqual([]);
  expect(dropped({ clap: [2] }, { ...chain, links: [chain.links[0]!] })).toEqual([]);
});

it('only what was said while the chain was led counts', () => {
  // Before it and after it.
  expect(dropped({ ...ALL, march: [25, 95] })).toEqual([[march, 28, 'left out']]);
  expect(dropped({ ...ALL, squat: [48, 68, 80] })).toEqual([]);
});
