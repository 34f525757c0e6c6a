import {
  leadsIntoHold,
  type Adventure,
  compareRun,
  DEFAULT_PACE,
  type DrawsByBeat,
  type LedWay,
  parseArrupJson,
  resolveDraws,
  type Run,
  parseDocument,
  RUN,
  type TypedDraws,
  unroll,
  type Waits,
} from '$core';
import { drawBeat, withBeats } from '../../core/testing/make';
import { describe, expect, it } from 'vitest';
import text from '$lib/demo/six-lamps.arrup.json?raw';
import { StageSession } from './stage.svelte';

const adventure = (parseArrupJson(text) as { value: Adventure }).value;
const schedule = unroll(adventure);

const WAITS = { lines: 'run on', holds: 'run on', counts: 'tempo', sums: 'run on' } as const;

function wayOf(led: Adventure, draws: DrawsByBeat = new Map()): LedWay {
  const { setting } = led;
  const { cues } = unroll(led, setting, DEFAULT_PACE, draws);
  return { context: { adventure: led, setting, pace: DEFAULT_PACE }, draws, cues };
}

function start(waits: Partial<Waits> = {}) {
  let time = 7;
  const kept: Run[] = [];
  const session = new StageSession(
    adventure,
    { ...WAITS, ...waits },
    {
      clock: { now: () => time },
      speed: 1,
      today: () => '2026-01-01T09:00:00.000Z',
      keep: async (run) => void kept.push(run),
      newRunId: () => 'run_1',
      seed: 1,
      replan: () => wayOf(adventure),
    },
  );
  const planned: number[] = [];
  const music: number[] = [];
  session.sound = {
    plan: (ticks) => planned.push(...ticks.map((one) => one.atClock)),
    hush: () => planned.push(NaN),
    music: (_begun, _next, now) => {
      music.push(now);
      return now + 0.25;
    },
  };
  const pass = (seconds: number, step = 0.05) => {
    for (let left = seconds; left > 1e-9; left -= step) {
      time += Math.min(step, left);
      session.update();
    }
  };
  return { session, kept, planned, music, pass };
}

