/*
 * Speed as ratios measured in one run: machines are noisy, ratios less so.
 * Run with `npm run bench`.
 */
import {
  changeBeat,
  check,
  DEFAULT_PACE,
  fit,
  forecast,
  moveBookOf,
  terrainOf,
  newAdventure,
  newDraw,
  oddsOf,
  seededRandom,
  plainDose,
  startsBy,
  unroll,
  NO_GUISE,
  PLAIN_ACTION,
  type Adventure,
  type Beat,
  type Draw,
} from '../src/core';
import { readFileSync } from 'node:fs';
import { makeMoveFinder, parsePlainText, readLine, BUILT_IN } from '../src/core';
import { renderGuideTrack, SAMPLE_RATE } from '../src/core/formats/wav/guide-track';

const MOVES = ['march', 'squat', 'frog-jump', 'stork-stand', 'bear-walk', 'tall-reach'];
const SIZES = [10, 100, 300, 1000, 3000];
/** A frame at 60 a second, in milliseconds. */
const FRAME_MS = 16;

let ids = 0;
const newId = (prefix: string) => `${prefix}_b${(ids += 1)}`;

function beat(n: number): Beat {
  const id = newId('bt');
  if (n % 3 === 0) return { kind: 'tell', id, text: 'Over the ditch, and keep your letters dry!' };
  if (n % 20 === 1) return { kind: 'drink', id, text: 'Sip', seconds: 30 };
  const dose = { ...plainDose('reps', 8), sides: 'each' as const };
  const action = {
    id: newId('ac'),
    move: MOVES[n % MOVES.length]!,
    guise: NO_GUISE,
    dose,
    ...PLAIN_ACTION,
  };
  return {
    kind: 'move',
    id,
    say: '',
    actions: [action],
    rounds: 1,
    restBetweenRoundsSeconds: 0,
    led: null,
    show: null,
    countIn: null,
  };
}

function adventureOf(beats: number): Adventure {
  const empty = newAdventure(newId);
  const list = Array.from({ length: beats }, (_, n) => beat(n));
  return {
    ...empty,
    chapters: [{ id: newId('ch'), kind: 'adventure', title: 'Way', led: null, beats: list }],
  };
}

/** What the Desk does at a key stroke, short of drawing: edit, re-time, re-check, sums, terrain. */
function edit(adventure: Adventure, n: number): number {
  const beats = adventure.chapters[0]!.beats;
  const first = beats[0]!.id;
  const next = changeBeat(adventure, first, (b) =>
    b.kind === 'tell' ? { ...b, text: `Over the ditch ${n}` } : b,
  );
  const schedule = unroll(next);
  const { cues, totalSeconds } = schedule;
  const findings = check(next, next.setting, schedule).length;
  return totalSeconds + findings + startsBy(cues, 'beatId').size + terrainOf(cues, 550).length;
}

