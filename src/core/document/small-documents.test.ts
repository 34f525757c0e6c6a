import { describe, expect, it } from 'vitest';
import { copyAdventure, newAdventure } from './new-adventure';
import { PRESET } from './preset';
import { promisesOf } from './promised-total';
import { titleOf } from './title';
import { parseDocument } from '../model/document-kind';
import { DEFAULT_SETTING } from '../model/setting';
import { countingIds, doseOf, moveBeat, withBeats } from '../testing/make';
import { without } from '../testing/without';

it('goes by its title, or by none', () => {
  expect(titleOf({ title: ' Six lamps ' })).toBe('Six lamps');
  expect(titleOf({ title: '  ' })).toBe('Untitled adventure');
});

describe('a new adventure', () => {
  it('has the usual chapters, empty, in the usual setting', () => {
    const made = newAdventure(countingIds());
    expect(made.chapters.map(({ kind }) => kind)).toEqual([
      'welcome',
      'warm-up',
      'adventure',
      'cool-down',
      'goodbye',
    ]);
    expect(made.chapters.every(({ beats }) => beats.length === 0)).toBe(true);
    expect(made.setting).toBe(DEFAULT_SETTING);
  });
  it('copied has ids of its own throughout, and what was set aside stays so', () => {
    const beat = moveBeat([doseOf('squat', 5)]);
    const first = { ...withBeats(beat), title: 'One' };
    const [action] = beat.actions;
    const aside = [beat.id, action!.id, 'ch_1', 'elsewhere'].map((place) => ({
      rule: 'no-drink',
      place,
      reason: '',
    }));
    const copy = copyAdventure({ ...first, setAside: aside as never }, 'Two', countingIds());
    expect(copy.title).toBe('Two');
    expect(copy.id).not.toBe(first.id);
    const [chapter] = copy.chapters;
    const made = chapter!.beats[0] as typeof beat;
    expect(copy.setAside.map(({ place }) => place)).toEqual([
      made.id,
      made.actions[0]!.id,
      chapter!.id,
      'elsewhere',
    ]);
    expect([made.id, made.actions[0]!.id, chapter!.id]).not.toContain(beat.id);
    expect(made.actions[0]!.dose).toEqual(action!.dose);
  });
});

describe('totals that are promised', () => {
  const promised = (title: string, want = '', line = 'Off we go.') => {
    const made = withBeats({ kind: 'tell', id: 'bt_1', text: line });
    return promisesOf({ ...made, title, world: { ...made.world, want } });
  };
  it.each([
    ['A hundred moves to the lighthouse', 100],
    ['100 reps', 100],
    ['Two hundred jumps and hops', 200],
    ['Ten times ten exercises', 100],
    ['Fifty goes', 50],
  ])('%s: %i', (title, total) => {
    expect(promised(title)).toEqual([{ total, beatId: null }]);
  });
  it('comes from the title, the wish and the lines, in that order', () => {
    expect(promised('60 moves', 'They want 70 reps', 'We do 80 movements today!')).toEqual([
      { total: 60, beatId: null },
      { total: 70, beatId: null },
      { total: 80, beatId: 'bt_1' },
    ]);
  });
  it('isn’t any number beside any word', () => {
    for (const title of ['5 moves', '100 lamps', 'Moves', '12345 reps'])
      expect(promised(title)).toEqual([]);
  });
});

describe('a setting under a name', () => {
  const preset = { version: 2, name: 'The hall', setting: DEFAULT_SETTING };
  it('is read as it was kept', () => {
    expect(parseDocument(PRESET, preset)).toEqual({ ok: true, value: preset });
  });
  it('of before grown-ups and no-go strips has the usual ones', () => {
    const before = without(DEFAULT_SETTING, 'grownUps');
    const bare = without(DEFAULT_SETTING.room, 'noGoMetres', 'marks');
    const read = parseDocument(PRESET, { name: 'The hall', setting: { ...before, room: bare } });
    expect(read).toMatchObject({
      ok: true,
      value: {
        setting: { grownUps: 1, room: { noGoMetres: { front: 0, back: 0, left: 0, right: 0 } } },
      },
    });
  });
  it('without a name, or with no setting at all, is refused', () => {
    expect(parseDocument(PRESET, { ...preset, name: '' })).toMatchObject({ ok: false });
    expect(parseDocument(PRESET, { name: 'The hall', setting: 7 })).toMatchObject({ ok: false });
  });
});
