import { check, unroll, type Finding } from '$core';
import { describe, expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../../core/testing/make';
import { keyedNotes } from './words';

function notesOn(reps: number): readonly Finding[] {
  const action = { ...doseOf('squat', reps), id: 'ac_1' };
  const adventure = withBeats(moveBeat([action], { id: 'bt_1' }));
  return check(adventure, adventure.setting, unroll(adventure));
}

describe('what tells one note from another', () => {
  it('is not what it says: a number that changes leaves the note in its place', () => {
    const keys = (reps: number) => keyedNotes(notesOn(reps)).map(({ key }) => key);
    expect(keys(80)).toEqual(keys(81));
  });

  it('several of one rule at one place are told apart', () => {
    const [note] = notesOn(80);
    const keyed = keyedNotes([note!, note!, note!]);
    expect(new Set(keyed.map(({ key }) => key)).size).toBe(3);
    expect(keyed.map(({ finding }) => finding)).toEqual([note, note, note]);
  });
});
