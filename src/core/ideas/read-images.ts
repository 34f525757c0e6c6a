import { baseForms, isPast } from './word-forms';
import { IMAGES, type Image, type ImageKind } from './images';
import type { NearImage, WordNet } from './word-net';

/** An image in a line: as it was said, and how much it says of what bodies could do there, from 0 to 1. */
export type FoundImage = Readonly<{ image: Image; said: string; weight: number }>;

/** Somebody of the story, by the name that lines call them. */
export type Named = Readonly<{ name: string; role: string }>;

const BY_WORD = new Map<string, Image[]>();
for (const image of IMAGES) {
  for (const word of image.words) BY_WORD.set(word, [...(BY_WORD.get(word) ?? []), image]);
}
const BY_NAME: ReadonlyMap<string, Image> = new Map(IMAGES.map((image) => [image.name, image]));

const LONGEST = 3;
/** Words that stand for nothing to be seen. */
const PASSED_OVER: ReadonlySet<string> = new Set(
  (
    'a an the this that these those some any each every all both few many much more most and or but nor so ' +
    'yet if then than as at by for from in into of off on onto out to with without within is am are was ' +
    'were been being have has had do does did done will would shall should can could may might must ' +
    'i you he she it we they me him her us them my your his its our their mine who whom whose which what ' +
    'when where why how there here not only just also very too again once upon ever never always soon now ' +
    'one two three four let lets else other another same such own about after ' +
    'before until while because though like be past put last first next five six seven eight nine ten eleven ' +
    'twelve twenty hundred thousand nothing something anything no yes oh way well good best whole full rather quite dont doesnt cant im its were theyre youre weve theres'
  ).split(' '),
);
/** What nearly every line has: it is told by what stands beside it. */
const SAYS_LITTLE: ReadonlySet<string> = new Set([
  'walk',
  'go',
  'come',
  'get',
  'give',
  'speak',
  'live',
  'make',
  'work',
  'hope',
  'curious',
  'boy',
  'man',
  'mother',
  'brother',
  'aunt',
  'nobody',
  'stranger',
  'thing',
  'group',
  'piece',
  'place',
  'day',
  'night',
  'time',
  'clever',
  'count',
  'begin',
  'colour',
  'side',
  'new',
  'near',
  'far',
  'beautiful',
  'old',
  'up',
  'down',
  'over',
  'under',
  'through',
  'around',
  'visit',
  'show',
  'try',
  'house',
  'head',
  'hand',
  'eye',
]);
const LITTLE = 0.3;
/** How something is says how to do what is done there. */
const DESCRIBED = 0.75;
/** What is done says more than what it is done with. */
const DONE = 1.3;
/** Words that a thing's name follows, and those that somebody's doing follows. */
const BEFORE_NAMES = new Set(
  'a an the this that my your his her its our their some every'.split(' '),
);
const BEFORE_DOING = new Set(
  'to i you he she we they it and then can will must lets who'.split(' '),
);
/** Steps through the word net take from what an image says. */
const STEP = 0.3;
/** Who does it says less than what is done and where: somebody named before the first verb. */
const DOER = 0.6;

const BY_KIND: Partial<Record<ImageKind, number>> = { action: DONE, describing: DESCRIBED };

type Word = Readonly<{ text: string; isName: boolean }>;

