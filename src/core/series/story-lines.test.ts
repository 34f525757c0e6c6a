import { expect, it } from 'vitest';
import { parseAdventure } from '../document/parse-adventure';
import { demoAdventure, everyShape } from '../testing/shelf-of-examples';
import { withBeats } from '../testing/make';
import { withStoryLines } from './story-lines';

const linesOf = (adventure: ReturnType<typeof demoAdventure>, kind: string) =>
  adventure.chapters
    .filter((chapter) => chapter.kind === kind)
    .flatMap(({ beats }) => beats.map((beat) => ('text' in beat ? beat.text : beat.kind)));

const letter = demoAdventure('late-letter');
const first = { id: 'ses_1', lastTime: ' The fog was gone. ', nextTime: 'Who brings oil?' };

it('what happened stands after the first line of the welcome, what is wanted before the last of the goodbye', () => {
  const before = linesOf(letter, 'welcome');
  const after = withStoryLines(letter, first);
  expect(linesOf(after, 'welcome')).toEqual([before[0], 'The fog was gone.', ...before.slice(1)]);
  const bye = linesOf(letter, 'goodbye');
  expect(linesOf(after, 'goodbye')).toEqual([...bye.slice(0, -1), 'Who brings oil?', bye.at(-1)]);
  for (const adventure of everyShape()) {
    expect(parseAdventure(withStoryLines(adventure, first)).ok).toBe(true);
  }
});

it('lines of another session give way, and an empty one is none', () => {
  const then = withStoryLines(withStoryLines(letter, first), {
    id: 'ses_2',
    lastTime: 'The oil is here.',
    nextTime: '',
  });
  expect(linesOf(then, 'welcome').filter((text) => /fog was|oil is/u.test(text))).toEqual([
    'The oil is here.',
  ]);
  expect(linesOf(then, 'goodbye')).toEqual(linesOf(letter, 'goodbye'));
  const nothing = { id: 'ses_3', lastTime: '', nextTime: '  ' };
  expect(withStoryLines(then, nothing)).toEqual(letter);
  // A script with neither chapter has them at its beginning and its end.
  const bare = withStoryLines(withBeats(), first);
  expect(linesOf(bare, 'adventure')).toEqual(['The fog was gone.', 'Who brings oil?']);
});
