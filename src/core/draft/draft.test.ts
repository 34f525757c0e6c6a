import { dictionary } from 'cmu-pronouncing-dictionary';
import text from 'virtual:word-net';
import { describe, expect, it } from 'vitest';
import { seededRandom } from '../chance/random';
import { DEFAULT_PACE } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import { parseAdventure } from '../document/parse-adventure';
import { movesUsed } from '../document/moves-used';
import { check } from '../findings/check';
import { readWordNet } from '../ideas/word-net';
import { DEFAULT_SETTING, type Setting } from '../model/setting';
import { BUILT_IN, moveIn } from '../moves/move-book';
import { unroll } from '../schedule/unroll';
import { countingIds } from '../testing/make';
import { chooseMoves, effortCurve, landingsOf } from './choose';
import { draft } from './draft';
import { ALL_SCENES, CALMS, COOL_DOWNS, WARM_UPS } from './scenes';
import { scenesFor } from './scenes-for';
import { DRAFT_SHAPES, partOfChapter, type DraftPart, type DraftWish } from './wish';

const net = readWordNet(text);
const tools = () => ({
  book: BUILT_IN,
  net,
  sounds: dictionary,
  pace: DEFAULT_PACE,
  newId: countingIds(),
});
const settingFor = (age: number, minutes: number, given: Partial<Setting> = {}): Setting => ({
  ...DEFAULT_SETTING,
  ages: { from: age, to: Math.min(7, age + 1) },
  slotSeconds: minutes * 60,
  ...given,
});
const wishFor = (given: Partial<DraftWish> = {}): DraftWish => ({
  want: 'Carry the lamp to the tower.',
  place: 'the marsh',
  hero: 'Wick',
  learning: '',
  shape: 'journey',
  setting: settingFor(5, 12),
  seed: 1,
  ...given,
});

/** Every shape, in ages and slots that differ from one to the next. */
const WISHES = DRAFT_SHAPES.flatMap((shape, n) => {
  const ages = [3, 4, 5, 6];
  const [first, second] = [
    { age: ages[n % 4]!, minutes: [5, 8, 12][n % 3]! },
    { age: ages[(n + 2) % 4]!, minutes: [15, 20, 10][n % 3]! },
  ];
  return (n % 3 === 0 ? [first, second] : [n % 2 === 0 ? first : second]).map((one) => ({
    shape,
    ...one,
    seed: 10 + n,
  }));
});

