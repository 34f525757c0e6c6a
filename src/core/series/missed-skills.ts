import { partsOfBeat } from '../beats';
import type { Adventure } from '../document/adventure';
import type { Move } from '../model/move';
import type { Setting } from '../model/setting';
import { lacksOf } from '../moves/fits-setting';
import { moveBookOf } from '../moves/move-book';
import { countsOf, type Coverage } from './coverage';
import { daysBetween } from './days';
import { titleAt, toCome, type Row, type RowNote } from './row';
import { SKILLS, type Skill, skillOf } from './skills';

/** A skill is missed when it has not come for so many days, in a row that is as long. */
const MISSED_DAYS = 21;
const MOST_MISSED = 3;

/** How unlike two moves are to do, for taking one in place of the other. */
const unlike = (one: Move, other: Move) =>
  Math.abs(one.effort - other.effort) + (one.posture === other.posture ? 0 : 1);

/** How often each move is done in the chapters in which moves may change: welcome and calm stay as they are. */
function timesUsed(adventure: Adventure): ReadonlyMap<string, number> {
  const used = new Map<string, number>();
  for (const { kind, beats } of adventure.chapters) {
    if (kind !== 'warm-up' && kind !== 'adventure' && kind !== 'game') continue;
    for (const { move } of beats.flatMap((beat) => partsOfBeat(beat)))
      used.set(move, (used.get(move) ?? 0) + 1);
  }
  return used;
}

/** A move that carries the story by being done oftener than this stays. */
const MOST_TIMES = 2;
/** A move this unlike another is none to take instead. */
const MOST_UNLIKE = 4;

/** The move of a skill that could stand for one of an adventure's moves, and for which; some are `staying`. */
export function swapFor(
  adventure: Adventure,
  skill: Skill,
  setting: Pick<Setting, 'ages' | 'room' | 'kit'>,
  staying: ReadonlySet<string> = new Set(),
): Readonly<{ from: Move; to: Move }> | null {
  const book = moveBookOf(adventure);
  const used = timesUsed(adventure);
  const fresh = skill.moves.flatMap((id) => {
    const move = book.get(id);
    const fits = move && move.fromAge <= setting.ages.from && lacksOf(move, setting).length === 0;
    return fits && !used.has(id) ? [move] : [];
  });
  const mayGo = [...used].flatMap(([id, times]) => {
    const move = book.get(id);
    const stays = !move || staying.has(id) || times > MOST_TIMES;
    return stays || skillOf(move)?.id === skill.id ? [] : [move];
  });
  const pairs = mayGo.flatMap((from) =>
    fresh.map((to) => ({
      from,
      to,
      cost: unlike(from, to) + (skillOf(from)?.family === skill.family ? 0 : 1),
    })),
  );
  const best = pairs.reduce<(typeof pairs)[number] | null>(
    (least, pair) => (least && least.cost <= pair.cost ? least : pair),
    null,
  );
  return best && best.cost <= MOST_UNLIKE ? best : null;
}

/** Skills that have not come for weeks, at the next session that is far enough on. */
export function notLately(row: Row, { aspects, sessions }: Coverage): readonly RowNote[] {
  const open = toCome(row);
  const first = sessions.find((one) => countsOf(one));
  if (!first || open.length === 0) return [];
  const { ages } = row.series.setting;
  const missed = SKILLS.filter(({ often }) => often <= ages.to).flatMap((skill) => {
    const aspect = aspects.find(({ id }) => id === `skill ${skill.id}`)!;
    const at = sessions.flatMap((one, n) =>
      (aspect.planned[n]! > 0 || aspect.led[n]! > 0) && one.day ? [n] : [],
    );
    const places = open.filter((place) => {
      const since = at.findLast((one) => one <= place);
      const from = since === undefined ? first.day : sessions[since]!.day;
      return daysBetween(from, sessions[place]!.day) >= MISSED_DAYS;
    });
    const [n] = places;
    if (n === undefined) return [];
    const last = at.findLast((one) => one < n);
    const from = last === undefined ? first.day : sessions[last]!.day;
    return [{ skill, places, last, days: daysBetween(from, sessions[n]!.day) }];
  });
  return missed
    .sort((a, b) => b.days - a.days)
    .slice(0, MOST_MISSED)
    .map(({ skill, places, last }, k): RowNote => {
      // Not all in one session: each next one a session later, where it is missing there too.
      const n = places[k % places.length]!;
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
