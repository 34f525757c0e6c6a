import { describe, expect, it } from 'vitest';
import type { Adventure } from '../document/adventure';
import { CATALOGUE } from '../moves/catalogue';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { isShort, kitInWords, kitListOf } from './kit-list';
import { THINGS } from './things';

function listOf(adventure: Adventure, change: Partial<Adventure['setting']> = {}) {
  const setting = { ...adventure.setting, ...change };
  return new Map(kitListOf(adventure, setting).map((line) => [line.thing, line]));
}

const script = withBeats(
  moveBeat([doseOf('bean-bag-catch', 5), doseOf('rope-walk', 6), doseOf('plank', 5)]),
  drawBeat(['squat', 'hop'], { device: { kind: 'die', sides: 6, dice: 1 } }),
  drawBeat(['squat', 'hop', 'march'], { device: { kind: 'calls' } }),
);

describe('the kit list', () => {
  it('counts a thing by whatever word it has, also one that every object knows', () => {
    const list = listOf({ ...script, props: [{ thing: 'constructor', standsFor: 'the builder' }] });
    const line = list.get('constructor')!;
    expect(line.count).toBeGreaterThan(0);
    expect(kitInWords({ ...line, count: 2 })).toContain('2 constructors');
  });

  it('has one for each child, one for three, or one for all, as things are used', () => {
    const list = listOf(script, { group: 10 });
    expect(list.get('bean bag')).toMatchObject({ count: 10, uses: ['bean bag catch'] });
    expect(list.get('rope')).toMatchObject({ count: 4 });
    expect(list.get('mat')).toMatchObject({ count: 10 });
    expect(list.get('die')).toMatchObject({ count: 1, sharedBy: 'group' });
    expect(list.get('cone')).toMatchObject({ count: 3 });
  });

  it('is for one child in front of a camera, without what was drawn beforehand', () => {
    const list = listOf(script, { place: 'filmed' });
    expect(list.get('bean bag')).toMatchObject({ count: 1 });
    const drawn = withBeats(
      drawBeat(['squat'], { device: { kind: 'die', sides: 6, dice: 1 }, drawn: 'beforehand' }),
    );
    expect(listOf(drawn).has('die')).toBe(false);
  });

  it('knows what is at hand, and puts what is short first', () => {
    const kit = ['8 red bean bags', 'mats', 'ropes'];
    const list = listOf(script, { group: 10, kit });
    expect(list.get('bean bag')).toMatchObject({ atHand: 8 });
    expect(list.get('mat')).toMatchObject({ atHand: null });
    expect(list.get('die')).toMatchObject({ atHand: 0 });
    const short = [...list.values()].map(isShort);
    expect(short).toEqual([...short].sort((a, b) => Number(b) - Number(a)));
    expect(isShort(list.get('bean bag')!)).toBe(true);
    expect(isShort(list.get('mat')!)).toBe(false);
  });

  it('says what a thing is in the story, and gathers what only the story needs', () => {
    const props = [
      { thing: 'blue bean bags', standsFor: 'letters' },
      { thing: 'yellow sock', standsFor: 'the lamp oil' },
    ];
    const list = listOf({ ...script, props }, { group: 2, kit: ['a yellow sock'] });
    expect(kitInWords(list.get('bean bag')!)).toBe('2 bean bags (letters)');
    expect(list.get('yellow sock')).toMatchObject({
      count: 1,
      atHand: null,
      uses: ['the story'],
      standsFor: 'the lamp oil',
    });
  });

  it('has something from the house for every thing in the catalogue', () => {
    for (const thing of new Set(CATALOGUE.flatMap((move) => move.kit))) {
      expect(THINGS[thing]?.household, thing).toBeTruthy();
    }
  });
});