describe('a draft', () => {
  it.each(WISHES)(
    'of $shape in $minutes min for age $age: as long as the slot, nothing to mend',
    (one) => {
      const setting = settingFor(one.age, one.minutes);
      const made = draft(wishFor({ shape: one.shape, seed: one.seed, setting }), tools());
      expect(parseAdventure(JSON.parse(JSON.stringify(made.adventure))).ok).toBe(true);
      const schedule = unroll(made.adventure);
      expect(schedule.totalSeconds).toBeLessThanOrEqual(setting.slotSeconds);
      expect(schedule.totalSeconds).toBeGreaterThanOrEqual(setting.slotSeconds * 0.97);
      const grave = check(made.adventure, made.adventure.setting, schedule, dictionary).filter(
        ({ severity }) => severity !== 'think',
      );
      expect(grave.map(({ rule, params }) => [rule, params])).toEqual([]);
      // The work is in the middle: nothing that is hard comes last.
      const efforts = schedule.cues
        .filter(({ kind }) => kind === 'work')
        .map(({ effort }) => effort);
      expect(Math.max(...efforts)).toBeGreaterThanOrEqual(4);
      expect(efforts.at(-1)).toBe(1);
      for (const { title, beats } of made.adventure.chapters)
        expect(beats.length, title).toBeGreaterThan(0);
    },
  );

  it.each([6, 8, 12])('of a total of fifty is fifty in %i minutes too', (minutes) => {
    const setting = settingFor(6, minutes);
    const { adventure } = draft(wishFor({ shape: 'big total', setting }), tools());
    const game = adventure.chapters.find(({ kind }) => kind === 'game')!;
    const amounts = game.beats.flatMap((beat) =>
      beat.kind === 'move' ? beat.actions.map(({ dose }) => dose.amounts) : [],
    );
    expect(amounts).toEqual([[10], [10], [10], [10], [10]]);
  });

  it.each(DRAFT_SHAPES)('of %s has no empty chapter where the slot is small', (shape) => {
    for (const age of [3, 6]) {
      const { adventure } = draft(wishFor({ shape, setting: settingFor(age, 6) }), tools());
      expect(adventure.chapters.filter(({ beats }) => beats.length === 0)).toEqual([]);
    }
  });

  it('is the same for the same wish and seed, and another one for another seed', () => {
    const once = draft(wishFor(), tools()).adventure;
    expect(draft(wishFor(), tools()).adventure).toEqual(once);
    expect(draft(wishFor({ seed: 2 }), tools()).adventure.chapters).not.toEqual(once.chapters);
  });

  it('has a part of it drawn again by itself: all others stay as they are', () => {
    const at = tools();
    const chaptersOf = ({ chapters }: Adventure, part: DraftPart | null) =>
      chapters.filter((one) => part === null || partOfChapter(one) !== part);
    let last = draft(wishFor({ shape: 'cards' }), at);
    const ways = new Set<string>();
    for (const redraw of ['cool-down', 'welcome', 'adventure', 'adventure'] as const) {
      const { made, adventure } = last;
      const again = { part: redraw, kept: adventure };
      const next = draft(wishFor({ shape: 'cards', ...made, redraw: again }), at);
      if (redraw !== 'adventure')
        expect(chaptersOf(next.adventure, redraw)).toEqual(chaptersOf(adventure, redraw));
      expect(next.adventure.chapters.map(partOfChapter).at(-1)).toBe('goodbye');
      expect(next.findings.filter(({ severity }) => severity !== 'think')).toEqual([]);
      expect(parseAdventure(JSON.parse(JSON.stringify(next.adventure))).ok).toBe(true);
      const way = next.adventure.chapters.filter((one) => partOfChapter(one) === 'adventure');
      ways.add(JSON.stringify(way));
      last = next;
    }
    expect(ways.size).toBeGreaterThan(1);
    // How often each was drawn again: the next time it is another one.
    expect(last.made.again).toEqual({ 'cool-down': 1, welcome: 1, adventure: 2 });
  });

  it('tells the want at the beginning and at the end, and keeps the story’s words', () => {
    const { adventure } = draft(wishFor(), tools());
    expect(adventure.title).toBe('Carry the lamp to the tower');
    expect(adventure.world).toMatchObject({ place: 'the marsh', cast: [{ name: 'Wick' }] });
    const said = adventure.chapters.flatMap(({ beats }) =>
      beats.flatMap((beat) => (beat.kind === 'tell' ? [beat.text] : [])),
    );
    expect(said.slice(0, 4).join(' ')).toContain('carry the lamp to the tower');
    expect(said.slice(-4).join(' ')).toMatch(/lamp|tower/u);
    for (const line of said) expect(line).toMatch(/^[A-Z].*[.!?]$/u);
  });

  it('is made without a word, too, and in a small room without anything at hand', () => {
    const room = { ...DEFAULT_SETTING.room, lengthMetres: 4, widthMetres: 4, wallFree: false };
    const setting = settingFor(3, 8, { group: 8, room, kit: [] });
    const made = draft(wishFor({ want: '', place: '', hero: '', setting }), tools());
    expect(made.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    expect(movesUsed(made.adventure).length).toBeGreaterThan(6);
    for (const move of movesUsed(made.adventure)) expect(move.kit).toEqual([]);
  });

  it('asks for the grown-up where it is filmed', () => {
    const setting = settingFor(4, 8, { place: 'filmed', group: 1 });
    const { adventure, findings } = draft(wishFor({ setting }), tools());
    expect(JSON.stringify(adventure.chapters[0])).toContain('grown-up');
    expect(findings.filter(({ rule }) => rule === 'welcome-checks')).toEqual([]);
  });
});

describe('what a draft is made from', () => {
  it('is a scene of the story’s place, the plain way where there is none', () => {
    const first = (place: string, want = '') => scenesFor({ place, want }, net)[0]!.id;
    expect(first('the harbour')).toBe('sea');
    expect(first('a farm')).toBe('farm');
    expect(first('', 'find the sleeping dragon in its castle')).toBe('castle');
    expect(['sea', 'water']).toContain(first('the fjord'));
    expect(first('')).toBe('way');
  });

  it('has moves of the catalogue to begin and to end with', () => {
    for (const [id] of [...WARM_UPS, ...COOL_DOWNS, ...CALMS]) {
      const move = moveIn(BUILT_IN, id);
      expect(move.landingsPerRep, id).toBe(0);
      expect(move.fromAge, id).toBe(3);
    }
    for (const [id] of CALMS) expect(moveIn(BUILT_IN, id).effort).toBe(1);
  });

  it.each(ALL_SCENES)('has plain short lines: $id', ({ stops }) => {
    expect(stops.length).toBeGreaterThanOrEqual(10);
    expect(new Set(stops.map(({ name }) => name)).size).toBe(stops.length);
    for (const { name, line } of stops) {
      expect(name).toMatch(/^[a-z][a-z’ -]+$/u);
      expect(line).toMatch(/^[A-Z].*[.!]$/u);
      expect(line.split(' ').length).toBeLessThanOrEqual(18);
    }
  });

  it('rises to a peak at two thirds and falls again', () => {
    const curve = effortCurve(10);
    const peak = curve.indexOf(Math.max(...curve));
    expect(peak).toBe(6);
    expect(curve[0]).toBe(3);
    expect(curve.at(-1)!).toBeLessThan(4);
  });

  it('takes no move twice, and no more landings than are allowed', () => {
    const { ages } = DEFAULT_SETTING;
    for (const scene of ALL_SCENES) {
      const context = { book: BUILT_IN, setting: DEFAULT_SETTING, net };
      const landings = (most: number) => {
        const chosen = chooseMoves(scene.stops.slice(0, 8), context, seededRandom(3), most);
        const ids = chosen.map(({ move }) => move.id);
        expect(new Set(ids).size).toBe(ids.length);
        expect(ids.length).toBeGreaterThanOrEqual(5);
        return chosen.reduce((sum, { move }) => sum + landingsOf(move, ages), 0);
      };
      expect(landings(0)).toBe(0);
      expect(landings(12)).toBeLessThanOrEqual(12);
    }
  });
});
