import type { Adventure } from '../document/adventure';
import type { Move } from '../model/move';
import { childrenIn, type Setting } from '../model/setting';
import { APART, DANGERS, dangerOf, type Danger } from '../moves/cautions';
import { has, isSoft } from '../moves/fits-setting';
import { movesUsed } from '../document/moves-used';
import { crowdingOf } from '../room/how-many';

/** The line that defers to those who know the children and the place. */
export const DEFERRING_LINE =
  'Follow your setting’s own risk assessment, safeguarding and first-aid rules, and a health professional’s advice for a child with a condition.';

/** A caution and the moves that it is about; none for what holds for the whole session. */
export type Caution = Readonly<{ text: string; danger: Danger; moves: readonly string[] }>;

/** Room over a reaching and jumping child that needs no thought, in metres. Our own judgement. */
const AMPLE_HEIGHT_METRES = 3;

const namesOf = (moves: readonly Move[]) => moves.map(({ name }) => name);

/** What the ceiling and the floor ask for. */
function ofRoom(moves: readonly Move[], { room, kit }: Setting): Caution[] {
  const jumps = moves.filter(({ landingsPerRep }) => landingsPerRep > 0);
  const low = moves.filter(({ surface }) => surface === 'mat');
  const cautions: Caution[] = [];
  if (room.heightMetres < AMPLE_HEIGHT_METRES && jumps.length > 0) {
    const text = `The ceiling is at ${room.heightMetres} m: look up for lamps before they jump.`;
    cautions.push({ text, danger: 'fall', moves: namesOf(jumps) });
  }
  if (!isSoft(room.floor) && low.length > 0) {
    const text = has(kit, 'mat')
      ? 'A mat for each child: the floor is hard.'
      : 'The floor is hard and no mats are at hand: a folded blanket each, or leave these out.';
    cautions.push({ text, danger: 'floor', moves: namesOf(low) });
  }
  return cautions;
}

/** Where there are too many for the room, and how many may go at a time. */
function ofCrowd(moves: readonly Move[], setting: Setting): Caution[] {
  const children = childrenIn(setting);
  return crowdingOf(moves, setting).flatMap(({ space, atOnce, waves }): Caution[] => {
    if (waves === 1) return [];
    const about = namesOf(moves.filter((move) => move.space === space));
    return waves === 0
      ? [{ text: 'There’s no room for these here: take others.', danger: 'strain', moves: about }]
      : [
          {
            text: `${atOnce} of ${children} at a time; the others watch and count.`,
            danger: 'others and walls',
            moves: about,
          },
        ];
  });
}

/** What the camera or the group adds to what the moves have `said` already. */
function ofGroup(setting: Setting, said: readonly string[]): Caution[] {
  if (setting.place === 'filmed') {
    return [
      {
        text: 'A grown-up stays with the child, and has seen the space.',
        danger: 'floor',
        moves: [],
      },
      {
        text: 'Film and photograph children only by your setting’s consent rules.',
        danger: 'strain',
        moves: [],
      },
    ];
  }
  if (childrenIn(setting) <= 1 || said.includes(APART)) return [];
  const text = 'Clear floor, an arm’s length plus a step between children.';
  return [{ text, danger: 'others and walls', moves: [] }];
}

/** Of each move what it says itself, and that it is for older children. */
function ofMoves(moves: readonly Move[], { ages }: Setting): Caution[] {
  const known = new Map<string, { danger: Danger; moves: string[] }>();
  const note = (text: string, danger: Danger, { name }: Move) => {
    const caution = known.get(text) ?? { danger, moves: [] };
    if (!caution.moves.includes(name)) caution.moves.push(name);
    known.set(text, caution);
  };
  for (const move of moves) {
    for (const text of move.cautions) note(text, dangerOf(text), move);
    if (move.fromAge > ages.from) {
      const text = `Usually from age ${move.fromAge}: have the easier form ready.`;
      note(text, 'floor', move);
    }
  }
  return [...known].map(([text, caution]) => ({ text, ...caution }));
}

const byDanger = (a: Caution, b: Caution) =>
  DANGERS.indexOf(a.danger) - DANGERS.indexOf(b.danger) || b.moves.length - a.moves.length;

/**
 * The cautions that apply to an adventure led in `setting`, what matters most first: those of its
 * moves, those of the room and the group, and that anybody may stop.
 */
export function cautionsOf(
  adventure: Adventure,
  setting: Setting = adventure.setting,
): readonly Caution[] {
  const moves = movesUsed(adventure);
  const own = ofMoves(moves, setting);
  const said = own.map(({ text }) => text);
  const around = [...ofRoom(moves, setting), ...ofCrowd(moves, setting), ...ofGroup(setting, said)];
  const text = 'Stop for pain or dizziness; drinks and breaks whenever wanted.';
  return [...[...own, ...around].sort(byDanger), { text, danger: 'strain', moves: [] }];
}
