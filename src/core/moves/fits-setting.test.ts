import { describe, expect, it } from 'vitest';
import { DEFAULT_SETTING, type Setting } from '../model/setting';
import { CATALOGUE } from './catalogue';
import { insteadOf, lacksOf } from './fits-setting';

const move = (id: string) => CATALOGUE.find((one) => one.id === id)!;
const inRoom = (room: Partial<Setting['room']>, kit: string[] = []) => ({
  ...DEFAULT_SETTING,
  kit,
  room: { ...DEFAULT_SETTING.room, ...room },
});

describe('what a setting gives a move', () => {
  it('is a mat or a soft floor, things, height, a wall and room', () => {
    const bare = inRoom({ floor: 'hard', heightMetres: 2.1, wallFree: false, widthMetres: 3 });
    expect(lacksOf(move('plank'), bare)).toEqual(['mat']);
    expect(lacksOf(move('plank'), inRoom({ floor: 'grass' }))).toEqual([]);
    expect(lacksOf(move('jumping-jack'), bare)).toContain('height');
    expect(lacksOf(move('wall-sit'), bare)).toContain('wall');
    expect(lacksOf(move('gallop'), bare)).toContain('room');
    expect(lacksOf(move('bucket-target'), bare)).toEqual(['bean bag', 'bucket']);
    expect(lacksOf(move('bucket-target'), inRoom({}, ['soft bean bags', '2 buckets']))).toEqual([]);
  });

  it('what is taken instead fits there, for every move of the catalogue', () => {
    const tight = inRoom({ floor: 'hard', heightMetres: 2.1, wallFree: false, widthMetres: 2 });
    for (const one of CATALOGUE) {
      const other = insteadOf(one, CATALOGUE, tight);
      expect(other, one.id).not.toBeNull();
      expect(lacksOf(other!, tight)).toEqual([]);
      expect(other!.fromAge).toBeLessThanOrEqual(tight.ages.from);
      expect(other!.id).not.toBe(one.id);
    }
  });

  it('is one of its own forms where that will do', () => {
    const low = inRoom({ heightMetres: 2.1 });
    expect(insteadOf(move('jumping-jack'), CATALOGUE, low)!.id).toBe('step-jack');
    expect(insteadOf(move('gallop'), CATALOGUE, low)!.family).toBe('travelling');
    expect(insteadOf(move('gallop'), [], low)).toBeNull();
  });
});
