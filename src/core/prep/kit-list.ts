import type { Adventure } from '../document/adventure';
import { childrenIn, type Setting } from '../model/setting';
import { kitOfBeat } from '../beats';
import { isThing } from '../moves/fits-setting';
import { movesUsed } from '../document/moves-used';
import { entryOf } from '../words/entry-of';
import { pluralOf } from '../words/plurals';
import { ANY_THING, THINGS } from './things';

/** A thing to gather: how many, what for, whether it is there, and what stands in for it. */
export type KitLine = Readonly<{
  thing: string;
  count: number;
  sharedBy: number | 'group';
  /** Names of the moves, or of the draws, that need it. */
  uses: readonly string[];
  /** How many the setting has: null where it says that there are some, but not how many. */
  atHand: number | null;
  household: string;
  /** What it is in the story; empty where nobody has said. */
  standsFor: string;
}>;

/** "12 bean bags", and what each is in the story: "1 die (the weather)". */
export function kitInWords({ count, thing, standsFor }: KitLine): string {
  return `${count} ${pluralOf(thing, count)}${standsFor ? ` (${standsFor})` : ''}`;
}

/** A thing is there and there are enough of it. */
export function isShort({ count, atHand }: Pick<KitLine, 'count' | 'atHand'>): boolean {
  return atHand !== null && atHand < count;
}

/** "12 bean bags": 12 of the thing; "mats": some; 0 where the setting does not name it. */
function countAtHand({ kit }: Setting, thing: string): number | null {
  const named = kit.filter((one) => isThing(one.trim(), thing));
  if (named.length === 0) return 0;
  const numbers = named.map((one) => /^\s*(\d+)/u.exec(one)?.[1]);
  if (numbers.some((one) => one === undefined)) return null;
  return numbers.reduce((sum, one) => sum + Number(one), 0);
}

/** What a thing is used for, and the most of it that one beat needs, where that is known. */
type Use = Readonly<{ uses: readonly string[]; most: number }>;

/** What beats need beside what their moves are done with: dice, cards, marks on the floor. */
function neededByBeats(adventure: Adventure): Map<string, Use> {
  const needed = new Map<string, Use>();
  for (const { title, beats } of adventure.chapters) {
    for (const { thing, count = 0 } of beats.flatMap((beat) => kitOfBeat(beat))) {
      const { uses, most } = needed.get(thing) ?? { uses: [], most: 0 };
      needed.set(thing, { uses: [...uses, title], most: Math.max(most, count) });
    }
  }
  return needed;
}

/**
 * Everything to gather for an adventure led in `setting`: what its moves are done with, mats under
 * what is done lying down, and what is drawn from; what is short comes first. A film has one child.
 */
export function kitListOf(adventure: Adventure, setting: Setting): readonly KitLine[] {
  const children = childrenIn(setting);
  const needed = neededByBeats(adventure);
  const use = (thing: string, what: string) => {
    const { uses, most } = needed.get(thing) ?? { uses: [], most: 0 };
    needed.set(thing, { uses: [...uses, what], most });
  };
  for (const move of movesUsed(adventure)) {
    const things = move.surface === 'mat' ? [...move.kit, 'mat'] : move.kit;
    for (const thing of things) use(thing, move.name);
  }
  // What only the story needs is gathered too.
  const things = [...needed.keys()];
  for (const prop of adventure.props) {
    if (!things.some((thing) => isThing(prop.thing, thing))) use(prop.thing, 'the story');
  }
  return [...needed]
    .map(([thing, { uses, most }]): KitLine => {
      const { sharedBy, household } = entryOf(THINGS, thing) ?? ANY_THING;
      const standsFor = adventure.props
        .filter((prop) => isThing(prop.thing, thing))
        .map((prop) => prop.standsFor)
        .join(', ');
      const each = sharedBy === 'group' ? 1 : Math.ceil(children / sharedBy);
      const count = Math.max(each, most);
      const atHand = countAtHand(setting, thing);
      return { thing, count, sharedBy, uses: [...new Set(uses)], atHand, household, standsFor };
    })
    .sort((a, b) => Number(isShort(b)) - Number(isShort(a)));
}
