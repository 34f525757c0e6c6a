import { describe, expect, it } from 'vitest';
import { NO_GUISE } from '../model/action';
import { parseAdventure } from './parse-adventure';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { CATALOGUE } from '../moves/catalogue';
import { movesUsed } from './moves-used';
import { swapMove } from './swap-move';

const move = (id: string) => CATALOGUE.find((one) => one.id === id)!;

describe('a move in place of another', () => {
  const script = withBeats(
    moveBeat([
      {
        ...doseOf('frog-jump', 6),
        guise: { ...NO_GUISE, name: 'leaps' },
      },
      doseOf('march', 20, { unit: 'seconds' }),
    ]),
    drawBeat(['frog-jump', 'hop']),
  );

  it('is swapped everywhere, and keeps its name in the story and its dose', () => {
    const swapped = swapMove(script, 'frog-jump', move('squat'));
    expect(movesUsed(swapped).map(({ id }) => id)).toEqual(['squat', 'march', 'hop']);
    expect(swapped.chapters[0]!.beats[0]).toMatchObject({
      actions: [{ move: 'squat', guise: { name: 'leaps' }, dose: { amounts: [6] } }, {}],
    });
    expect(parseAdventure(JSON.parse(JSON.stringify(swapped))).ok).toBe(true);
  });

  it('takes the usual dose where it is counted in another way', () => {
    const held = swapMove(script, 'frog-jump', move('stork-stand'));
    expect(held.chapters[0]!.beats[0]).toMatchObject({ actions: [{ dose: { unit: 'hold' } }, {}] });
  });

  it('leaves what does not have it as it is', () => {
    expect(swapMove(script, 'plank', move('squat')).chapters).toEqual(script.chapters);
  });
});
