import type { Move } from '../model/move';

/** The three families of fundamental movement skills. */
export const SKILL_FAMILIES = ['travelling', 'balancing', 'handling'] as const;
export type SkillFamily = (typeof SKILL_FAMILIES)[number];

/**
 * A fundamental skill, and the moves of the catalogue that practise it. `often` is the age by which many
 * children do it: approximate, and no test of anybody.
 */
export type Skill = Readonly<{
  id: string;
  name: string;
  family: SkillFamily;
  often: number;
  moves: readonly string[];
}>;

const words = (text: string): readonly string[] => text.split(' ');
const skill = (
  family: SkillFamily,
  id: string,
  name: string,
  often: number,
  moves: string,
): Skill => ({ id, name, family, often, moves: words(moves) });

/**
 * In their usual order within each family. Running, galloping, hopping, skipping, jumping, sliding
 * sideways, and striking, bouncing, catching, kicking and throwing are those of the Test of Gross Motor
 * Development (Ulrich, 2019); the others, the order and the ages are common practice (docs/facts.md).
 */
export const SKILLS: readonly Skill[] = [
  skill(
    'travelling',
    'walking',
    'walking',
    3,
    'walk march tiptoe-walk high-knees heel-walk giant-walk fairy-steps backward-walk penguin-walk elephant-walk cat-tread zigzag-walk wheels-push wheels-glide wheels-weave seated-march',
  ),
  skill(
    'travelling',
    'crawling',
    'crawling and climbing',
    3,
    'crawl bear-walk crab-walk inchworm seal-drag monkey-run commando-crawl gorilla-walk dragon-crawl snake-slide quick-climb slow-climb rope-climb',
  ),
  skill('travelling', 'running', 'running', 3, 'jog fast-feet cheetah-run dodge shuffle'),
  skill(
    'travelling',
    'jumping',
    'jumping on two feet',
    3,
    'two-foot-jump frog-jump bunny-hop squat-jump jumping-jack ski-jump tuck-jump pencil-jump broad-jump kangaroo-jump pogo-jump feet-apart-jump jump-and-land pop-up-jump reach-jump hoop-jump rope-jump-over skipping-rope',
  ),
  skill('travelling', 'galloping', 'galloping', 4, 'gallop pony-prance'),
  skill('travelling', 'sliding', 'going sideways', 4, 'side-step side-gallop grapevine skate-step'),
  skill('travelling', 'hopping', 'hopping on one foot', 5, 'hop hopscotch'),
  skill('travelling', 'leaping', 'leaping', 5, 'leap scissor-jump'),
  skill('travelling', 'skipping', 'skipping', 6, 'skip'),
  skill(
    'balancing',
    'still',
    'holding a shape still',
    3,
    'tiptoe-stand half-squat-hold low-squat-hold statue star-shape rock-shape table-shape bridge-shape floor-stand warrior-pose boat-balance superhero-balance bat-balance bean-bag-balance seated-reach seated-curl',
  ),
  skill(
    'balancing',
    'turning',
    'turning and twisting',
    4,
    'slow-turn quarter-turn-jump half-turn-jump trunk-twist windmill-touch twisted-tree wheels-spin seated-twist',
  ),
  skill(
    'balancing',
    'one leg',
    'balancing on one leg',
    5,
    'stork-stand aeroplane-balance flamingo-reach knee-hug leg-swing heel-kick',
  ),
  skill(
    'balancing',
    'rolling',
    'rocking and rolling',
    5,
    'log-roll teddy-roll forward-roll egg-roll over-shoulder-roll rocking-chair rock-boat see-saw',
  ),
  skill(
    'balancing',
    'bearing',
    'weight on hands',
    5,
    'plank table-hold down-dog donkey-kick crab-kick back-support shoulder-tap wall-push knee-press-up push-up wall-walk side-plank-knee',
  ),
  skill(
    'handling',
    'sending',
    'rolling and sliding things',
    3,
    'ball-roll bean-bag-slide hoop-roll seated-roll seated-push',
  ),
  skill('handling', 'kicking', 'kicking', 3, 'kick toe-taps foot-dribble ball-trap'),
  skill(
    'handling',
    'underarm',
    'throwing underarm',
    4,
    'underarm-throw bean-bag-pass bucket-target scarf-toss seated-throw chest-pass bounce-pass',
  ),
  skill(
    'handling',
    'catching',
    'catching',
    4,
    'ball-toss-catch bean-bag-catch ball-bounce-catch seated-catch',
  ),
  skill('handling', 'overarm', 'throwing overarm', 5, 'overarm-throw'),
  skill('handling', 'bouncing', 'bouncing', 5, 'dribble'),
  skill('handling', 'striking', 'striking', 5, 'bat-tap balloon-tap tee-strike seated-strike'),
];

const byMove = new Map(SKILLS.flatMap((one) => one.moves.map((move) => [move, one] as const)));

/** The fundamental skill that a move practises; of a move of one's own, that of the one it is drawn like. */
export function skillOf({ id, figure }: Pick<Move, 'id' | 'figure'>): Skill | null {
  return byMove.get(id) ?? (figure?.kind === 'like' ? (byMove.get(figure.move) ?? null) : null);
}

export function skillById(id: string): Skill | undefined {
  return SKILLS.find((one) => one.id === id);
}
