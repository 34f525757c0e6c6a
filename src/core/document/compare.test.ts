import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryAdventure } from '../testing/arbitrary';
import { newOwnMove } from '../moves/new-own-move';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { problemsOf } from '../testing/problems-of';
import type { Adventure } from './adventure';
import { differencesOf, takeAll, takeDifference } from './compare';

const tell = (id: string, text = id) => ({ kind: 'tell' as const, id: `bt_${id}`, text });
const OWN = withBeats(tell('hello'), moveBeat([doseOf('squat', 8)]), tell('fog'), tell('home'));
const CHAPTER = OWN.chapters[0]!;
const withOrder = (...beats: Adventure['chapters'][number]['beats']): Adventure => ({
  ...OWN,
  chapters: [{ ...CHAPTER, beats }],
});
const [HELLO, SQUATS, FOG, HOME] = CHAPTER.beats;
const beatsOf = ({ chapters }: Adventure) =>
  chapters.flatMap((chapter) => chapter.beats.map(({ id }) => id));

/** Another's version: beats taken out, put elsewhere and changed, chapters shuffled and renamed. */
const arbitraryPair = fc
  .record({
    own: arbitraryAdventure,
    order: fc.infiniteStream(fc.double({ min: 0, max: 1, noNaN: true })),
    deeds: fc.infiniteStream(fc.constantFrom('keep', 'keep', 'drop', 'change', 'away')),
    title: fc.string({ maxLength: 20 }),
  })
  .map(({ own, order, deeds, title }) => {
    const shuffled = <T>(list: readonly T[]) =>
      list
        .map((one) => [order.next().value, one] as const)
        .sort(([a], [b]) => a - b)
        .map(([, one]) => one);
    const away: Adventure['chapters'][number]['beats'][number][] = [];
    const chapters = shuffled(own.chapters).flatMap((chapter) => {
      if (deeds.next().value === 'drop') return [];
      const beats = shuffled(chapter.beats).flatMap((beat) => {
        const deed = deeds.next().value;
        if (deed === 'drop') return [];
        if (deed === 'change') return [{ ...beat, fit: 'stays' as const }];
        if (deed !== 'away') return [beat];
        away.push(beat);
        return [];
      });
      return [{ ...chapter, title: `${chapter.title}`.slice(0, 10), beats }];
    });
    const last = { id: 'ch_theirs', kind: 'game' as const, title: 'Theirs', led: null };
    const theirs = { ...own, title, chapters: [...chapters, { ...last, beats: away }] };
    return { own, theirs };
  });

describe('two versions of an adventure', () => {
  it('that are alike have no differences; an id of its own is none', () => {
    expect(differencesOf(OWN, { ...OWN, id: 'adv_other' })).toEqual([]);
  });

  it.each<[string, Adventure, ReturnType<typeof differencesOf>]>([
    [
      'a line more',
      withOrder(HELLO!, SQUATS!, FOG!, tell('new'), HOME!),
      [{ is: 'added', id: 'bt_new' }],
    ],
    ['a line less', withOrder(HELLO!, SQUATS!, HOME!), [{ is: 'gone', id: 'bt_fog' }]],
    [
      'other words',
      withOrder(HELLO!, SQUATS!, tell('fog', 'Fog!'), HOME!),
      [{ is: 'changed', id: 'bt_fog' }],
    ],
    // One is told, not the three that it went past.
    ['one put first', withOrder(HOME!, HELLO!, SQUATS!, FOG!), [{ is: 'moved', id: 'bt_home' }]],
    [
      'one put down and changed',
      withOrder(SQUATS!, FOG!, HOME!, tell('hello', 'Hi')),
      [
        { is: 'moved', id: 'bt_hello' },
        { is: 'changed', id: 'bt_hello' },
      ],
    ],
    ['another title', { ...OWN, title: 'Theirs' }, [{ is: 'about', id: 'title' }]],
    [
      'a chapter of another kind',
      { ...OWN, chapters: [{ ...CHAPTER, kind: 'calm' }] },
      [{ is: 'chapter changed', id: CHAPTER.id }],
    ],
    [
      'a beat in a chapter of its own',
      {
        ...OWN,
        chapters: [
          { ...CHAPTER, beats: [HELLO!, SQUATS!, FOG!] },
          { ...CHAPTER, id: 'ch_last', beats: [HOME!] },
        ],
      },
      [
        { is: 'chapter added', id: 'ch_last' },
        { is: 'moved', id: 'bt_home' },
      ],
    ],
  ])('%s', (_name, theirs, differences) => {
    expect(differencesOf(OWN, theirs)).toEqual(differences);
    const taken = differences.reduce((own, one) => takeDifference(own, theirs, one), OWN);
    expect(taken).toEqual(theirs);
  });

  it('become one by taking all, at once or one by one in any order', () => {
    fc.assert(
      fc.property(arbitraryPair, fc.infiniteStream(fc.nat()), ({ own, theirs }, picks) => {
        expect(differencesOf(takeAll(own, theirs), theirs)).toEqual([]);
        let now = own;
        let left = differencesOf(now, theirs);
        for (let n = 0; left.length > 0 && n < 500; n += 1) {
          now = takeDifference(now, theirs, left[picks.next().value % left.length]!);
          expect(problemsOf(now)).toEqual([]);
          left = differencesOf(now, theirs);
        }
        expect(now).toEqual({ ...theirs, id: own.id });
      }),
      { numRuns: 60 },
    );
  });

  it('an own move that a beat here needs stays, whatever is taken; theirs come with their beats', () => {
    const mine = { ...newOwnMove(() => 'own_mine'), name: 'my move' };
    const hers = { ...newOwnMove(() => 'own_hers'), name: 'her move' };
    const own = { ...withOrder(HELLO!, moveBeat([doseOf(mine.id, 3)])), moves: [mine] };
    const theirs = { ...withOrder(HELLO!, moveBeat([doseOf(hers.id, 3)])), moves: [hers] };
    for (const difference of differencesOf(own, theirs)) {
      const taken = takeDifference(own, theirs, difference);
      expect(problemsOf(taken)).toEqual([]);
    }
    const all = differencesOf(own, theirs).reduce(
      (now, one) => takeDifference(now, theirs, one),
      own as Adventure,
    );
    expect(all.moves.map(({ id }) => id)).toContain(hers.id);
  });

  it('a new beat comes where it stands there, as near as what is here allows', () => {
    const theirs = withOrder(HELLO!, tell('a'), tell('b'), SQUATS!);
    const taken = takeDifference(OWN, theirs, { is: 'added', id: 'bt_b' });
    expect(beatsOf(taken)).toEqual(['bt_hello', 'bt_b', SQUATS!.id, 'bt_fog', 'bt_home']);
  });
});
