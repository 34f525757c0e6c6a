import { describe, expect, it } from 'vitest';
import { AGE_BANDS } from '../../model/ages';
import { FAMILIES, moveSchema, REGIONS, type Move } from '../../model/move';
import { makeMoveFinder } from '../move-finder';
import { alsoCalled } from '../names-of';
import { plainWords } from '../../words/plain-words';
import { moveBookOf } from '../move-book';
import { CATALOGUE } from '.';

const book = moveBookOf({ moves: [] });

describe('the catalogue', () => {
  it('has at least 240 moves, each with every fact in its range, each id once', () => {
    expect(CATALOGUE.length).toBeGreaterThanOrEqual(240);
    expect(book.size).toBe(CATALOGUE.length);
    for (const move of CATALOGUE) expect(moveSchema.safeParse(move).error).toBeUndefined();
  });

  it('covers every family and every region', () => {
    expect(new Set(CATALOGUE.map((move) => move.family))).toEqual(new Set(FAMILIES));
    expect(new Set(CATALOGUE.flatMap((move) => move.regions))).toEqual(new Set(REGIONS));
  });

  it('has enough at every age for a varied session: five families, ten moves with work in them', () => {
    for (const age of [3, 4, 5, 6, 7]) {
      const open = CATALOGUE.filter((move) => move.fromAge <= age);
      expect(new Set(open.map((move) => move.family)).size).toBeGreaterThanOrEqual(5);
      expect(open.filter((move) => move.effort >= 3).length).toBeGreaterThanOrEqual(10);
    }
  });

  it('has easier, harder and seated forms that exist, are in the right direction and end', () => {
    for (const move of CATALOGUE) {
      for (const [form, sign] of [
        ['easier', -1],
        ['harder', 1],
      ] as const) {
        const seen = new Set<string>();
        for (let at: Move | undefined = move; at; at = at[form] ? book.get(at[form]) : undefined) {
          expect(seen.has(at.id), `${form} of ${move.id} goes in a circle`).toBe(false);
          seen.add(at.id);
        }
        if (!move[form]) continue;
        const other = book.get(move[form]);
        expect(other, `${form} of ${move.id}`).toBeDefined();
        expect(
          Math.sign(other!.effort - move.effort) * sign,
          `${form} of ${move.id}`,
        ).toBeGreaterThanOrEqual(0);
      }
      if (move.seated) expect(book.get(move.seated)?.posture, `seated ${move.id}`).toBe('sitting');
      else expect(move.posture, `${move.id} has a seated form`).toBe('sitting');
    }
  });

  it('gives more, never less, to older children', () => {
    for (const { id, usual } of CATALOGUE) {
      for (const band of AGE_BANDS)
        expect(usual.range[band][0]).toBeLessThanOrEqual(usual.range[band][1]);
      for (const end of [0, 1] as const) {
        expect(usual.range['3-4'][end], id).toBeLessThanOrEqual(usual.range['5'][end]);
        expect(usual.range['5'][end], id).toBeLessThanOrEqual(usual.range['6-7'][end]);
      }
    }
  });

  it('has two to four short form cues and several picture words for every move', () => {
    for (const { id, formCues, pictureWords } of CATALOGUE) {
      expect(formCues.length, id).toBeGreaterThanOrEqual(2);
      expect(formCues.length, id).toBeLessThanOrEqual(4);
      for (const cue of formCues) expect(cue.length, id).toBeLessThanOrEqual(40);
      expect(pictureWords.length, id).toBeGreaterThanOrEqual(2);
    }
  });

  it('has a way out of hard work for everybody: an easier form, or one sitting down', () => {
    const hard = CATALOGUE.filter((move) => move.effort >= 4);
    for (const move of hard) expect(move.easier ?? move.seated, move.id).not.toBeNull();
  });

  it('warns wherever children land, roll, hang on their hands or lie', () => {
    for (const move of CATALOGUE) {
      if (move.landingsPerRep > 0) expect(move.cautions.length, move.id).toBeGreaterThan(0);
      if (move.surface === 'mat') expect(move.cautions, move.id).toContain('Use a mat.');
    }
  });

  it('has a caution for wrists, for knees on the floor and for standing on one leg', () => {
    const says = ({ cautions }: Move, word: RegExp) => cautions.some((one) => word.test(one));
    const onHands = CATALOGUE.filter(({ posture }) => posture === 'all fours');
    for (const move of onHands) expect(says(move, /wrists|kind to knees/u), move.id).toBe(true);
    const onKnees = CATALOGUE.filter(({ posture }) => posture === 'kneeling');
    for (const move of onKnees) expect(says(move, /knees|mat/u), move.id).toBe(true);
    for (const id of ['stork-stand', 'hop', 'knee-hug', 'quad-stretch', 'flamingo-reach'])
      expect(says(book.get(id)!, /wobble/u), id).toBe(true);
  });

  it('steps down to what is at hand: an easier form needs nothing that its move does not', () => {
    // A scarf floats: it is the usual first thing to catch, where there is one.
    const known = new Set(['bean-bag-catch']);
    for (const move of CATALOGUE) {
      const easier = move.easier === null ? null : book.get(move.easier)!;
      if (!easier || known.has(move.id)) continue;
      for (const thing of easier.kit) expect(move.kit, `${move.id}: ${thing}`).toContain(thing);
      expect(easier.fromAge, move.id).toBeLessThanOrEqual(move.fromAge);
    }
  });

  it('lets the youngest breathe and step quicker, and do all else slower', () => {
    // From memory: young children breathe 20 to 30 times a minute at rest, and their legs are short.
    for (const id of ['calm-breath', 'star-breath']) {
      expect(book.get(id)!.secondsPerRep['3-4'], id).toBeGreaterThanOrEqual(4);
      expect(book.get(id)!.secondsPerRep['3-4'], id).toBeLessThanOrEqual(5);
    }
    const [walk, squat] = [book.get('walk')!, book.get('squat')!].map((one) => one.secondsPerRep);
    expect(walk!['3-4']).toBeLessThan(walk!['5']);
    expect(squat!['3-4']).toBeGreaterThan(squat!['5']);
  });

  // docs/facts.md, "Time": common practice, measured over recordings.
  it.each([
    ['squat', 1.6, 1.6],
    ['chair-sit', 2.5, 2.5],
    ['frog-jump', 2.5, 2.8],
    ['quick-climb', 0.8, 0.9],
    ['jumping-jack', 0.4, 1],
    ['hop', 0.6, 0.8],
    ['knee-press-up', 0.8, 2],
    ['donkey-kick', 0.9, 1],
    ['arm-circle', 1.1, 1.1],
    ['sit-up', 2.4, 2.9],
    ['burpee', 3.1, 3.9],
    ['knee-hug', 3.2, 3.9],
    ['ball-toss-catch', 2.5, 3.7],
  ])('keeps to the tempo that was measured for %s, fives and up', (id, least, most) => {
    for (const band of ['5', '6-7'] as const) {
      const seconds = book.get(id)!.secondsPerRep[band];
      expect(seconds).toBeGreaterThanOrEqual(least);
      expect(seconds).toBeLessThanOrEqual(most);
    }
  });

  it('gives each name to one move only', () => {
    const names = new Map<string, string>();
    for (const move of CATALOGUE) {
      for (const name of [move.name, move.plural, ...alsoCalled(move)]) {
        const plain = plainWords(name).join(' ');
        expect(names.get(plain) ?? move.id, `"${name}"`).toBe(move.id);
        names.set(plain, move.id);
      }
    }
    for (const move of CATALOGUE) {
      const found = makeMoveFinder(book).get(plainWords(move.plural).join(' '));
      expect(found?.id).toBe(move.id);
    }
  });
});
