import type { Adventure } from '../document/adventure';
import type { Move } from '../model/move';
import { childrenIn, type Setting } from '../model/setting';
import { has, isSoft } from '../moves/fits-setting';
import { movesUsed } from '../document/moves-used';
import { crowdingOf } from '../room/how-many';

/** The line that defers to those who know the children and the place. */
export const DEFERRING_LINE =
  'Follow your setting’s own risk assessment, safeguarding and first-aid rules, and a health professional’s advice for a child with a condition.';

/** A caution and the moves that it is about; none for what holds for the whole session. */
export type Caution = Readonly<{ text: string; moves: readonly string[] }>;

/**
 * What matters most comes first: what can hurt head or neck, then falls from height and things that
 * slide or hang, then running into others or walls, then the floor, then what strains. The first
 * pattern that fits. Our own judgement.
 */
const WEIGHTS: readonly (readonly [RegExp, number])[] = [
  [/one at a time|spotted|neck|right back/iu, 0],
  [/ceiling|lamps|land softly|cannot slide|brakes|hung on it|hold a wall/iu, 1],
  [/same way round|before any wall|throw|kick|apart|arm.s length|at a time|clear floor/iu, 2],
  [/socks|mats?\b|rope lies|grown-up|usually from age/iu, 3],
  [/./u, 4],
];
const weightOf = (text: string) => WEIGHTS.find(([pattern]) => pattern.test(text))![1];

/** Room over a reaching and jumping child that needs no thought, in metres. Our own judgement. */
const AMPLE_HEIGHT_METRES = 3;

const namesOf = (moves: readonly Move[]) => moves.map(({ name }) => name);

/** What the room, the group and the camera add to what the moves have `said` already. */
function ofSetting(moves: readonly Move[], setting: Setting, said: readonly string[]): Caution[] {
  const { room, kit, place } = setting;
  const cautions: Caution[] = [];
  const note = (text: string, about: readonly Move[]) => {
    if (about.length > 0) cautions.push({ text, moves: namesOf(about) });
  };
  const jumps = moves.filter(({ landingsPerRep }) => landingsPerRep > 0);
  if (room.heightMetres < AMPLE_HEIGHT_METRES) {
    note(`The ceiling is at ${room.heightMetres} m: look up for lamps before they jump.`, jumps);
  }
  if (!isSoft(room.floor)) {
    const low = moves.filter(({ surface }) => surface === 'mat');
    const text = has(kit, 'mat')
      ? 'A mat for each child: the floor is hard.'
      : 'The floor is hard and no mats are at hand: a folded blanket each, or leave these out.';
    note(text, low);
  }
  const children = childrenIn(setting);
  for (const { space, atOnce, waves } of crowdingOf(moves, setting)) {
    const about = moves.filter((move) => move.space === space);
    if (waves === 0) note('There is no room for these here: take others.', about);
    else if (waves > 1)
      note(`${atOnce} of ${children} at a time; the others watch and count.`, about);
  }
  cautions.push(
    ...(place === 'filmed'
      ? [
          'A grown-up stays with the child, and has seen the space.',
          'Film and photograph children only by your setting’s consent rules.',
        ]
      : children > 1 && !said.some((text) => /arm.s length/iu.test(text))
        ? ['Clear floor, an arm’s length plus a step between children.']
        : []
    ).map((text) => ({ text, moves: [] })),
  );
  return cautions;
}

/**
 * The cautions that apply to an adventure led in `setting`, what matters most first: those of its
 * moves, those of the room and the group, and that anybody may stop.
 */
export function cautionsOf(
  adventure: Adventure,
  setting: Setting = adventure.setting,
): readonly Caution[] {
  const moves = movesUsed(adventure);
  const byText = new Map<string, string[]>();
  const note = (text: string, move: Move) => {
    const names = byText.get(text) ?? [];
    if (!names.includes(move.name)) names.push(move.name);
    byText.set(text, names);
  };
  for (const move of moves) {
    for (const caution of move.cautions) note(caution, move);
    if (move.fromAge > setting.ages.from) {
      note(`Usually from age ${move.fromAge}: have the easier form ready.`, move);
    }
  }
  const ofMoves = [...byText].map(([text, names]): Caution => ({ text, moves: names }));
  return [
    ...[...ofMoves, ...ofSetting(moves, setting, [...byText.keys()])].sort(
      (a, b) => weightOf(a.text) - weightOf(b.text) || b.moves.length - a.moves.length,
    ),
    { text: 'Stop for pain or dizziness; drinks and breaks whenever wanted.', moves: [] },
  ];
}
