import { describe, expect, it } from 'vitest';
import { parsePlainText } from '../formats/text/plain-text';
import { countingIds, withBeats } from '../testing/make';
import { newChapter } from './new-adventure';
import { withPlan } from './with-plan';

const newId = countingIds();
const plan = (text: string) => {
  const read = parsePlainText(text, { newId, newSeed: () => 1 }, ' ');
  if (!read.ok) throw new Error('no plan');
  return read.value.adventure;
};
const tell = (text: string) => ({ kind: 'tell', id: newId('bt'), text }) as const;
const script = withBeats(tell('before'), tell('behind'));
const place = { chapterId: 'ch_1', index: 1 };
const kindsIn = (adventure: typeof script) =>
  adventure.chapters.map(({ title, beats }) => [title, ...beats.map(({ kind }) => kind)]);

describe('a plan taken into an adventure', () => {
  it('goes where it was pasted, as far as it has no headings; its chapters come after', () => {
    const taken = withPlan(
      script,
      plan('10 squats\nWarm-up\n5 hops\nCool down\n3 deep breaths'),
      place,
    );
    expect(kindsIn(taken)).toEqual([
      ['The way', 'tell', 'move', 'tell'],
      ['Warm-up', 'move'],
      ['Cool down', 'move'],
    ]);
  });

  it('fills the empty chapters of its kind, and no other', () => {
    const empty = newChapter(newId, 'warm-up', 'Warm-up');
    const full = { ...newChapter(newId, 'calm', 'Still'), beats: [tell('hush')] };
    const chapters = [empty, ...script.chapters, full];
    const taken = withPlan(
      { ...script, chapters },
      plan('Warm up\n5 hops\nCalm\n3 deep breaths'),
      place,
    );
    expect(kindsIn(taken)).toEqual([
      ['Warm up', 'move'],
      ['The way', 'tell', 'tell'],
      ['Calm', 'move'],
      ['Still', 'tell'],
    ]);
  });

  it('brings its own moves along, each once', () => {
    const once = withPlan(script, plan('10 gorilla thumps'), place);
    const twice = withPlan(once, plan('5 gorilla thumps\n5 marsh flurbs'), place);
    expect(twice.moves.map(({ name }) => name)).toEqual(['gorilla thumps', 'marsh flurbs']);
  });
});
