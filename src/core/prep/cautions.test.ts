import { describe, expect, it } from 'vitest';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { CATALOGUE } from '../moves/catalogue';
import { DANGERS, dangerOf } from '../moves/cautions';
import { cautionsOf } from './cautions';

const script = withBeats(
  moveBeat([doseOf('frog-jump', 6), doseOf('plank', 5), doseOf('forward-roll', 1)]),
);
const texts = (change: Partial<typeof script.setting>) =>
  cautionsOf(script, { ...script.setting, ...change }).map(({ text }) => text);
const room = script.setting.room;

describe('cautions', () => {
  it('begin with head and neck, then falls, then others and walls', () => {
    const all = texts({});
    const at = (pattern: RegExp) => all.findIndex((text) => pattern.test(text));
    expect(at(/neck|one at a time/iu)).toBe(0);
    expect(at(/neck/iu)).toBeLessThan(at(/land softly/iu));
    expect(at(/land softly/iu)).toBeLessThan(at(/socks/iu));
    expect(all.at(-1)).toMatch(/^Stop for pain/u);
  });

  it('are those of the moves and of this setting, and nothing that does not apply', () => {
    const still = withBeats(moveBeat([doseOf('calm-breath', 3)]));
    expect(cautionsOf(still, { ...still.setting, group: 1 })).toHaveLength(1);
    expect(texts({ room: { ...room, heightMetres: 2.4 } })).toContainEqual(
      expect.stringContaining('The ceiling is at 2.4 m'),
    );
    expect(texts({ room: { ...room, heightMetres: 4 } }).join()).not.toContain('ceiling');
    expect(texts({ room: { ...room, floor: 'hard' }, kit: [] }).join()).toContain(
      'no mats are at hand',
    );
    expect(texts({ room: { ...room, floor: 'carpet' } }).join()).not.toContain('The floor is hard');
    expect(texts({ place: 'filmed' }).join()).toContain('consent rules');
    expect(texts({ place: 'in the room' }).join()).not.toContain('consent rules');
  });

  it('of every move in the catalogue come with it', () => {
    for (const move of CATALOGUE) {
      const one = withBeats(moveBeat([doseOf(move.id, 3)]));
      const told = cautionsOf(one).map(({ text }) => text);
      for (const caution of move.cautions) expect(told).toContain(caution);
    }
  });
});

describe('what matters most', () => {
  it('is told by what a caution is about, whatever its words', () => {
    const dangers = cautionsOf(script).map(({ danger }) => danger);
    const ranks = dangers.slice(0, -1).map((danger) => DANGERS.indexOf(danger));
    expect(ranks).toEqual([...ranks].sort((a, b) => a - b));
    expect(new Set(dangers)).toContain('head or neck');
  });

  it('puts the presenter’s own words with others and walls', () => {
    expect(dangerOf('Watch the step by the door.')).toBe('others and walls');
    expect(dangerOf('constructor')).toBe('others and walls');
    expect(dangerOf('Use a mat.')).toBe('floor');
  });
});
