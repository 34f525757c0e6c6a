import fc from 'fast-check';
import text from 'virtual:word-net';
import { describe, expect, it } from 'vitest';
import { check } from '../findings/check';
import { usualAction } from '../language/usual-action';
import { DEFAULT_SETTING, type Setting } from '../model/setting';
import { BUILT_IN, moveBookOf } from '../moves/move-book';
import { unroll } from '../schedule/unroll';
import { arbitraryAdventure } from '../testing/arbitrary';
import { countingIds, withBeats } from '../testing/make';
import { beatsFromReading } from '../beats/quick-line';
import { STORY_LINES } from '../testing/story-lines';
import { ideasFor, reasonOf, type IdeaContext } from './ideas';
import { readWordNet } from './word-net';

const net = readWordNet(text);
const context = (given: Partial<IdeaContext> = {}): IdeaContext => ({
  book: BUILT_IN,
  setting: DEFAULT_SETTING,
  net,
  ...given,
});
const idsFor = (line: string, given: Partial<IdeaContext> = {}) =>
  ideasFor(line, context(given)).map(({ move }) => move.id);

describe('ideas for a line of story', () => {
  it('are led by one that a presenter would use, in nine lines of ten', () => {
    const missed = STORY_LINES.filter(({ line, right }) => !right.has(idsFor(line)[0] ?? ''));
    expect(STORY_LINES.length).toBeGreaterThanOrEqual(150);
    expect(missed.map(({ line }) => line).length).toBeLessThanOrEqual(STORY_LINES.length / 10);
  });

  it.each(STORY_LINES)('have none that nobody would use: $line', ({ line, wrong }) => {
    expect(idsFor(line).filter((id) => wrong.has(id))).toEqual([]);
  });

  it.each(STORY_LINES)('are three different ones, the best first: $line', ({ line }) => {
    const ideas = ideasFor(line, context());
    expect(new Set(ideas.map(({ move }) => move.id)).size).toBe(3);
    for (const { score } of ideas) expect(score).toBeLessThanOrEqual(ideas[0]!.score);
    for (const idea of ideas) expect(reasonOf(idea)).toMatch(/^[a-z][a-z ]*(: [a-z]+)?$/u);
  });

  it('say why: the word of the line, and what the two have in common', () => {
    const [first] = ideasFor('They cross a wobbly bridge.', context());
    expect(first!.move.id).toBe('fairy-steps');
    expect(['bridge: narrow', 'cross: narrow', 'wobbly']).toContain(reasonOf(first!));
    expect(reasonOf({ said: 'narrow', quality: 'narrow' })).toBe('narrow');
  });

  it('are none where nothing is to be seen', () => {
    for (const line of ['', '   ', 'And then?', 'It was so.', '12 + 3', '…'])
      expect(idsFor(line)).toEqual([]);
  });

  it('are there before the word net is, from the images alone', () => {
    expect(idsFor('They cross a wobbly bridge.', { net: null })[0]).toBe('fairy-steps');
    expect(idsFor('An ibex!', { net: null })).toEqual([]);
    expect(idsFor('An ibex!').length).toBe(3);
  });

  it('know who somebody of the cast is, and take no name for a thing', () => {
    const cast = [{ name: 'Otto', role: 'an otter' }];
    expect(idsFor('Here comes Otto!', { cast })).toContain('swim-stroke');
    expect(idsFor('Here comes Otto!')).not.toContain('swim-stroke');
    expect(idsFor('Here comes Wren.')).toEqual(idsFor('Here comes Mo.'));
  });

  it('go elsewhere for what stands beside the line, and for what was led last time', () => {
    const line = 'They creep through the dark wood.';
    const [first] = idsFor(line);
    expect(idsFor(line, { beside: new Set([first!]) })[0]).not.toBe(first);
    const lately = new Set(idsFor(line));
    expect(idsFor(line, { lately })).not.toEqual([...lately]);
  });

  it('have moves of the presenter’s own, by their picture words', () => {
    const own = {
      ...BUILT_IN.get('squat')!,
      id: 'own-gnome-bob',
      name: 'gnome bob',
      pictureWords: ['gnome'],
    };
    const book = moveBookOf({ moves: [own] });
    const line = 'A gnome peeps out of the wood.';
    expect(ideasFor(line, context({ book }), 8).map(({ move }) => move.id)).toContain(own.id);
  });

  it('are the same for the same line', () => {
    for (const { line } of STORY_LINES.slice(0, 20)) expect(idsFor(line)).toEqual(idsFor(line));
  });
});

/** The rules that tell what cannot be done here, by the findings, which know nothing of ideas. */
const UNSAFE = new Set(['before-age', 'setting-gives', 'not-enough-kit', 'crowding']);

/** Rooms, ages and groups as they come, the worst among them. */
const settings: fc.Arbitrary<Setting> = fc.oneof(
  arbitraryAdventure.map(({ setting }) => setting),
  fc
    .record({
      from: fc.integer({ min: 3, max: 7 }),
      group: fc.integer({ min: 1, max: 40 }),
      metres: fc.integer({ min: 3, max: 12 }),
      heightMetres: fc.constantFrom(2, 3),
      wallFree: fc.boolean(),
      kit: fc.subarray(['mat', 'ball', 'hoop', 'rope', 'bean bag', 'cone']),
    })
    .map(({ from, group, metres, heightMetres, wallFree, kit }) => ({
      ...DEFAULT_SETTING,
      ages: { from, to: 7 },
      group,
      kit,
      room: {
        ...DEFAULT_SETTING.room,
        lengthMetres: metres,
        widthMetres: metres,
        heightMetres,
        wallFree,
      },
    })),
);

describe('an idea', () => {
  it('is for the age of the youngest, the room, the kit and so many children', () => {
    const lines = fc.constantFrom(...STORY_LINES.map(({ line }) => line));
    fc.assert(
      fc.property(lines, settings, (line, setting) => {
        const newId = countingIds();
        const ideas = ideasFor(line, context({ setting }));
        if (ideas.length === 0) return;
        const beats = ideas.flatMap(({ move }) =>
          beatsFromReading(
            { kind: 'move', actions: [usualAction(move, setting.ages)], rounds: 1 },
            { newId, seed: 1 },
          ),
        );
        const adventure = { ...withBeats(...beats), setting };
        const found = check(adventure, setting, unroll(adventure));
        expect(found.filter(({ rule }) => UNSAFE.has(rule)).map(({ rule }) => rule)).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
});