/** Median and 95th percentile of a run, in milliseconds. */
function measure(run: (n: number) => unknown, times: number) {
  for (let n = 0; n < times / 4; n += 1) run(n);
  const all = Array.from({ length: times }, (_, n) => {
    const start = performance.now();
    run(n);
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return { median: all[Math.floor(times / 2)]!, p95: all[Math.floor(times * 0.95)]! };
}

const results = SIZES.map((size) => {
  const adventure = adventureOf(size);
  return { size, ...measure((n) => edit(adventure, n), 200) };
});
const base = results[0]!;
console.log(
  'From an edit to the new schedule, findings, sums and terrain (ratios to 10 beats, one run)',
);
console.log('beats   time   per beat   p95 / a 16 ms frame');
for (const { size, median, p95 } of results) {
  const time = (median / base.median).toFixed(1).padStart(6);
  const perBeat = (median / size / (base.median / base.size)).toFixed(2).padStart(10);
  const frame = (p95 / FRAME_MS).toFixed(3).padStart(12);
  console.log(`${String(size).padStart(5)} ${time} ${perBeat} ${frame}`);
}

// The fit of 60 beats to 90 and 110 % of their length, against one second.
const sixty = adventureOf(60);
const length = unroll(sixty).totalSeconds;
for (const share of [0.9, 1.1]) {
  const target = { seconds: Math.round(length * share) };
  const { median } = measure(() => fit(sixty, sixty.setting, DEFAULT_PACE, target), 5);
  const { met } = fit(sixty, sixty.setting, DEFAULT_PACE, target);
  console.log(
    `fit of 60 beats to ${Math.round(share * 100)} %: ${(median / 1000).toFixed(2)} of a second, ${met ? 'met' : 'not met'}`,
  );
}

// Odds of 30 draws of 12 weighted outcomes under every rule, against 50 ms.
const OUTCOMES = 12;
const NUMBERS = {
  from: 'number die',
  sides: 12,
  dice: 1,
  times: 2,
  plus: 0,
  least: 3,
  most: 24,
  ask: false,
} as const;
const TRAVEL = { move: 'march', leastSeconds: 3, mostSeconds: 9, tightens: true };
const RULES: readonly (readonly [string, object, object])[] = [
  ['kept', {}, {}],
  ['again', { onRepeat: 'again' }, {}],
  ['stand-in', { onRepeat: 'stand-in' }, {}],
  ['each once before any twice', { returns: 'bag' }, {}],
  ['each once, again', { returns: 'bag', onRepeat: 'again' }, {}],
  ['stays out', { returns: 'out' }, {}],
  ['at most 4 of one', { mostOfOne: 4 }, {}],
  ['at most 4, again', { mostOfOne: 4, onRepeat: 'again' }, {}],
  ['fair share', { mostAhead: 2 }, {}],
  ['no pattern', { noPattern: true }, {}],
  ['fair share, no pattern, again', { mostAhead: 2, noPattern: true, onRepeat: 'again' }, {}],
  ['until all were seen', { stop: { after: 'all seen', most: 30 } }, {}],
  ['for ten minutes', { stop: { after: 'seconds', seconds: 600 } }, {}],
  ['travel that tightens', { between: TRAVEL }, {}],
  ['numbers, stand-in', { onRepeat: 'stand-in' }, { amount: NUMBERS }],
  ['numbers, fair share', { mostAhead: 2 }, { amount: NUMBERS }],
  ['numbers, no pattern', { noPattern: true, onRepeat: 'again' }, { amount: NUMBERS }],
];
for (const [name, rules, more] of RULES) {
  const dose = plainDose('reps', 8);
  const action = { move: 'squat', guise: NO_GUISE, dose, ...PLAIN_ACTION };
  const given = Array.from({ length: OUTCOMES }, (_, n) => ({ label: String(n), action }));
  const plain = newDraw({ kind: 'spinner' }, given, 1, newId);
  const draw: Draw = {
    ...plain,
    ...more,
    entries: plain.entries.map((entry, n) => ({ ...entry, weight: n + 1 })),
    rules: {
      ...plain.rules,
      standIn: { id: newId('ac'), ...action },
      stop: { after: 'draws' as const, draws: 30 },
      ...rules,
    },
  };
  const lasts = (one: { amount: number | null }) => ({
    seconds: 20 + (one.amount ?? 0),
    landings: 2,
  });
  const ask = (runs?: number) => oddsOf(draw, seededRandom(1), lasts, runs);
  const told = ask();
  if (!told.ok) throw new Error(`odds: ${name}`);
  const { method, errorBound } = told.value;
  const took = measure(() => ask(), 12).median;
  const how = method === 'exact' ? 'exact' : `played, within ${errorBound.toFixed(3)}`;
  console.log(`odds of 30 draws of 12, ${name}: ${(took / 50).toFixed(2)} of 50 ms, ${how}`);
}

// The forecast of 100,000 sessions against one second, and against a bare loop with the same generator:
// as many draws, each one number and one look into a table of lengths. Three shapes of a draw.
const SESSIONS = 100_000;
const DRAWS = 14;
for (const [name, rules] of [
  ['kept', {}],
  ['stand-in', { onRepeat: 'stand-in' as const }],
  ['fair share', { mostAhead: 2 }],
] as const) {
  const given = MOVES.map((move) => ({
    label: move,
    action: { move, guise: NO_GUISE, dose: plainDose('reps', 8), ...PLAIN_ACTION },
  }));
  const plain = newDraw({ kind: 'die', sides: 6, dice: 1 }, given, 1, newId);
  const draw: Beat = {
    ...plain,
    rules: {
      ...plain.rules,
      standIn: { id: newId('ac'), ...given[0]!.action },
      stop: { after: 'draws', draws: DRAWS },
      ...rules,
    },
  };
  const script = adventureOf(30);
  const [chapter] = script.chapters;
  const adventure = { ...script, chapters: [{ ...chapter!, beats: [...chapter!.beats, draw] }] };
  const { setting } = adventure;
  const context = { adventure, setting, pace: DEFAULT_PACE, book: moveBookOf(adventure) };
  const played = measure(() => forecast(context, seededRandom(1), SESSIONS), 5).median;
  const lengths = [12, 15, 18, 21, 24, 27];
  const bare = measure(() => {
    const random = seededRandom(1);
    let sum = 0;
    for (let n = 0; n < SESSIONS * DRAWS; n += 1) sum += lengths[Math.floor(random.share() * 6)]!;
    return sum;
  }, 5).median;
  console.log(
    `forecast of 100,000 sessions of ${DRAWS} draws, ${name}: ${(played / 1000).toFixed(2)} of a second, ${(played / bare).toFixed(1)} times a bare loop`,
  );
}

// The guide track of twenty minutes, against the two seconds that it may take in a worker, and against
// only filling as many samples.
const TRACK_SECONDS = 20 * 60;
const one = unroll(adventureOf(60));
const rounds = Math.ceil(TRACK_SECONDS / one.totalSeconds);
const cues = Array.from({ length: rounds }, (_, n) =>
  one.cues.map((cue) => ({ ...cue, startSeconds: cue.startSeconds + n * one.totalSeconds })),
).flat();
const track = { cues, totalSeconds: TRACK_SECONDS };
const rendered = measure(() => renderGuideTrack(track), 5).median;
const filled = measure(() => new Int16Array(TRACK_SECONDS * SAMPLE_RATE).fill(1), 5).median;
console.log(
  `guide track of 20 minutes: ${(rendered / 2000).toFixed(3)} of two seconds, ${(rendered / filled).toFixed(1)} times filling the samples`,
);

// Reading lines with 60 own moves beside the catalogue: against 5 ms a line, and half a second a plan.
const LINE_MS = 5;
const PLAN_MS = 500;
const squat = BUILT_IN.get('squat')!;
const moves = Array.from({ length: 60 }, (_, n) => ({
  ...squat,
  id: `own-bench-${n}`,
  name: `bog step ${n} over`,
  plural: `bog steps ${n} over`,
  aliases: [`marsh thing ${n}`],
}));
const tools = {
  finder: makeMoveFinder(moveBookOf({ moves })),
  ages: { from: 5, to: 5 },
  kit: [],
  book: null,
};
const typed = ['given.tsv', 'own.tsv', 'said.txt'].flatMap((file) =>
  readFileSync(`tests/outside/lines/${file}`, 'utf8')
    .split('\n')
    .filter((line) => line && !line.startsWith('#'))
    .map((line) => line.split('\t')[0]!),
);
for (const line of typed) readLine(line, tools);
const times = typed
  .map((line) => measure(() => readLine(line, tools), 3).median)
  .sort((a, b) => a - b);
const plan = typed.slice(0, 300).join('\n');
const planned = measure(() => parsePlainText(plan, { newId, newSeed: () => 1, moves }), 5).median;
console.log(
  `reading a line, p95 of ${typed.length}: ${(times[Math.floor(times.length * 0.95)]! / LINE_MS).toFixed(2)} of 5 ms; a plan of 300 lines: ${(planned / PLAN_MS).toFixed(2)} of half a second`,
);
