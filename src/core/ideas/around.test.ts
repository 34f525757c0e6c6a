import { expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { movesAround, placeOfLine } from './around';

const MOVES = ['march', 'jog', 'hop', 'squat', 'plank', 'skip', 'gallop', 'leap'];
const beats = MOVES.map((id) => moveBeat([doseOf(id, 5)]));
const tell = { kind: 'tell', id: 'bt_tell', text: ' Over the marsh. ' } as const;
const one = withBeats(...beats.slice(0, 4), tell);
const script = {
  chapters: [one.chapters[0]!, { ...one.chapters[0]!, id: 'ch_2', beats: beats.slice(4) }],
};

it('a line stands among the three moves before it and the three after it, across chapters', () => {
  expect([...movesAround(script, { chapterId: 'ch_1', index: 5 })]).toEqual([
    'jog',
    'hop',
    'squat',
    'plank',
    'skip',
    'gallop',
  ]);
  expect([...movesAround(script, { chapterId: 'ch_1', index: 0 })]).toEqual([
    'march',
    'jog',
    'hop',
  ]);
  expect([...movesAround(script, { chapterId: 'ch_2', index: 99 })]).toEqual([
    'skip',
    'gallop',
    'leap',
  ]);
  expect([...movesAround({ chapters: [] }, { chapterId: 'ch_1', index: 0 })]).toEqual([]);
});

it('a line is found where it is said, whatever space is around it', () => {
  expect(placeOfLine(script, 'Over the marsh.')).toEqual({ chapterId: 'ch_1', index: 5 });
  expect(placeOfLine(script, 'Over the sea.')).toBeNull();
});
