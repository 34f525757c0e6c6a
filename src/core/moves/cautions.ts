import { entryOf } from '../words/entry-of';

/** What a caution is about, what matters most first. Our own judgement. */
export const DANGERS = ['head or neck', 'fall', 'others and walls', 'floor', 'strain'] as const;
export type Danger = (typeof DANGERS)[number];

/** An arm's length and a step: said once, whether a move or the size of the group asks for it. */
export const APART = "Arm's length plus a step between children.";

/** Every caution of the catalogue, and what it is about. */
const CAUTIONS = {
  'Slow, small, and never right back.': 'head or neck',
  'Hands on thighs, never pulling the neck.': 'head or neck',
  'One at a time on each mat, well clear of furniture; stop if dizzy.': 'head or neck',
  'Round back, chin in; never onto the neck.': 'head or neck',
  'One at a time, feet low, nobody behind.': 'head or neck',
  'One at a time on each mat; stop if dizzy.': 'head or neck',
  'One at a time, spotted by someone who has been taught how.': 'head or neck',
  'Land softly on bent knees.': 'fall',
  'Look up: no lamps or low beams.': 'fall',
  'The chair stands against a wall and cannot slide.': 'fall',
  'Bare feet or no shoes against a wall; a wall with nothing hung on it.': 'fall',
  'Hold a wall; room in front and behind.': 'fall',
  'A hoop that cannot slide: flat, or tape on the floor.': 'fall',
  'A firm wall with nothing hung on it.': 'fall',
  'A steady chair, or the child’s own wheelchair with the brakes on.': 'fall',
  'Clear floor, eyes up, everyone the same way round.': 'others and walls',
  'Finish two metres before any wall.': 'others and walls',
  "Arm's length plus a step between children.": 'others and walls',
  'All throw one way; nobody fetches until the call.': 'others and walls',
  'Soft ball; all kick one way; nobody fetches until the call.': 'others and walls',
  'The step is low, broad and cannot slide or tip.': 'fall',
  'A low bench that cannot tip, mats beside it, a hand for those who want one.': 'fall',
  'One at a time on the bench; step down, do not jump.': 'fall',
  'A rope’s length to everybody else.': 'others and walls',
  'A bat’s swing of room all round; nobody fetches until the call.': 'others and walls',
  'A hoop’s width to everybody else.': 'others and walls',
  'A soft ball, and eyes that meet before it goes.': 'others and walls',
  'Soft ball.': 'others and walls',
  'Both hands on the edge, thumbs under; nobody runs underneath unless they are called.':
    'others and walls',
  'Hold hands or a scarf; pull gently, and stop when one says so.': 'others and walls',
  'The child’s own chair and no other; belts and footplates as usual.': 'fall',
  'Burst balloons go in the bin at once: small pieces choke, and some children cannot have latex.':
    'others and walls',
  'Low back stays down: bend the knees if it lifts.': 'strain',
  'Small: elbows bend a little. Stop if shoulders or wrists hurt.': 'strain',
  'No slippery socks: bare feet or shoes.': 'floor',
  'A mat or carpet is kind to knees.': 'floor',
  'Use a mat.': 'floor',
  'The rope lies flat and is taken up straight afterwards.': 'floor',
  'The rope lies flat on the floor.': 'floor',
  'Hands flat, fingers wide. Stop if wrists hurt.': 'strain',
  'Fingers point to the feet or sideways. Stop if wrists hurt.': 'strain',
  'Short: deep bends tire knees.': 'strain',
  'Near a wall or a friend’s hand for those who wobble.': 'strain',
  'Slowly, and the other way next: stop if dizzy.': 'strain',
  'Ease into it and never bounce.': 'strain',
  'Short holds; stop when the back sags. Long planks are not for threes and fours.': 'strain',
  'Hands flat under shoulders. Stop if wrists hurt.': 'strain',
  'Step back instead of jumping if it gets untidy.': 'strain',
  'Full press-ups are not for threes and fours.': 'strain',
} as const satisfies Readonly<Record<string, Danger>>;
export type KnownCaution = keyof typeof CAUTIONS;

/** What a caution is about. One in the presenter's own words stands with others and walls. */
export function dangerOf(caution: string): Danger {
  return entryOf<Danger>(CAUTIONS, caution) ?? 'others and walls';
}
