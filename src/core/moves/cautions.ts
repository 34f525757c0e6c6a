import { entryOf } from '../words/entry-of';

/** What a caution is about, what matters most first. Our own judgement. */
export const DANGERS = ['head or neck', 'fall', 'others and walls', 'floor', 'strain'] as const;
export type Danger = (typeof DANGERS)[number];

/** An arm's length and a step: said once, whether a move or the size of the group asks for it. */
export const APART = "Arm's length plus a step between children.";

/**
 * Every caution of the catalogue by a short name for it, with what it is about: said once, so that a page
 * does not carry each of them a hundred times.
 */
const CAUTIONS = {
  'slow small': ['Slow, small, and never right back.', 'head or neck'],
  'hands thighs': ['Hands on thighs, never pulling the neck.', 'head or neck'],
  'one at': ['One at a time on each mat, well clear of furniture; stop if dizzy.', 'head or neck'],
  'round back': ['Round back, chin in; never onto the neck.', 'head or neck'],
  'one at time': ['One at a time, feet low, nobody behind.', 'head or neck'],
  'one at time each': ['One at a time on each mat; stop if dizzy.', 'head or neck'],
  'one at time spotted': [
    'One at a time, spotted by someone who has been taught how.',
    'head or neck',
  ],
  'land softly': ['Land softly on bent knees.', 'fall'],
  'look up': ['Look up: no lamps or low beams.', 'fall'],
  'chair stands': ['The chair stands against a wall and cannot slide.', 'fall'],
  'bare feet': ['Bare feet or no shoes against a wall; a wall with nothing hung on it.', 'fall'],
  'hold wall': ['Hold a wall; room in front and behind.', 'fall'],
  'hoop cannot': ['A hoop that cannot slide: flat, or tape on the floor.', 'fall'],
  'firm wall': ['A firm wall with nothing hung on it.', 'fall'],
  'steady chair': ['A steady chair, or the child’s own wheelchair with the brakes on.', 'fall'],
  'clear floor': ['Clear floor, eyes up, everyone the same way round.', 'others and walls'],
  'finish two': ['Finish two metres before any wall.', 'others and walls'],
  'arms length': ["Arm's length plus a step between children.", 'others and walls'],
  'throw one': ['All throw one way; nobody fetches until the call.', 'others and walls'],
  'soft ball': ['Soft ball; all kick one way; nobody fetches until the call.', 'others and walls'],
  'step low': ['The step is low, broad and cannot slide or tip.', 'fall'],
  'low bench': [
    'A low bench that cannot tip, mats beside it, a hand for those who want one.',
    'fall',
  ],
  'one at time bench': ['One at a time on the bench; step down, do not jump.', 'fall'],
  'ropes length': ['A rope’s length to everybody else.', 'others and walls'],
  'bats swing': [
    'A bat’s swing of room all round; nobody fetches until the call.',
    'others and walls',
  ],
  'hoops width': ['A hoop’s width to everybody else.', 'others and walls'],
  'soft ball eyes': ['A soft ball, and eyes that meet before it goes.', 'others and walls'],
  'soft ball only': ['Soft ball.', 'others and walls'],
  'both hands': [
    'Both hands on the edge, thumbs under; nobody runs underneath unless they are called.',
    'others and walls',
  ],
  'hold hands': [
    'Hold hands or a scarf; pull gently, and stop when one says so.',
    'others and walls',
  ],
  'childs chair': ['The child’s own chair and no other; belts and footplates as usual.', 'fall'],
  'burst balloons': [
    'Burst balloons go in the bin at once: small pieces choke, and some children cannot have latex.',
    'others and walls',
  ],
  'low back': ['Low back stays down: bend the knees if it lifts.', 'strain'],
  'small elbows': ['Small: elbows bend a little. Stop if shoulders or wrists hurt.', 'strain'],
  'slippery socks': ['No slippery socks: bare feet or shoes.', 'floor'],
  'mat carpet': ['A mat or carpet is kind to knees.', 'floor'],
  'use mat': ['Use a mat.', 'floor'],
  'rope lies': ['The rope lies flat and is taken up straight afterwards.', 'floor'],
  'rope lies flat': ['The rope lies flat on the floor.', 'floor'],
  'hands flat': ['Hands flat, fingers wide. Stop if wrists hurt.', 'strain'],
  'fingers point': ['Fingers point to the feet or sideways. Stop if wrists hurt.', 'strain'],
  'short deep': ['Short: deep bends tire knees.', 'strain'],
  'near wall': ['Near a wall or a friend’s hand for those who wobble.', 'strain'],
  'slowly other': ['Slowly, and the other way next: stop if dizzy.', 'strain'],
  'ease into': ['Ease into it and never bounce.', 'strain'],
  'short holds': [
    'Short holds; stop when the back sags. Long planks are not for threes and fours.',
    'strain',
  ],
  'hands flat under': ['Hands flat under shoulders. Stop if wrists hurt.', 'strain'],
  'step back': ['Step back instead of jumping if it gets untidy.', 'strain'],
  'full pressups': ['Full press-ups are not for threes and fours.', 'strain'],
} as const satisfies Readonly<Record<string, readonly [text: string, about: Danger]>>;
export type KnownCaution = keyof typeof CAUTIONS;

/** A caution of the catalogue in its words. */
export const cautionText = (caution: KnownCaution): string => CAUTIONS[caution][0];

const ABOUT: Readonly<Record<string, Danger>> = Object.fromEntries(Object.values(CAUTIONS));

/** What a caution is about. One in the presenter's own words stands with others and walls. */
export function dangerOf(caution: string): Danger {
  return entryOf<Danger>(ABOUT, caution) ?? 'others and walls';
}
