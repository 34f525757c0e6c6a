import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../cues/pace';
import { afterWorkOn } from '../cues/stance';
import { moveBookOf } from '../moves/move-book';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { oddsOfBeat } from './beat-odds';
import { drawLeader, measureDraws, moveOfDraw, movesBefore } from './draw-cues';
import { resolveDraws } from './resolve-draws';
import { unroll } from './unroll';

const MOVES = ['march', 'jog', 'hop', 'squat', 'star-shape', 'plank'];
const contextOf = (adventure: ReturnType<typeof withBeats>) => ({
  adventure,
  setting: adventure.setting,
  pace: DEFAULT_PACE,
  book: moveBookOf(adventure),
});

describe('draws of a whole adventure', () => {
  const [live, before] = [drawBeat(MOVES), drawBeat(MOVES, { drawn: 'beforehand' })];
  const adventure = withBeats(live, before);
  const entries = (seed: number | null, typed?: never) => {
    const draws = resolveDraws(adventure, adventure.setting, DEFAULT_PACE, seed, typed);
    return [live, before].map(({ id }) => draws.get(id)!.map(({ entry }) => entry));
  };
  it('are the same for the same seed; a new seed draws the live ones anew, and no others', () => {
    expect(entries(null)).toEqual(entries(null));
    expect(entries(3)).toEqual(entries(3));
    const [first, second] = [entries(3), entries(4)];
    expect(first[0]).not.toEqual(second[0]);
    expect(first[1]).toEqual(second[1]);
    expect(first[1]).toEqual(entries(null)[1]);
  });
  it('what was typed comes in place of chance', () => {
    const typed = new Map([[live.id, [{ outcome: 5, number: null }, null]]]) as never;
    expect(entries(null, typed)[0]![0]).toBe(5);
  });
  it('by time there are as many as fit', () => {
    const timed = drawBeat(MOVES, { rules: { stop: { after: 'seconds', seconds: 60 } } });
    const made = withBeats(timed);
    const draws = resolveDraws(made, made.setting, DEFAULT_PACE).get(timed.id)!;
    const measure = measureDraws(contextOf(made), timed);
    const lengths = draws.map((draw) => measure(draw).seconds);
    const sum = (list: readonly number[]) => list.reduce((all, one) => all + one, 0);
    expect(sum(lengths.slice(0, -1))).toBeLessThan(60);
    expect(sum(lengths)).toBeGreaterThanOrEqual(60);
  });
});

describe('one draw', () => {
  const beat = drawBeat(['march', 'frog-jump'], { rules: { standIn: doseOf('hop', 4) } });
  const adventure = withBeats(moveBeat([doseOf('squat', 5)]), beat, moveBeat([doseOf('skip', 5)]));
  const draws = resolveDraws(adventure, adventure.setting, DEFAULT_PACE).get(beat.id)!;
  const measure = measureDraws(contextOf(adventure), beat);

  it('knows which moves were met before', () => {
    expect([...movesBefore(adventure, beat.id)]).toEqual(['squat']);
    expect([...movesBefore(adventure, adventure.chapters[0]!.beats[0]!.id)]).toEqual([]);
    expect(movesBefore(adventure, 'elsewhere').has('skip')).toBe(true);
  });
  it('ends with its own move, or with the stand-in’s', () => {
    const book = moveBookOf(adventure);
    const draw = draws.find(({ entry }) => entry === 1)!;
    expect(moveOfDraw(beat, draw, book).id).toBe('frog-jump');
    expect(moveOfDraw(beat, { ...draw, standIn: true }, book).id).toBe('hop');
    const follows = beat.entries.map((entry) => ({ ...entry, then: [doseOf('plank', 5)] }));
    expect(moveOfDraw({ ...beat, entries: follows }, draw, book).id).toBe('plank');
  });
  it('comes to the length, the landings and the reps of its cues', () => {
    const jumps = draws.find(({ entry }) => entry === 1)!;
    const lead = drawLeader(contextOf(adventure), beat);
    const { cues } = lead(jumps, afterWorkOn(moveOfDraw(beat, jumps, moveBookOf(adventure))));
    const seconds = cues.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0);
    expect(measure(jumps)).toMatchObject({ reps: 5, seconds });
    expect(measure(jumps).landings).toBeGreaterThanOrEqual(5);
    expect(measure(jumps)).toBe(measure({ ...jumps }));
    const marches = draws.find(({ entry }) => entry === 0)!;
    expect(measure(marches).landings).toBe(0);
  });
});

it('odds of a beat are those of its outcomes, with lengths as its schedule has them', () => {
  const beat = drawBeat(MOVES, { rules: { stop: { after: 'draws', draws: 1 } } });
  const { setting, defaults } = withBeats(beat);
  const odds = oddsOfBeat({ beat, setting, defaults, moves: [] });
  expect(odds.ok).toBe(true);
  const again = oddsOfBeat({ beat, setting, defaults, moves: [] });
  expect(odds).toEqual(again);
  const broken = oddsOfBeat({ beat: { ...beat, entries: [] }, setting, defaults, moves: [] });
  expect(broken.ok).toBe(false);
  expect(unroll(withBeats(beat)).totalSeconds).toBeGreaterThan(0);
});
