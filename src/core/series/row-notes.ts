import { changeParts, partsOfBeat } from '../beats';
import type { Adventure } from '../document/adventure';
import { swapMove } from '../document/swap-move';
import { withAmounts } from '../model/dose';
import type { Move } from '../model/move';
import type { Setting } from '../model/setting';
import { lacksOf } from '../moves/fits-setting';
import { moveBookOf, type MoveBook } from '../moves/move-book';
import { insteadOf } from '../moves/fits-setting';
import { countsOf, coverageOf, type Coverage, type CoveredSession } from './coverage';
import { daysBetween, type Day } from './days';
import { laddersOf, stepOf, stepsAllowed, stepsBetween, type Rung } from './ladders';
import { isGap, takesPlace, type Series } from './series';
import { SKILLS, type Skill, skillOf } from './skills';

/** What can be done about a note: an adventure is changed by it, or another one is chosen for a session. */
export type RowMend =
  | Readonly<{ kind: 'swap'; sessionId: string; adventureId: string; from: string; to: string }>
  | Readonly<{
      kind: 'amount';
      sessionId: string;
      adventureId: string;
      move: string;
      amount: number;
    }>
  | Readonly<{ kind: 'choose'; sessionId: string }>;

export const ROW_RULES = [
  'not-lately',
  'same-again',
  'move-every-time',
  'too-big-a-step',
  'was-too-hard',
  'one-side-more',
  'little-lively',
  'not-here',
  'gap',
] as const;
export type RowRule = (typeof ROW_RULES)[number];

/** A note on a row: where, what, and what can be done. Words come at the edge, from `params`. */
export type RowNote = Readonly<{
  rule: RowRule;
  sessionId: string;
  params: Readonly<Record<string, string | number>>;
  mend: RowMend | null;
}>;

/** A skill is missed when it has not come for so many days, in a row that is as long. */
const MISSED_DAYS = 21;
const MOST_MISSED = 3;
/** So many sessions with the same move are told. */
const EVERY_TIME = 4;
/** One side more than the other by this share of both. */
const SIDE_SHARE = 0.2;
const LEAST_SIDE_SECONDS = 60;
/** Lively and fast work should be this share of the time, over the row. Our own judgement. */
const LIVELY_SHARE = 0.12;
const LIVELY = 4;

/** What notes are made from. `adventures` are those of the shelf, by their ids. */
export type Row = Readonly<{
  series: Series;
  covered: readonly CoveredSession[];
  adventures: ReadonlyMap<string, Adventure>;
  today: Day;
}>;

const titleAt = ({ covered }: Row, n: number) => covered[n]?.title ?? '';

/** Sessions that are still to come and have an adventure, by their places. */
function toCome({ series, today, adventures }: Row): readonly number[] {
  return series.sessions.flatMap((session, n) => {
    const isOpen = takesPlace(session) && session.led === null && session.day >= today;
    return isOpen && adventures.has(session.adventureId ?? '') ? [n] : [];
  });
}

/** How unlike two moves are to do, for taking one in place of the other. */
const unlike = (one: Move, other: Move) =>
  Math.abs(one.effort - other.effort) + (one.posture === other.posture ? 0 : 1);

/** The move of a skill that could stand for one of an adventure's moves, and for which. */
export function swapFor(
  adventure: Adventure,
  skill: Skill,
  setting: Pick<Setting, 'ages' | 'room' | 'kit'>,
): Readonly<{ from: Move; to: Move }> | null {
  const book = moveBookOf(adventure);
  const parts = adventure.chapters
    .filter(({ kind }) => kind === 'warm-up' || kind === 'adventure' || kind === 'game')
    .flatMap(({ beats }) => beats.flatMap((beat) => partsOfBeat(beat)));
  const used = new Map<string, number>();
  for (const { move } of parts) used.set(move, (used.get(move) ?? 0) + 1);
  const fresh = skill.moves.flatMap((id) => {
    const move = book.get(id);
    const fits = move && move.fromAge <= setting.ages.from && lacksOf(move, setting).length === 0;
    return fits && !used.has(id) ? [move] : [];
  });
  let best: { from: Move; to: Move; cost: number } | null = null;
  for (const [id, times] of used) {
    const from = book.get(id);
    // A move that carries the story by being done again and again stays.
    if (!from || times > 2 || skillOf(from)?.id === skill.id) continue;
    for (const to of fresh) {
      const cost = unlike(from, to) + (skillOf(from)?.family === skill.family ? 0 : 1);
      if (!best || cost < best.cost) best = { from, to, cost };
    }
  }
  return best && best.cost <= 4 ? best : null;
}

