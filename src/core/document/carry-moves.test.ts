import { describe, expect, it } from 'vitest';
import { moveSchema } from '../model/move';
import { parseAdventure } from './parse-adventure';
import { circuit, countingIds, doseOf, moveBeat, withBeats } from '../testing/make';
import { moveBookOf, moveIn } from '../moves/move-book';
import { carryMoves } from './carry-moves';
import { newOwnMove } from '../moves/new-own-move';

const newId = countingIds();
const squat = moveIn(moveBookOf({ moves: [] }), 'squat');
const dip = newOwnMove(newId, squat);
const easy = newOwnMove(newId);
const own = [dip, { ...easy, harder: dip.id }];

describe('own moves', () => {
  it('start as whole moves, a copy with all facts of what it was made from', () => {
    for (const move of own) expect(moveSchema.safeParse(move).success).toBe(true);
    expect(dip).toMatchObject({ effort: squat.effort, name: 'my squat' });
    expect(dip.id).not.toBe(squat.id);
  });

  it('travel in the adventure that uses them, with their other forms', () => {
    const using = { ...dip, easier: easy.id };
    const script = withBeats(moveBeat([doseOf(dip.id, 5)]), circuit(['squat']));
    const carried = carryMoves(script, [using, easy]);
    expect(carried.moves.map(({ id }) => id)).toEqual([dip.id, easy.id]);
    expect(parseAdventure(JSON.parse(JSON.stringify(carried))).ok).toBe(true);
  });

  it('leave with the last beat that used them, and the document is untouched otherwise', () => {
    const script = { ...withBeats(moveBeat([doseOf('squat', 5)])), moves: own };
    expect(carryMoves(script, own).moves).toEqual([]);
    const plain = withBeats(moveBeat([doseOf('squat', 5)]));
    expect(carryMoves(plain, own)).toBe(plain);
    const carried = carryMoves(withBeats(circuit([dip.id])), own);
    expect(carryMoves(carried, own)).toBe(carried);
  });

  it('keep the copy in the adventure before the one in the browser', () => {
    const theirs = { ...dip, name: 'their dip' };
    const script = { ...withBeats(circuit([dip.id])), moves: [theirs] };
    expect(carryMoves(script, own).moves).toEqual([theirs]);
  });

  it('are refused in a file where a form of theirs is nowhere', () => {
    const lost = { ...dip, easier: 'own-nowhere' };
    const parsed = parseAdventure({ ...withBeats(circuit([dip.id])), moves: [lost] });
    expect(parsed.ok ? [] : parsed.problems).toMatchObject([
      { code: 'unknown-move', path: ['moves', 0, 'easier'], params: { move: 'own-nowhere' } },
    ]);
  });
});
