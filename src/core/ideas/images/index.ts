import { isQuality, type Quality } from '../qualities';
import { ACTIONS } from './actions';
import { CREATURES } from './creatures';
import { DESCRIBING } from './describing';
import { FEELINGS } from './feelings';
import { JOBS } from './jobs';
import { PLACES } from './places';
import { THINGS } from './things';
import { WEATHER } from './weather';

export const IMAGE_KINDS = [
  'place',
  'creature',
  'thing',
  'weather',
  'action',
  'feeling',
  'job',
  'describing',
] as const;
export type ImageKind = (typeof IMAGE_KINDS)[number];

/**
 * Something in a story that a body can be or do: by its words, with its qualities and with moves that
 * are it, both with a weight from 0 to 1, the strongest first. Our own judgement.
 */
export type Image = Readonly<{
  /** The first of its words. */
  name: string;
  words: readonly string[];
  kind: ImageKind;
  qualities: ReadonlyMap<Quality, number>;
  moves: ReadonlyMap<string, number>;
}>;

/** Each is weaker than the one before it. */
const WEIGHTS = [1, 0.85, 0.72, 0.61, 0.52];
const weighted = <T>(list: readonly T[]): ReadonlyMap<T, number> =>
  new Map(list.map((one, n) => [one, WEIGHTS[n] ?? WEIGHTS.at(-1)!]));

/** A line of a list: "bridge, footbridge: narrow over > fairy-steps, bear-walk". */
function imageOf(kind: ImageKind, line: string): Image {
  const [words = '', rest = ''] = line.split(': ');
  const [qualities = '', moves = ''] = rest.split('> ');
  const names = words.split(', ');
  return {
    name: names[0]!,
    words: names,
    kind,
    qualities: weighted(qualities.split(' ').filter(isQuality)),
    moves: weighted(moves.split(', ')),
  };
}

const LISTS: Readonly<Record<ImageKind, string>> = {
  place: PLACES,
  creature: CREATURES,
  thing: THINGS,
  weather: WEATHER,
  action: ACTIONS,
  feeling: FEELINGS,
  job: JOBS,
  describing: DESCRIBING,
};

/** Every image that stories are read for. */
export const IMAGES: readonly Image[] = IMAGE_KINDS.flatMap((kind) =>
  LISTS[kind]
    .trim()
    .split('\n')
    .map((line) => imageOf(kind, line)),
);