describe('a session on the stage', () => {
  it('leads every cue to the end and keeps a whole log', async () => {
    const { session, kept, pass } = start();
    session.go();
    pass(schedule.totalSeconds + 1, 0.5);
    await session.settled();
    const run = kept.at(-1)!;
    expect(parseDocument(RUN, run)).toEqual({ ok: true, value: run });
    expect(session.status).toBe('done');
    const compared = compareRun(run);
    expect(compared.whole).toBe(true);
    expect(compared.realSeconds).toBeCloseTo(schedule.totalSeconds, 6);
    for (const beat of compared.beats) expect(beat.realSeconds).toBeCloseTo(beat.plannedSeconds, 6);
  });

  it('says how much of the slot is left when the rest goes as planned', () => {
    const { session, pass } = start();
    const spare = adventure.setting.slotSeconds - schedule.totalSeconds;
    expect(session.spare).toBeCloseTo(spare, 6);
    session.go();
    pass(30);
    expect(session.spare).toBeCloseTo(spare, 6);
    session.pause();
    pass(60);
    expect(session.spare).toBeCloseTo(spare - 60, 6);
    session.go();
    session.next();
    expect(session.spare).toBeGreaterThan(spare - 60);
  });

  it('plans each sound ahead of time, and takes it back on a pause', () => {
    const { session, planned, pass } = start();
    session.go();
    pass(60);
    expect(planned.some((at) => at > 0)).toBe(true);
    const before = planned.length;
    session.pause();
    expect(planned.slice(before).some(Number.isNaN)).toBe(true);
  });

  it('plays music while they work by the clock, if it is wanted, and stops before the end', () => {
    const silent = start();
    silent.session.go();
    silent.pass(200, 0.1);
    expect(silent.music).toEqual([]);
    const { session, music, pass } = start();
    session.withMusic = true;
    session.go();
    while (!(session.cue?.kind === 'work' && session.cue.doing?.secondsPerCount === 0))
      session.next();
    const begins = music.length;
    const { lengthSeconds } = session.cue;
    pass(lengthSeconds + 1, 0.1);
    expect(music.length - begins).toBeGreaterThan(20);
    const played = music.slice(begins);
    expect(played.at(-1)! - played[0]!).toBeLessThan(lengthSeconds - 0.2);
  });

  it('goes on after a reload at the same cue, with what was logged', async () => {
    const first = start();
    first.session.go();
    first.pass(100);
    await first.session.settled();
    const kept = first.kept.at(-1)!;
    const second = start();
    second.session.carryOn(JSON.parse(JSON.stringify(kept)) as Run, 12);
    expect(second.session.status).toBe('paused');
    expect(second.session.index).toBe(first.session.index);
    // It is kept once a second: a second at most is done again.
    const lost = first.session.position - second.session.position;
    expect(lost).toBeGreaterThanOrEqual(0);
    expect(lost).toBeLessThanOrEqual(1);
    second.session.go();
    second.session.finish();
    await second.session.settled();
    const run = second.kept.at(-1)!;
    expect(run.id).toBe(kept.id);
    expect(run.leading.visits.slice(0, -1)).toEqual(kept.leading.visits);
    expect(compareRun(run).realSeconds).toBeCloseTo(112 - lost, 5);
  });

  it('goes on at the same cue when the script has grown before it', async () => {
    const first = start();
    first.session.go();
    first.pass(100);
    first.session.pause();
    await first.session.settled();
    const [welcome, ...rest] = adventure.chapters;
    const line = { kind: 'tell' as const, id: 'bt_new', text: 'One more word before we begin.' };
    const grown = {
      ...adventure,
      chapters: [{ ...welcome!, beats: [line, ...welcome!.beats] }, ...rest],
    };
    const second = new StageSession(grown, WAITS, {
      clock: { now: () => 0 },
      speed: 1,
      today: () => '2026-01-01T09:00:00.000Z',
      keep: async () => {},
      newRunId: () => 'run_2',
      seed: 1,
      replan: () => wayOf(grown),
    });
    second.carryOn(first.kept.at(-1)!, 0);
    expect(second.cue!.id).toBe(first.session.cue!.id);
    expect(second.into).toBeCloseTo(first.session.into, 6);
  });
});

describe('changes on the stage', () => {
  it('are made where it stands, are in the log, and are there again after a reload', async () => {
    const { session, kept, pass } = start();
    session.go();
    while (session.cue?.kind !== 'work') session.next();
    const slow = session.remaining;
    expect(session.changes.map(({ what }) => what)).toContain('more');
    expect(session.adapt('more')).not.toBeNull();
    expect(session.remaining).toBeGreaterThan(slow);
    expect(session.adapt('drink')).not.toBeNull();
    session.next();
    expect(session.cue?.kind).toBe('drink');
    session.addPoints(5);
    pass(3);
    session.pause();
    await session.settled();
    const run = JSON.parse(JSON.stringify(kept.at(-1)!)) as Run;
    expect(parseDocument(RUN, run)).toEqual({ ok: true, value: run });
    expect(run.adaptations!.map(({ what }) => what)).toEqual(['more', 'drink']);
    expect(run.points).toBe(5);
    const second = start().session;
    second.carryOn(run, 4);
    expect(second.schedule.cues).toEqual(session.schedule.cues);
    expect(second.cue!.id).toBe(session.cue!.id);
    expect(second.points).toBe(5);
  });

  it('shows an easier form at once, and skips the rest of a beat', () => {
    const { session } = start();
    session.go();
    while (!(session.cue?.kind === 'work' && session.changes.some(({ what }) => what === 'easier')))
      session.next();
    const { beatId } = session.cue!;
    const { move } = session.cue!.doing!;
    session.adapt('easier');
    expect(session.cue).toMatchObject({ kind: 'show', beatId });
    expect(session.cue!.doing!.move).not.toBe(move);
    session.skip();
    expect(session.cue!.beatId).not.toBe(beatId);
  });

  it('shortens the rest into what is left of the slot', () => {
    const { session, pass } = start();
    session.go();
    session.pause();
    const spare = session.spare;
    pass(spare + 90, 5);
    session.go();
    expect(session.spare).toBeLessThan(-80);
    const [saved, before] = [session.savedByShortening(), session.remaining];
    expect(saved).toBeGreaterThan(30);
    expect(session.adapt('shorten')).not.toBeNull();
    expect(before - session.remaining).toBeCloseTo(saved, 6);
    expect(session.spare).toBeGreaterThan(-45);
  });

  it('reps are counted by taps, where that is asked for, however long it takes', () => {
    const { session: led, pass } = start({ counts: 'taps' });
    led.go();
    while (!led.tapped) led.next();
    const { id, doing } = led.cue!;
    for (let n = 1; n < doing!.amount; n += 1) {
      pass(9);
      led.tapOrNext();
      expect(led.cue!.id).toBe(id);
      expect(led.count).toBe(n);
    }
    led.tapOrNext();
    expect(led.cue!.id).not.toBe(id);
  });

  it('a hold waits until everybody is in it, where that is asked for', () => {
    const { session: held, pass } = start({ holds: 'wait for me' });
    held.go();
    for (let n = 0; n < 400; n += 1) {
      if (leadsIntoHold(held.schedule.cues, held.index)) break;
      held.next();
    }
    pass(30);
    expect(held.status).toBe('waiting');
    held.goOrPause();
    expect(held.cue?.kind).toBe('hold');
  });
});