/** The words of a line in small letters; a capital within a sentence makes a name. */
function wordsIn(line: string, cast: readonly Named[]): Word[] {
  const words: Word[] = [];
  let begins = true;
  for (const [token] of line.matchAll(/[\p{L}][\p{L}’']*|[.!?:;"“”]/gu)) {
    if (!/\p{L}/u.test(token)) {
      begins = true;
      continue;
    }
    const text = token
      .toLowerCase()
      .replace(/[’']s?$/u, '')
      .replaceAll(/[’']/gu, '');
    const role = cast.find(({ name }) => name.toLowerCase().split(/\s+/u).includes(text))?.role;
    if (role) {
      const roles = role.toLowerCase().match(/\p{L}+/gu) ?? [];
      words.push(...roles.map((one) => ({ text: one, isName: false })));
    } else {
      words.push({ text, isName: !begins && /^\p{Lu}/u.test(token) && token !== 'I' });
    }
    begins = false;
  }
  return words;
}

/** What stands around a word. */
type Around = Readonly<{ before: string | undefined; after: string | undefined }>;

/** Whether a word is a doing here, for what stands around it; null where that tells nothing. */
function isDoneHere({ before, after }: Around): boolean | null {
  if (before !== undefined && BEFORE_NAMES.has(before)) return false;
  if (before === undefined || BEFORE_DOING.has(before)) return before === undefined ? null : true;
  // "The train leaves the station": after somebody, and before a thing.
  return !PASSED_OVER.has(before) && after !== undefined && BEFORE_NAMES.has(after) ? true : null;
}

const isDoing = ({ kind }: Image) => kind === 'action';

/** Where a word is both a thing and a doing, what stands around it tells which. */
function meant(images: readonly Image[], around: Around): readonly Image[] {
  if (images.length < 2 || !images.some(isDoing) || images.every(isDoing)) return images;
  const isDone = isDoneHere(around);
  return isDone === null ? images : images.filter((one) => isDoing(one) === isDone);
}

/** All images that words may be, the first and the last of them in any of their forms: "blasts off". */
function lookUp(words: readonly string[]): readonly Image[] {
  const [first, ...rest] = words as [string, ...string[]];
  const starts = baseForms(first);
  const texts =
    rest.length === 0
      ? starts
      : starts.flatMap((start) =>
          baseForms(rest.at(-1)!).map((end) => [start, ...rest.slice(0, -1), end].join(' ')),
        );
  const images = [...new Set(texts.flatMap((text) => BY_WORD.get(text) ?? []))];
  // "Flew" is no fly; but a bed is no doing.
  const done = images.filter(isDoing);
  const own = BY_WORD.get(words.join(' ')) ?? [];
  return isPast(first) && done.length > 0 && own.every(isDoing) ? done : images;
}

/** The longest name of images that begins at a word, and the images; null where none does. */
function longestAt(words: readonly Word[], at: number) {
  for (let length = Math.min(LONGEST, words.length - at); length > 0; length -= 1) {
    const said = words.slice(at, at + length).map(({ text }) => text);
    if (length === 1 && PASSED_OVER.has(said[0]!)) continue;
    const images = lookUp(said);
    if (images.length > 0) return { length, images, said: said.join(' ') };
  }
  return null;
}

/** What is named is a thing more often than a doing, as far as nothing else tells. */
const DOING_IS_RARER = 0.6;

function lookFurther(word: string, around: Around, net: WordNet) {
  const isDone = isDoneHere(around);
  const cost = ({ part, steps }: NearImage) => steps + (part === 'v' ? DOING_IS_RARER : 0);
  for (const form of baseForms(word)) {
    const all = net.get(form) ?? [];
    const fitting = all.filter(({ part }) => isDone === null || (part === 'v') === isDone);
    const [near] = [...(fitting.length > 0 ? fitting : all)].sort((a, b) => cost(a) - cost(b));
    const image = near && BY_NAME.get(near.image);
    if (image) return { image, share: 1 / (1 + STEP * (1 + near.steps)) };
  }
  return null;
}

/**
 * The images in a line of story, in the order in which they are said. A word that is none itself is
 * looked up in the word net, where that is at hand; names of the cast stand for what they are.
 */
export function readImages(
  line: string,
  net: WordNet | null,
  cast: readonly Named[] = [],
): readonly FoundImage[] {
  const words = wordsIn(line, cast);
  const found: FoundImage[] = [];
  const add = (images: readonly Image[], said: string, share: number) => {
    for (const image of images) {
      // Said twice, it's still one: "from rock to rock".
      if (found.some((one) => one.image === image)) continue;
      const little = SAYS_LITTLE.has(image.name) ? LITTLE : (BY_KIND[image.kind] ?? 1);
      found.push({ image, said, weight: (share * little) / images.length });
    }
  };
  const around = (at: number, length: number): Around => ({
    before: words[at - 1]?.text,
    after: words[at + length]?.text,
  });
  let at = 0;
  while (at < words.length) {
    const { text, isName } = words[at]!;
    const named = longestAt(words, at);
    if (named) {
      add(meant(named.images, around(at, named.length)), named.said, 1);
    } else if (!PASSED_OVER.has(text) && !isName) {
      const further = net && lookFurther(text, around(at, 1), net);
      if (further) add([further.image], text, further.share);
    }
    at += named?.length ?? 1;
  }
  return weighDoers(found);
}

/** Somebody who is there before anything is done says less, where there is anything else. */
function weighDoers(found: readonly FoundImage[]): readonly FoundImage[] {
  const doing = found.findIndex(({ image }) => isDoing(image));
  if (doing < 1) return found;
  const isSomebody = ({ image }: FoundImage) => image.kind === 'job';
  return found.map((one, n) =>
    n < doing && isSomebody(one) ? { ...one, weight: one.weight * DOER } : one,
  );
}
