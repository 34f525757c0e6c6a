import { entryOf, type Path, type Problem, type ProblemCode } from '$core';

type Params = Problem['params'];

const large = (n: number) => n.toLocaleString('en-GB');
/** What there is too much of. */
const MUCH_OF: Readonly<Record<string, (found: number, most: number) => string>> = {
  beats: (found, most) => `it has ${large(found)} beats, and ${large(most)} are the most`,
  parts: (found, most) => `it names ${large(found)} moves, and ${large(most)} are the most`,
  letters: (found, most) =>
    `${large(found)} letters are said in it, and ${large(most)} are the most`,
  goes: (found, most) =>
    `moves are begun ${large(found)} times in it, and ${large(most)} times are the most`,
  seconds: (found, most) =>
    `it comes to ${large(Math.ceil(found / 3600))} hours, and ${large(most / 3600)} are the most`,
};

/** What happened, in words a presenter would use. */
const WORDS: Readonly<Record<ProblemCode, (params: Params) => string>> = {
  'too-large': () => 'The file is larger than 2 MB, more than any adventure needs.',
  'too-much': ({ of, most, found }) =>
    `It’s too much for one adventure: ${MUCH_OF[String(of)]?.(Number(found), Number(most)) ?? ''}. Make two of it.`,
  'not-json': () => 'The file is broken, or it isn’t an adventure: it can’t be read as one.',
  'not-arrup': () => 'This isn’t an Arrup adventure. Its file name ends in .arrup.json.',
  'no-script': () => 'There’s no script in it: headings are chapters, list lines are beats.',
  'no-captions': () =>
    'There are no captions in it: each line needs its time, as in a .vtt or .srt file.',
  'no-dates': () =>
    'There are no dates in it: a calendar (.ics), or a table (.csv) with a day in each row, as 2027-03-02.',
  'not-series': () => 'This isn’t a series of Arrup. Its file name ends in .arrup-series.json.',
  'is-series': () => 'This is a series: open it in the place Series, beside the Shelf.',
  'not-docx': () =>
    'This isn’t a DOCX document, or it’s broken: save it again as .docx, or as text.',
  'not-take-along': () =>
    'There’s no adventure of Arrup in this page, or it’s broken: ask for the page once more.',
  'broken-link': () =>
    'The link is broken: part of it was cut off or changed on its way. Ask for it once more, or for a file.',
  'link-too-long': () => 'The link is longer than any that Arrup makes.',
  'not-backup': () =>
    'This is no backup of Arrup, or it is broken. Its name begins with arrup-backup and ends in .zip.',
  'no-columns': () =>
    'The first row of the table must name its columns: Chapter, Say, Do (and, if you like, Dose and As).',
  'newer-version': ({ version, known }) =>
    `It was made with a newer Arrup (version ${version}; this one knows up to ${known}). Update Arrup, then open it again.`,
  'bad-version': () => 'It doesn’t say which version it is.',
  missing: () => 'Something is missing here.',
  'wrong-type': ({ expected }) => `This should be a ${kindWord(String(expected))}.`,
  'too-small': ({ least }) => `This is too small or too few: ${least} is the least.`,
  'too-big': ({ most }) => `This is too big or too long: ${most} is the most.`,
  'not-one-of': ({ allowed }) =>
    Array.isArray(allowed)
      ? `This must be one of: ${allowed.join(', ')}.`
      : 'Arrup doesn’t know this.',
  'bad-pattern': () => 'There’s a character in it that can’t be used here.',
  'unknown-field': ({ fields }) => `There’s something here that Arrup doesn’t know: ${fields}.`,
  'ages-backwards': () => 'The youngest age is above the oldest.',
  'unknown-move': ({ move }) => `There’s no move “${move}” in the catalogue or in the file.`,
  'same-id': ({ id }) => `The mark “${id}” is used twice.`,
  'no-outcome': () => 'There’s nothing to draw yet: put a move in.',
  'unmapped-outcome': ({ outcome }) => `What does a ${outcome} mean? No move has it.`,
  'no-weight': () => 'Nothing here can ever come: make a sector wider.',
  'no-stand-in': () => 'A repeat turns into the stand-in, and there isn’t one. Choose one.',
  'no-value': () => 'This has no number to count by. Take each move’s own dose, or a number die.',
  'backwards-range': () => 'The least is above the most.',
  invalid: () => 'Something’s wrong here.',
};

function kindWord(expected: string): string {
  const words: Record<string, string> = {
    string: 'text',
    int: 'whole number',
    array: 'list',
    object: 'group of facts',
    boolean: 'yes or no',
  };
  return words[expected] ?? expected;
}

const LISTS: Readonly<Record<string, string>> = {
  chapters: 'chapter',
  beats: 'beat',
  actions: 'move',
  stations: 'station',
  moves: 'own move',
  amounts: 'set',
  cast: 'character',
  entries: 'line of the table',
};

/** A path as a place in the script: "chapter 2, beat 3, move 1, dose". */
export function placeInWords(path: Path): string {
  const steps: string[] = [];
  path.forEach((step, index) => {
    const list = entryOf(LISTS, String(path[index - 1]));
    if (typeof step === 'number') steps.push(list ? `${list} ${step + 1}` : `number ${step + 1}`);
    else if (!(entryOf(LISTS, step) && typeof path[index + 1] === 'number')) steps.push(step);
  });
  return steps.join(', ');
}

/** One problem in a sentence, with its place where it has one. */
export function problemInWords({ code, path, params }: Problem): string {
  const place = placeInWords(path);
  return place ? `In ${place}: ${WORDS[code](params)}` : WORDS[code](params);
}
