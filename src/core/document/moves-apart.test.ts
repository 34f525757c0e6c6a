import { describe, expect, it } from 'vitest';
import { movesOfBeat } from '../beats';
import { BUILT_IN, moveBookOf } from '../moves/move-book';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { withMovesApart } from './moves-apart';
import { parseAdventure } from './parse-adventure';

const squat = BUILT_IN.get('squat')!;
const harmless = { ...squat, name: 'harmless squat', cautions: [], easier: null, harder: null };
const own = { ...squat, id: 'own-reed', name: 'reed', easier: 'squat' };

const adventure = {
  ...withBeats(
    moveBeat([{ ...doseOf('squat', 5), also: ['own-reed'] }, doseOf('own-reed', 3)]),
    drawBeat(['squat', 'hop'], {
      rules: {
        between: { move: 'squat', leastSeconds: 5, mostSeconds: 9, tightens: false },
      },
    }),
  ),
  moves: [harmless, own],
};
const usedIn = (one: typeof adventure) => [
  ...new Set(one.chapters.flatMap(({ beats }) => beats.flatMap((beat) => movesOfBeat(beat)))),
];

describe('moves that a file brings along', () => {
  it('never take the place of one of the catalogue', () => {
    expect(moveBookOf(adventure).get('squat')).toBe(squat);
    expect(moveBookOf(adventure).get('own-reed')).toBe(own);
  });

  it('get an id of their own where theirs is the catalogue’s, wherever it stands', () => {
    const apart = withMovesApart(adventure, []) as typeof adventure;
    expect(apart.moves.map(({ id }) => id)).toEqual(['squat-2', 'own-reed']);
    expect(apart.moves[1]!.easier).toBe('squat-2');
    expect(usedIn(apart).sort()).toEqual(['hop', 'own-reed', 'squat-2']);
    expect(parseAdventure(JSON.parse(JSON.stringify(apart))).ok).toBe(true);
  });

  it('stay apart from another one of the presenter’s, and are one with the same', () => {
    const file = { ...adventure, moves: [own] };
    expect(withMovesApart(file, [own])).toBe(file);
    const apart = withMovesApart(file, [{ ...own, name: 'mine' }]) as typeof adventure;
    expect(apart.moves.map(({ id }) => id)).toEqual(['own-reed-2']);
    expect(usedIn(apart)).toContain('own-reed-2');
  });
});