function notLately(row: Row, { aspects, sessions }: Coverage): readonly RowNote[] {
  const open = toCome(row);
  const first = sessions.find((one) => countsOf(one));
  if (!first || open.length === 0) return [];
  const { ages } = row.series.setting;
  const missed = SKILLS.filter(({ often }) => often <= ages.to).flatMap((skill) => {
    const aspect = aspects.find(({ id }) => id === `skill ${skill.id}`)!;
    const at = sessions.flatMap((one, n) =>
      (aspect.planned[n]! > 0 || aspect.led[n]! > 0) && one.day ? [n] : [],
    );
    const n = open.find((place) => {
      const day = sessions[place]!.day;
      const since = at.filter((one) => one <= place).at(-1);
      const from = since === undefined ? first.day : sessions[since]!.day;
      return daysBetween(from, day) >= MISSED_DAYS;
    });
    if (n === undefined) return [];
    const last = at.filter((one) => one < n).at(-1);
    const days = daysBetween(
      last === undefined ? first.day : sessions[last]!.day,
      sessions[n]!.day,
    );
    return [{ skill, n, last, days }];
  });
  return missed
    .sort((a, b) => b.days - a.days)
    .slice(0, MOST_MISSED)
    .map(({ skill, n, last }): RowNote => {
      const session = row.series.sessions[n]!;
      const adventure = row.adventures.get(session.adventureId!)!;
      const swap = swapFor(adventure, skill, row.series.setting);
      return {
        rule: 'not-lately',
        sessionId: session.id,
        params: {
          skill: skill.name,
          since: last === undefined ? '' : sessions[last]!.day,
          title: titleAt(row, n),
          from: swap?.from.plural ?? '',
          to: swap?.to.plural ?? '',
        },
        mend: swap && {
          kind: 'swap',
          sessionId: session.id,
          adventureId: adventure.id,
          from: swap.from.id,
          to: swap.to.id,
        },
      };
    });
}

/** Whether an adventure is to come this often on purpose. */
function isFavourite({ favourites }: Series, id: string, weeks: number, everyDays: number) {
  return favourites.some(
    ({ adventureId, every }) => adventureId === id && every * everyDays <= weeks,
  );
}

function sameAgain(row: Row): readonly RowNote[] {
  const { series } = row;
  const on = series.sessions.flatMap((session, n) => (takesPlace(session) ? [{ session, n }] : []));
  return on.flatMap(({ session, n }, k): RowNote[] => {
    const before = on[k - 1];
    const id = session.adventureId;
    if (!before || id === null || before.session.adventureId !== id || session.led) return [];
    const days = daysBetween(before.session.day, session.day);
    if (isFavourite(series, id, days, series.everyDays)) return [];
    return [
      {
        rule: 'same-again',
        sessionId: session.id,
        params: { title: titleAt(row, n), day: before.session.day },
        mend: { kind: 'choose', sessionId: session.id },
      },
    ];
  });
}

function moveEveryTime(row: Row, book: MoveBook): readonly RowNote[] {
  const filled = row.covered.flatMap((one, n) => {
    const sums = countsOf(one);
    return sums ? [{ sums, n }] : [];
  });
  const [open] = toCome(row);
  if (filled.length < EVERY_TIME || open === undefined) return [];
  const last = filled.slice(-EVERY_TIME);
  const moves = Object.keys(last[0]!.sums.moves).filter((id) => {
    const move = book.get(id);
    const isWork = move && move.effort > 1 && move.family !== 'breath' && move.family !== 'stretch';
    return isWork && last.every(({ sums }) => (sums.moves[id] ?? 0) > 0);
  });
  return moves.slice(0, 2).flatMap((id): RowNote[] => {
    const session = row.series.sessions[open]!;
    const adventure = row.adventures.get(session.adventureId!)!;
    const move = book.get(id)!;
    const used = new Set(
      adventure.chapters.flatMap(({ beats }) =>
        beats.flatMap((beat) => partsOfBeat(beat).map((part) => part.move)),
      ),
    );
    if (!used.has(id)) return [];
    const others = [...book.values()].filter((one) => !used.has(one.id));
    const to = insteadOf(move, others, row.series.setting);
    return [
      {
        rule: 'move-every-time',
        sessionId: session.id,
        params: {
          move: move.plural,
          times: EVERY_TIME,
          title: titleAt(row, open),
          to: to?.plural ?? '',
        },
        mend: to && {
          kind: 'swap',
          sessionId: session.id,
          adventureId: adventure.id,
          from: id,
          to: to.id,
        },
      },
    ];
  });
}

