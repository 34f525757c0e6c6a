import { describe, expect, it } from 'vitest';
import { unroll } from '../schedule/unroll';
import { counted, hold, told } from '../testing/finding-cases';
import { countingIds, withBeats } from '../testing/make';
import type { Adventure } from '../document/adventure';
import { check } from './check';
import { looksWhole, mendAll, notesByBeat, timelyNotes } from './timely';

const of = (adventure: Adventure, writing: string | null = null) => {
  const schedule = unroll(adventure);
  return timelyNotes(check(adventure, adventure.setting, schedule), adventure, schedule, writing);
};
const rules = (list: readonly { rule: string }[]) => list.map(({ rule }) => rule);
/** A script with an empty chapter at its end: not a whole one yet. */
const begun = (adventure: Adventure): Adventure => ({
  ...adventure,
  chapters: [
    ...adventure.chapters,
    { id: 'ch_calm', kind: 'calm', title: 'Calm', led: null, beats: [] },
  ],
});

describe('notes at their time', () => {
  const short = withBeats(told('Here we go.'), counted('squat', 40));

  it('what a script lacks waits until it looks like a whole one', () => {
    expect(rules(of(begun(short)).waiting)).toContain('slot');
    expect(rules(of(begun(short)).open)).not.toContain('slot');
    expect(rules(of(short).open)).toContain('slot');
    expect(of(short).waiting).toEqual([]);
  });

  it('a script is a whole one with something in every chapter, or with most of its slot filled', () => {
    const slot = short.setting.slotSeconds;
    expect(looksWhole(begun(short), { totalSeconds: slot * 0.79 })).toBe(false);
    expect(looksWhole(begun(short), { totalSeconds: slot * 0.8 })).toBe(true);
    expect(looksWhole(short, { totalSeconds: 1 })).toBe(true);
  });

  it('a script that is too long is told at once', () => {
    const long = begun({ ...short, setting: { ...short.setting, slotSeconds: 20 } });
    expect(rules(of(long).open)).toContain('slot');
  });

  it('those in a chapter that is being written wait, but for what may hurt', () => {
    const script = withBeats(hold('plank', 6), counted('squat', 24));
    const [chapter] = script.chapters;
    const { open, waiting } = of(script, chapter!.id);
    const besides = open.filter(({ place }) => place.beatId !== null);
    expect(besides.length).toBeGreaterThan(0);
    for (const { severity } of besides) expect(severity).toBe('stop');
    expect(rules(waiting)).toContain('no-chunks');
    expect(rules(of(script, 'another').waiting)).toEqual([]);
  });

  it('those beside a line come the gravest first', () => {
    const script = withBeats(hold('plank', 200), counted('squat', 24));
    for (const list of notesByBeat(of(script).open).values()) {
      const grave = list.map(({ severity }) => ['stop', 'mend', 'think'].indexOf(severity));
      expect(grave).toEqual(grave.toSorted());
    }
  });
});

describe('notes beside their lines', () => {
  it('stand at the line that each is about, and those on the whole at none', () => {
    const script = withBeats(counted('squat', 24), told('Who can see it?'), counted('hop', 30));
    const notes = check(script, script.setting, unroll(script));
    const byBeat = notesByBeat(notes);
    const [squat, question] = script.chapters[0]!.beats;
    expect(byBeat.get(squat!.id)!.map(({ rule }) => rule)).toContain('dose-for-age');
    expect(byBeat.get(question!.id)!.map(({ rule }) => rule)).toContain('question-no-wait');
    const onWhole = notes.filter(({ place }) => place.beatId === null);
    expect(onWhole.length).toBeGreaterThan(0);
    expect([...byBeat.values()].flat()).toHaveLength(notes.length - onWhole.length);
  });
});

describe('one step that mends all of a kind', () => {
  it('mends each as its own mend does it, and leaves nothing of it', () => {
    const script = withBeats(counted('squat', 24), counted('march', 8), counted('hop', 30));
    const tools = { unroll: (one: Adventure) => unroll(one), newId: countingIds() };
    const left = (adventure: Adventure) =>
      check(adventure, adventure.setting, unroll(adventure)).filter(
        ({ rule, fix }) => rule === 'dose-for-age' && fix,
      );
    expect(left(script).length).toBeGreaterThan(1);
    const mended = mendAll(script, 'dose-for-age', tools);
    expect(left(mended)).toEqual([]);
    expect(mendAll(mended, 'dose-for-age', tools)).toBe(mended);
  });

  it('leaves alone what was set aside', () => {
    const script = withBeats(counted('squat', 24));
    const found = check(script, script.setting, unroll(script)).filter(({ fix }) => fix);
    const aside = {
      ...script,
      setAside: found.map(({ rule, place }) => ({
        rule,
        place: place.part ?? place.beatId ?? '',
        reason: 'meant',
      })),
    };
    const tools = { unroll: (one: Adventure) => unroll(one), newId: countingIds() };
    for (const { rule } of found) expect(mendAll(aside, rule, tools)).toBe(aside);
  });
});
