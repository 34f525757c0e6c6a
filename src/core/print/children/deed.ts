import type { Adventure } from '../../document/adventure';
import { titleOf } from '../../document/title';

/** Longer, and it is no line for a sticker. */
const MOST_LETTERS = 80;

/** What somebody wants of them, by the words that ask for it: "let us …", "we must …", "help …". */
const ASKED =
  /\b(?:let(?:[’']s| us)|we (?:must|have to|need to|want to)|who (?:will|can)(?! help))\s+([^.!?;,]+)/iu;
const HELPED = /\bhelp(?: me| us)?\s+([^.!?;,]+)/iu;

/** "I helped to carry it to the tower": what a child can say of itself afterwards, from what the story wants. */
export function deedOf(adventure: Adventure): string {
  const { want } = adventure.world;
  const helped = HELPED.exec(want)?.[1];
  const asked = ASKED.exec(want)?.[1];
  const deed = helped ? `I helped ${helped.trim()}` : asked ? `I helped to ${asked.trim()}` : '';
  return deed && deed.length <= MOST_LETTERS ? `${deed}!` : `I helped in “${titleOf(adventure)}”!`;
}
