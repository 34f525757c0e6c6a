import { BUILT_IN, LOOKS, newOwnMove, type Move } from '$core';
import { describe, expect, it } from 'vitest';
import {
  ICON_WORDS,
  pictureUrl,
  printedPictures,
  screenPicture,
  storyPicture,
} from './move-pictures';

const squat = BUILT_IN.get('squat')!;
const ASK = { sizePx: 64 };
const like = (figure: Move['figure']): Move => ({ ...newOwnMove(() => 'own_1'), figure });

describe('what a move looks like', () => {
  it('is the same picture again for the same move, look and page', () => {
    const one = screenPicture(squat, { ...ASK, poses: 2, look: 'mixed', mode: 'light' });
    expect(screenPicture(squat, { ...ASK, poses: 2, look: 'mixed', mode: 'light' })).toBe(one);
    expect(screenPicture(squat, { ...ASK, poses: 1, look: 'mixed', mode: 'light' })).not.toEqual(
      one,
    );
    expect(screenPicture(squat, { ...ASK, poses: 2, look: 'mixed', mode: 'dark' })).not.toEqual(
      one,
    );
  });

  it('a move of one’s own is drawn as it says, and anew each time', () => {
    // As hard as the move that it looks like: its face says so too.
    const { effort, posture, usual } = BUILT_IN.get('frog-jump')!;
    const frog = { ...like({ kind: 'like', move: 'frog-jump' }), effort, posture, usual };
    const asFrog = screenPicture(frog, { ...ASK, poses: 1, look: 'reed', mode: 'light' });
    const real = screenPicture(BUILT_IN.get('frog-jump')!, {
      ...ASK,
      poses: 1,
      look: 'reed',
      mode: 'light',
    });
    expect(asFrog).toEqual(real);
    const asKite = screenPicture(like({ kind: 'icon', word: 'kite' }), {
      ...ASK,
      poses: 1,
      look: 'reed',
      mode: 'light',
    });
    expect(asKite.strokes.map(([element]) => element)).toEqual(
      storyPicture('kite')!.strokes.map(([element]) => element),
    );
  });

  it('every look is another picture, and lines have none of their colours', () => {
    const urls = LOOKS.map(({ id }) =>
      pictureUrl(printedPictures(id)(squat, { poses: 1, ink: 'colour' })),
    );
    expect(new Set(urls).size).toBe(LOOKS.length);
    for (const { id, paints } of LOOKS) {
      const lines = JSON.stringify(printedPictures(id)(squat, { poses: 1, ink: 'saving' }));
      for (const colour of Object.values(paints)) expect(lines).not.toContain(colour);
    }
  });

  it('every icon that is offered is there, whatever the case of its word', () => {
    expect(ICON_WORDS.length).toBeGreaterThan(30);
    for (const word of ICON_WORDS) expect(storyPicture(word.toUpperCase())).not.toBeNull();
    expect(storyPicture('constructor')).toBeNull();
  });
});