describe('draws on the stage', () => {
  const SEED = 11;
  const beat = drawBeat(['squat', 'march', 'hop', 'lunge', 'jog', 'bear-walk'], {
    device: { kind: 'die', sides: 6, dice: 1 },
    rules: { stop: { after: 'draws', draws: 5 }, onRepeat: 'again' },
  });
  const script = withBeats(beat);
  const replan = (typed: TypedDraws) => {
    const draws = resolveDraws(script, script.setting, DEFAULT_PACE, SEED, typed);
    return wayOf(script, draws);
  };

  function lead() {
    let time = 0;
    const kept: Run[] = [];
    const world = {
      clock: { now: () => time },
      speed: 1,
      today: () => '2026-01-01T09:00:00.000Z',
      keep: async (run: Run) => void kept.push(run),
      newRunId: () => 'run_1',
      seed: SEED,
      replan,
    };
    const make = () => new StageSession(script, WAITS, world);
    const session = make();
    session.go();
    const toDraw = () => {
      for (let n = 0; n < 50; n += 1) {
        session.next();
        if (session.cue?.kind === 'draw') return;
      }
    };
    return { session, kept, make, toDraw, pass: (seconds: number) => (time += seconds) };
  }

  it('take what a real die shows, and go on from it', () => {
    const { session, toDraw } = lead();
    expect(session.cue!.kind).toBe('draw');
    const other = (session.drawn!.outcome + 1) % 6;
    expect(session.typeDraw({ outcome: other, number: null })).toBe('taken');
    expect(session.drawn!.outcome).toBe(other);
    expect(session.cue!.doing!.move).toBe(beat.entries[other]!.action.move);
    toDraw();
    expect(session.drawing!.nth).toBe(1);
    // The same face again does not count by the rule: it is said, and nothing changes.
    const before = session.drawn;
    expect(session.typeDraw({ outcome: other, number: null })).toBe('again');
    expect(session.drawn).toEqual(before);
  });

  it('are all in the log, and are there again after a reload', async () => {
    const { session, kept, make, toDraw } = lead();
    const faces = [4, 2, 4];
    for (const outcome of faces) {
      session.typeDraw({ outcome, number: null });
      toDraw();
    }
    session.pause();
    await session.settled();
    const run = kept.at(-1)!;
    expect(parseDocument(RUN, run)).toEqual({ ok: true, value: run });
    expect(run.typed![beat.id]!.map((one) => one!.outcome)).toEqual(faces);
    const second = make();
    second.carryOn(run, 0);
    expect(second.cue!.id).toBe(session.cue!.id);
    expect(second.schedule.cues).toEqual(session.schedule.cues);
  });
});