/** The step to a rung of a session that is still to come. */
function stepNotes(
  row: Row,
  before: Rung,
  now: Rung,
  book: MoveBook,
  isOpen: (n: number) => boolean,
): readonly RowNote[] {
  if (!isOpen(now.session)) return [];
  const { ages } = row.series.setting;
  const session = row.series.sessions[now.session]!;
  const move = book.get(now.move)!;
  const steps = stepsBetween(before, now, book, ages);
  const wasHard = row.series.sessions[before.session]!.led?.debrief?.effort === 'too hard';
  const allowed = stepsAllowed(before.day, now.day);
  if (!(wasHard && steps > 0) && steps <= allowed) return [];
  const isSameForm = before.move === now.move;
  const amount = wasHard ? before.amount : before.amount + allowed * stepOf(move, ages);
  const { adventureId } = session;
  return [
    {
      rule: wasHard ? 'was-too-hard' : 'too-big-a-step',
      sessionId: session.id,
      params: {
        move: move.plural,
        before: book.get(before.move)?.plural ?? '',
        from: before.amount,
        to: now.amount,
        day: before.day,
        title: titleAt(row, now.session),
        amount: isSameForm ? amount : 0,
      },
      mend: isSameForm
        ? {
            kind: 'amount',
            sessionId: session.id,
            adventureId: adventureId!,
            move: now.move,
            amount,
          }
        : {
            kind: 'swap',
            sessionId: session.id,
            adventureId: adventureId!,
            from: now.move,
            to: before.move,
          },
    },
  ];
}

function stepsTooBig(row: Row, book: MoveBook): readonly RowNote[] {
  const open = new Set(toCome(row));
  return laddersOf(row.covered, book).flatMap(({ rungs }) =>
    rungs
      .slice(1)
      .flatMap((rung, n) => stepNotes(row, rungs[n]!, rung, book, (at) => open.has(at))),
  );
}

function wholeRow(row: Row): readonly RowNote[] {
  const sums = row.covered.flatMap((one) => countsOf(one) ?? []);
  const last = row.series.sessions.findLast(takesPlace);
  if (sums.length < 2 || !last) return [];
  const total = (of: (one: (typeof sums)[number]) => number) =>
    sums.reduce((all, one) => all + of(one), 0);
  const [left, right] = [total((one) => one.leftSeconds), total((one) => one.rightSeconds)];
  const notes: RowNote[] = [];
  const both = left + right;
  if (both >= LEAST_SIDE_SECONDS && Math.abs(left - right) > both * SIDE_SHARE) {
    notes.push({
      rule: 'one-side-more',
      sessionId: last.id,
      params: {
        side: left > right ? 'left' : 'right',
        more: Math.round(Math.max(left, right)),
        less: Math.round(Math.min(left, right)),
      },
      mend: null,
    });
  }
  const seconds = total((one) => one.seconds);
  const lively = total((one) => one.effortSeconds.slice(LIVELY - 1).reduce((a, b) => a + b, 0));
  if (seconds > 0 && lively < seconds * LIVELY_SHARE) {
    notes.push({
      rule: 'little-lively',
      sessionId: last.id,
      params: { share: Math.round((lively / seconds) * 100) },
      mend: null,
    });
  }
  return notes;
}

function notHere({ series, adventures, covered }: Row): readonly RowNote[] {
  return series.sessions.flatMap((session, n): RowNote[] => {
    const { adventureId, id, led } = session;
    if (adventureId === null || led || adventures.has(adventureId)) return [];
    return [
      {
        rule: 'not-here',
        sessionId: id,
        params: { title: covered[n]!.title },
        mend: { kind: 'choose', sessionId: id },
      },
    ];
  });
}

function gaps({ series }: Row): readonly RowNote[] {
  return series.sessions.filter(isGap).map(({ id, day }) => ({
    rule: 'gap',
    sessionId: id,
    params: { day },
    mend: { kind: 'choose', sessionId: id },
  }));
}

/** Everything that there is to say of a row, what matters most first. */
export function rowNotes(row: Row): readonly RowNote[] {
  const coverage = coverageOf(row.covered, row.today);
  const book = moveBookOf({ moves: [...row.adventures.values()].flatMap(({ moves }) => moves) });
  return [
    ...notHere(row),
    ...stepsTooBig(row, book),
    ...sameAgain(row),
    ...notLately(row, coverage),
    ...moveEveryTime(row, book),
    ...wholeRow(row),
    ...gaps(row),
  ];
}

/** An adventure with a mend done; as it is where the mend changes no adventure. */
export function mendAdventure(adventure: Adventure, mend: RowMend): Adventure {
  if (mend.kind === 'swap') {
    const to = moveBookOf(adventure).get(mend.to);
    return to ? swapMove(adventure, mend.from, to) : adventure;
  }
  if (mend.kind !== 'amount') return adventure;
  const { move, amount } = mend;
  return {
    ...adventure,
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.map((beat) =>
        partsOfBeat(beat).some((part) => part.move === move)
          ? changeParts(beat, (part) =>
              part.move === move && 'dose' in part && Math.max(...part.dose.amounts) > amount
                ? {
                    ...part,
                    dose: withAmounts(
                      part.dose,
                      part.dose.amounts.map((one) => Math.min(one, amount)),
                    ),
                  }
                : part,
            )
          : beat,
      ),
    })),
  };
}
