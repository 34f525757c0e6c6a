/** Parts of speech as a word net has them: things, doings, and how they are. */
export type WordPart = 'n' | 'v' | 'a' | 'r';

/** The image that is nearest to a meaning of a word: 0 steps for another word for it, 1 for one of its kind. */
export type NearImage = Readonly<{ image: string; part: WordPart; steps: number }>;

/** Words that are no image themselves, each with the images that a general word net finds nearest. */
export type WordNet = ReadonlyMap<string, readonly NearImage[]>;

/**
 * Reads what the build cut out of the word net: a line for each image, part of speech and distance,
 * "goat n1 ibex markhor". An image of several words has its spaces written as "_".
 */
export function readWordNet(text: string): WordNet {
  const net = new Map<string, NearImage[]>();
  for (const line of text.split('\n')) {
    const [image, at = '', ...words] = line.split(' ');
    if (!image) continue;
    const near: NearImage = {
      image: image.replaceAll('_', ' '),
      part: at[0] as WordPart,
      steps: Number(at.slice(1)),
    };
    for (const word of words) {
      const known = net.get(word);
      if (known) known.push(near);
      else net.set(word, [near]);
    }
  }
  return net;
}
