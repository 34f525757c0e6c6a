import { partsOfBeat, spokenLines, type Beat, type BeatKind, type BeatOf } from '../beats';
import type { Part } from '../beats/beat-file';
import { linksOf } from '../beats/chain-schema';
import { isSum } from '../model/chance';
import { goesFor, MAX_AMOUNT, turnsPerSet, type Dose } from '../model/dose';
import { problem, type Problem } from '../model/problem';
import { childrenIn } from '../model/setting';
import type { Adventure } from './adventure';

/**
 * What an adventure comes to at the most: its beats, the moves in them, the letters that are said, how
 * often a move is begun (`goes`), and the seconds of work and rest that are asked for.
 */
export type Size = Readonly<Record<(typeof MEASURES)[number], number>>;
const MEASURES = ['beats', 'parts', 'letters', 'goes', 'seconds'] as const;

/**
 * Most of each that an adventure may hold. A field alone may be large, but not all of them at once: a
 * day of sessions is far below, and what is above would stop a browser. Our own judgement.
 */
export const MOST: Size = {
  beats: 3000,
  parts: 12_000,
  letters: 1_000_000,
  goes: 12_000,
  seconds: 6 * 3600,
};

type Work = Readonly<{ goes: number; seconds: number }>;
const NO_WORK: Work = { goes: 0, seconds: 0 };
const plus = (all: readonly Work[]): Work => ({
  goes: all.reduce((sum, { goes }) => sum + goes, 0),
  seconds: all.reduce((sum, { seconds }) => sum + seconds, 0),
});
const times = (n: number, { goes, seconds }: Work): Work => ({
  goes: n * goes,
  seconds: n * seconds,
});
const largest = (all: readonly Work[]): Work => ({
  goes: Math.max(0, ...all.map(({ goes }) => goes)),
  seconds: Math.max(0, ...all.map(({ seconds }) => seconds)),
});

/** A second or so a rep, whatever the move: the sum is a bound, not a plan. */
const SECONDS_A_COUNT = 1;
/** A draw that is over when its time is takes this long at the least. */
const SHORTEST_DRAW_SECONDS = 3;
/** Chunks of ten that a drawn number may come to. */
const MOST_CHUNKS = MAX_AMOUNT / 10;

function workOf({ amounts, restSeconds, ...dose }: Dose, children: number): Work {
  const turns = turnsPerSet(dose) * goesFor(dose, children);
  const asked = amounts.reduce((sum, amount) => sum + amount, 0) * SECONDS_A_COUNT;
  const goes = amounts.length * turns;
  return { goes, seconds: asked * turns + Math.max(0, goes - 1) * restSeconds };
}
type WorkOfPart = (part: Part) => Work;
const workOfParts =
  (children: number): WorkOfPart =>
  (part) =>
    'dose' in part ? workOf(part.dose, children) : { goes: 1, seconds: 0 };

/** How much each kind of beat comes to. */
const WORK: { readonly [Kind in BeatKind]: (beat: BeatOf<Kind>, of: WorkOfPart) => Work } = {
  tell: ({ waitSeconds = 0 }) => ({ goes: 1, seconds: waitSeconds }),
  drink: ({ seconds }) => ({ goes: 1, seconds }),
  setup: ({ seconds }) => ({ goes: 1, seconds }),
  move: ({ actions, rounds, restBetweenRoundsSeconds: rest }, of) =>
    plus([times(rounds, plus(actions.map(of))), { goes: 0, seconds: (rounds - 1) * rest }]),
  circuit: ({ stations, rounds, workSeconds, restSeconds, byRound }) => {
    const work = Math.max(workSeconds, ...byRound.map((one) => one.workSeconds ?? 0));
    const rest = Math.max(restSeconds, ...byRound.map((one) => one.restSeconds ?? 0));
    return times(rounds * stations.length, { goes: 1, seconds: work + rest });
  },
  draw: ({ entries, rules, amount }, of) => {
    const { stop } = rules;
    const chunks = isSum(amount) ? MOST_CHUNKS : 1;
    const each = largest(
      [
        ...entries.map(({ action, then }) => [action, ...then]),
        rules.standIn ? [rules.standIn] : [],
      ].map((row) => plus(row.map(of))),
    );
    if (stop.after === 'seconds') {
      const draws = Math.ceil(stop.seconds / SHORTEST_DRAW_SECONDS);
      return { goes: draws * each.goes, seconds: stop.seconds + each.seconds };
    }
    const draws = stop.after === 'draws' ? stop.draws : stop.most;
    const between = rules.between?.mostSeconds ?? 0;
    return times(draws, { goes: each.goes * chunks, seconds: each.seconds + between });
  },
  chain: ({ links, introduce, rehearseAfter, perform, ...beat }, of) => {
    const whole = plus(links.map(of));
    const verses = Math.ceil(linksOf({ ...beat, links }).length / introduce);
    return times(verses + rehearseAfter.length + perform.length, whole);
  },
  echo: ({ lines, times: over, beatsPerMinute, echo }) => {
    const beats = lines.reduce((sum, line) => sum + line.beats, 0);
    const seconds = (beats * 60) / beatsPerMinute;
    return times(over * (echo ? 2 : 1), { goes: lines.length, seconds });
  },
  relay: ({ things, limitSeconds, metres }) => ({
    goes: 1,
    seconds: limitSeconds ?? things * metres,
  }),
};

const workOfBeat = (beat: Beat, of: WorkOfPart): Work =>
  (WORK[beat.kind] as (one: Beat, of: WorkOfPart) => Work)(beat, of);

/** What an adventure comes to at the most; read off it beat by beat, without unrolling it. */
export function sizeOf({ chapters, setting }: Pick<Adventure, 'chapters' | 'setting'>): Size {
  const of = workOfParts(childrenIn(setting));
  let [beats, parts, letters, work] = [0, 0, 0, NO_WORK];
  for (const chapter of chapters) {
    for (const beat of chapter.beats) {
      beats += 1;
      parts += partsOfBeat(beat).length;
      for (const line of spokenLines(beat)) letters += line.length;
      work = plus([work, workOfBeat(beat, of)]);
    }
  }
  return { beats, parts, letters, ...work };
}

/** What of an adventure is more than it may hold; none where it is all right. */
export function checkSize(adventure: Pick<Adventure, 'chapters' | 'setting'>): readonly Problem[] {
  const size = sizeOf(adventure);
  return MEASURES.filter((one) => size[one] > MOST[one]).map((one) =>
    problem('too-much', [], { of: one, most: MOST[one], found: Math.round(size[one]) }),
  );
}
