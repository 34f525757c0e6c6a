import { alsoCalled } from '../moves/names-of';
import type { World } from '../model/world';
import type { Move } from '../model/move';
import { firstSound, rhymes, type SoundBook } from '../words/phonemes';
import { capital } from '../words/capital';

/** Why a name was thought of. */
export const GUISE_REASONS = ['rhyme', 'same sound', 'story', 'creature', 'picture'] as const;
export type GuiseReason = (typeof GUISE_REASONS)[number];

/** A name for a move in a story, its picture word, and its first sound as it is said. */
export type GuiseProposal = Readonly<{
  name: string;
  picture: string;
  sound: string | null;
  reason: GuiseReason;
}>;

/** Words that are no name by themselves: the word before them is. */
const WEAK_HEADS: readonly string[] = ['step', 'pose', 'up', 'out', 'down', 'over'];

/** The word of a move's name that a story can put its own word before: "frog jump" is a jump. */
function headOf(name: string): string {
  const words = name.split(/[\s-]+/u);
  const last = words.at(-1)!;
  return WEAK_HEADS.includes(last) && words.length > 1 ? words.slice(-2).join(' ') : last;
}

/** The head of the name, then of its other names, but for plurals, "-ing" and "on the spot". */
function headsOf(move: Move): readonly string[] {
  const { name } = move;
  const others = alsoCalled(move)
    .filter((one) => !/(s|ing)$|\b(on|in|the|to|of|a)\b/u.test(one))
    .map(headOf);
  return [...new Set([headOf(name), ...others])];
}

/** The world's own things and creatures, and the names of those who live there. */
function storyWords(world: World): readonly string[] {
  const cast = world.cast.flatMap(({ name }) => name.match(/^(?:Old |Young )?\S+/u) ?? []);
  const words = world.words.map((word) => word.trim()).filter(Boolean);
  return [...words, ...cast.map((name) => `${name}’s`)];
}

/** Better reasons first; of two alike the story's own word goes before a mere picture. */
function worth(reason: GuiseReason, fromStory: boolean): number {
  const byReason = { rhyme: 6, 'same sound': 4, story: 2, creature: 3.2, picture: 1 }[reason];
  return byReason + (fromStory ? 1 : 0);
}

/**
 * Names for a move in a world, best first, `most` at most: rhyming or alliterating by sound (not
 * by letter), with the world's words before the move's picture words. No name in `taken` (compared
 * without case) comes, so that no two moves are called alike, and no word comes twice. `creatures`
 * go as the move does.
 */
export function proposeGuises(
  move: Move,
  world: World,
  taken: Iterable<string>,
  book: SoundBook,
  { creatures = [], most = 6 }: Readonly<{ creatures?: readonly string[]; most?: number }> = {},
): readonly GuiseProposal[] {
  const heads = headsOf(move).map((head) => ({ head, sound: firstSound(head, book) }));
  const used = new Set([...taken].map((name) => name.trim().toLowerCase()));
  const own = storyWords(world);
  const all = [...own, ...creatures, ...move.pictureWords];
  const ranked = all.flatMap((word, index): (GuiseProposal & { rank: number })[] => {
    const bare = word.replace(/’s$/u, '').toLowerCase();
    const sound = firstSound(word, book);
    const fit =
      heads.find(({ head }) => rhymes(word, head, book)) ??
      heads.find((head) => sound !== null && head.sound === sound) ??
      heads[0]!;
    const name = capital(`${word} ${fit.head}`);
    const twice = `${move.name} ${fit.head}`.toLowerCase().includes(bare);
    if (used.has(name.toLowerCase()) || twice) return [];
    const fromStory = index < own.length;
    const reason: GuiseReason = rhymes(word, fit.head, book)
      ? 'rhyme'
      : sound !== null && sound === fit.sound
        ? 'same sound'
        : fromStory
          ? 'story'
          : index < own.length + creatures.length
            ? 'creature'
            : 'picture';
    const picture = word.replace(/’s$/u, '');
    return [{ name, picture, sound, reason, rank: worth(reason, fromStory) }];
  });
  const seen = new Set<string>();
  return ranked
    .sort((a, b) => b.rank - a.rank)
    .filter(({ picture }) => {
      const key = picture.toLowerCase();
      return !seen.has(key) && seen.add(key);
    })
    .slice(0, most)
    .map(({ name, picture, sound, reason }) => ({ name, picture, sound, reason }));
}
