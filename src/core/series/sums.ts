import { z } from 'zod';
import { isOwnWork, type Side } from '../cues/cue';
import type { Adventure } from '../document/adventure';
import { drawsOf } from '../document/beats-of';
import type { Run } from '../log/run';
import type { DeepReadonly } from '../model/deep-readonly';
import type { Setting } from '../model/setting';
import { moveBookOf, type MoveBook } from '../moves/move-book';
import { kitListOf } from '../prep/kit-list';
import type { Schedule } from '../schedule/unroll';
import { skillOf } from './skills';

const seconds = z.number().min(0).max(20_000);
const secondsBy = z.record(z.string().max(80), seconds);
const terms = z.array(z.string().max(120)).max(300);

/** What one session comes to, in seconds; kept with the series, so that it stays when its script goes. */
export const sessionSumsSchema = z.strictObject({
  seconds,
  /** Seconds at each of the five levels of effort, from still to fast. */
  effortSeconds: z.tuple([seconds, seconds, seconds, seconds, seconds]),
  /** Work of one child, by move, by fundamental skill, by part of the body and by side. */
  moves: secondsBy,
  skills: secondsBy,
  regions: secondsBy,
  leftSeconds: seconds,
  rightSeconds: seconds,
  /** The most of a move in one set, in its own unit. */
  most: z.record(z.string().max(80), z.number().min(0).max(20_000)),
  letters: terms,
  numbers: z.array(z.number().min(0).max(20_000)).max(300),
  shapes: terms,
  words: terms,
  devices: terms,
  kit: terms,
});
export type SessionSums = DeepReadonly<z.infer<typeof sessionSumsSchema>>;

/** Names of shapes as they are called and drawn with children. */
const SHAPES =
  /\b(circle|square|triangle|rectangle|oval|star|diamond|heart|crescent|hexagon|pentagon)s?\b/giu;
/** Work at this level of effort and above is moving. */
const MOVING = 2;

/** One stretch of a child's work. */
type Work = Readonly<{
  move: string;
  seconds: number;
  side: Side;
  amount: number;
}>;

type Taught = Pick<SessionSums, 'letters' | 'numbers' | 'shapes' | 'words' | 'devices' | 'kit'>;

function worked(
  work: readonly Work[],
  book: MoveBook,
): Pick<SessionSums, 'moves' | 'skills' | 'regions' | 'leftSeconds' | 'rightSeconds' | 'most'> {
  const moves: Record<string, number> = {};
  const skills: Record<string, number> = {};
  const regions: Record<string, number> = {};
  const most: Record<string, number> = {};
  const sides = { left: 0, right: 0, any: 0 };
  const add = (sums: Record<string, number>, key: string, by: number) => {
    sums[key] = (sums[key] ?? 0) + by;
  };
  for (const one of work) {
    add(moves, one.move, one.seconds);
    sides[one.side] += one.seconds;
    most[one.move] = Math.max(most[one.move] ?? 0, one.amount);
    const move = book.get(one.move);
    if (!move) continue;
    const skill = skillOf(move);
    if (skill) add(skills, skill.id, one.seconds);
    for (const region of move.regions) add(regions, region, one.seconds);
  }
  return { moves, skills, regions, most, leftSeconds: sides.left, rightSeconds: sides.right };
}

/** What is learned along the way, as far as a script says it. */
function taughtIn(adventure: Adventure, setting: Setting, amounts: readonly number[]): Taught {
  const draws = drawsOf(adventure);
  const labels = draws.flatMap(({ entries }) => entries.map(({ label }) => label));
  const texts = [...labels, adventure.learning, JSON.stringify(adventure.chapters)].join(' ');
  const letters = draws
    .filter(({ device }) => device.kind === 'letters')
    .flatMap(({ entries }) => entries.map(({ label }) => label.toUpperCase()));
  const kit = kitListOf(adventure, setting).map(({ thing }) => thing);
  return {
    letters: [...new Set(letters)].slice(0, 300),
    numbers: [...new Set(amounts)].sort((a, b) => a - b).slice(0, 300),
    shapes: [...new Set([...texts.matchAll(SHAPES)].map(([, shape]) => shape!.toLowerCase()))],
    words: [...new Set(adventure.world.words)].slice(0, 300),
    devices: [...new Set(draws.map(({ device }) => device.kind))],
    kit: [...new Set(kit)].slice(0, 300),
  };
}

/** What a session is planned to come to, from its cues as they are in `setting`. */
export function plannedSums(
  adventure: Adventure,
  setting: Setting,
  { cues, totalSeconds }: Pick<Schedule, 'cues' | 'totalSeconds'>,
): SessionSums {
  const effort: [number, number, number, number, number] = [0, 0, 0, 0, 0];
  const work: Work[] = [];
  for (const cue of cues) {
    effort[cue.effort - 1]! += cue.lengthSeconds;
    if (!isOwnWork(cue) || !cue.doing) continue;
    const { move, side, amount } = cue.doing;
    work.push({ move, side, amount, seconds: cue.lengthSeconds });
  }
  const counted = cues.flatMap(({ doing }) =>
    doing && doing.secondsPerCount > 0 ? [Math.round(doing.amount)] : [],
  );
  return {
    seconds: totalSeconds,
    effortSeconds: effort,
    ...worked(work, moveBookOf(adventure)),
    ...taughtIn(adventure, setting, counted),
  };
}

/** What a session came to, from what was logged; what is learned along the way as it was planned. */
export function ledSums(run: Run, book: MoveBook, taught: Taught): SessionSums {
  const plan = new Map(run.plan.map((cue) => [cue.id, cue]));
  const effort: [number, number, number, number, number] = [0, 0, 0, 0, 0];
  const work: Work[] = [];
  let total = 0;
  for (const { cueId, lengthSeconds } of run.leading.visits) {
    const cue = plan.get(cueId);
    if (!cue) continue;
    total += lengthSeconds;
    effort[cue.effort - 1]! += lengthSeconds;
    if (cue.move === undefined) continue;
    const { move, side = 'any', counts } = cue;
    work.push({ move, side, seconds: lengthSeconds, amount: counts ?? cue.lengthSeconds });
  }
  return {
    ...taught,
    seconds: total,
    effortSeconds: effort,
    ...worked(work, book),
  };
}

export const NOTHING_TAUGHT: Taught = {
  letters: [],
  numbers: [],
  shapes: [],
  words: [],
  devices: [],
  kit: [],
};

/** Seconds in which children move. */
export function movingSeconds({ effortSeconds }: Pick<SessionSums, 'effortSeconds'>): number {
  return effortSeconds.slice(MOVING - 1).reduce((sum, one) => sum + one, 0);
}
