import type { Dose } from '../model/dose';
import { isCounted } from '../model/dose';
import type { Guise } from '../model/action';
import type { World } from '../model/world';
import type { Move } from '../model/move';
import { capital } from '../words/capital';
import { countWord } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import { pluralOf, singularOf } from '../words/plurals';

/** Something to say while they move: a sound to make, or what is counted in the story's things. */
export type SayingIdea = Readonly<{ text: string; reason: 'sound' | 'count' }>;

/** "words: the sound that children make for it". Common in nursery rhymes and picture books; in our words. */
const SOUNDS = `
bee, bumblebee, wasp, fly: Bzzz, bzzz!
cat, kitten: Miaow, miaow!
dog, puppy: Woof, woof!
cow, bull, calf: Moo!
sheep, lamb, goat: Baa, baa!
pig, piglet: Oink, oink!
duck, duckling: Quack, quack!
goose, swan: Honk, honk!
hen, chicken, chick: Cluck, cluck!
cockerel, rooster: Cock-a-doodle-doo!
owl: Twit-twoo!
crow, raven, rook: Caw, caw!
heron, gull, seagull: Kraak, kraak!
bird, sparrow, robin, wren: Tweet, tweet!
frog, toad: Ribbit, ribbit!
snake, adder: Sss, sss!
mouse, rat: Squeak, squeak!
horse, pony, donkey: Clip, clop, clip, clop!
lion, tiger, bear, dragon, giant: Roar!
wolf: Aroo!
monkey, ape: Oo, oo, aa, aa!
elephant: Toot-a-toot!
ghost: Whooo!
bell, church: Ding, dong!
clock, watch, tower: Tick, tock, tick, tock!
drum: Boom, boom, boom!
trumpet, horn: Toot, toot!
train, engine, steam: Choo, choo, choo!
car, van, lorry, bus: Brmm, brmm!
boat, punt, oar, rowing: Splish, splash!
ship, ferry: Toooot!
kettle, pot: Whee!
fire, flame: Crackle, crackle!
wind, storm, kite, sail: Whoosh!
rain, drop, puddle, tap: Plip, plop!
thunder: Rumble, rumble!
mud, bog, marsh, swamp: Squelch, squelch!
snow, ice, frost: Crunch, crunch!
leaf, leaves, reed, reeds: Swish, swish!
sea, wave, waves, water, river: Splash, splash!
saw: Zzz-zzz, zzz-zzz!
hammer, nail: Tap, tap, tap!
door, gate, bridge, cart: Creak, creak!
broom, brush: Swish, swish!
spring, ball, jump: Boing, boing!
rocket: Whoosh!
robot: Beep, beep!
heart: Bu-bum, bu-bum!
bubble: Pop, pop!
cheek, breath, balloon: Phhh!
`;
const BY_WORD: ReadonlyMap<string, string> = new Map(
  SOUNDS.trim()
    .split('\n')
    .flatMap((line) => {
      const [words = '', sound = ''] = line.split(': ');
      return words.split(', ').map((word) => [word, sound] as const);
    }),
);

/** What there is some of, and not one, two, three. */
const MASSES: ReadonlySet<string> = new Set(
  'fog mist mud water rain snow ice sand light oil post mail bread soup moss grass wind weather moonlight sunlight music dust honey butter flour wool wood smoke fire hay straw air help work love magic dark night home'.split(
    ' ',
  ),
);
/** So many are counted aloud with children. */
const MOST_COUNTED = 20;
const MOST_WORDS = 12;
const MOST_SAYINGS = 4;

/** A sound for each of the words that has one, none twice. */
const soundsOf = (words: readonly string[]): readonly string[] => [
  ...new Set(words.flatMap((word) => BY_WORD.get(word) ?? BY_WORD.get(singularOf(word)) ?? [])),
];

/** A word of the story that can be counted, in the plural; null for a name or for what has no plural. */
function countable(word: string): string | null {
  const one = word.trim();
  if (!/^\p{Ll}[\p{Ll} -]*$/u.test(one) || MASSES.has(one.split(' ').at(-1)!)) return null;
  const many = pluralOf(singularOf(one));
  return many === singularOf(one) ? null : many;
}

/**
 * What may be said while a move is done: sounds of what it is in the story, of its picture, else of the
 * move's own pictures; and its count in the story's things ("Ten lanterns!"), those that it is about
 * first. Nothing that is said already.
 */
export function sayingsFor(
  part: Readonly<{ guise: Guise; dose?: Dose }>,
  move: Pick<Move, 'name' | 'pictureWords'>,
  { words }: Pick<World, 'words'>,
): readonly SayingIdea[] {
  const { name, picture, line, meanwhile } = part.guise;
  const own = [name, picture].flatMap(plainWords);
  const pictured = [move.name, ...move.pictureWords].flatMap(plainWords);
  const sounds = soundsOf([...own, ...pictured]).slice(0, 2);
  const { unit, amounts } = part.dose ?? { unit: 'seconds' as const, amounts: [] };
  const count = amounts[0] ?? 0;
  const isCountable = isCounted(unit) && count >= 2 && count <= MOST_COUNTED;
  const about = (thing: string) =>
    own.some((word) => singularOf(word) === singularOf(thing.split(' ').at(-1)!));
  const things = isCountable ? [...new Set(words.flatMap((word) => countable(word) ?? []))] : [];
  const counts = things
    .sort((a, b) => Number(about(b)) - Number(about(a)))
    .slice(0, 2)
    .map((thing) => `${capital(countWord(count, MOST_WORDS))} ${thing}!`);
  const said = `${line} ${meanwhile}`.toLowerCase();
  return [
    ...sounds.map((text) => ({ text, reason: 'sound' as const })),
    ...counts.map((text) => ({ text, reason: 'count' as const })),
  ]
    .filter(({ text }) => !said.includes(text.toLowerCase()))
    .slice(0, MOST_SAYINGS);
}
