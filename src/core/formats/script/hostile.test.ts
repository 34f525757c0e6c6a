import { describe, expect, it } from 'vitest';
import { countingIds } from '../../testing/make';
import { parsePlainText } from '../text/plain-text';
import { parseScript } from './script';

/** Texts that nobody writes, each large enough to hang a reader that is careless with it. */
const HOSTILE = {
  'quotations in quotations': '> '.repeat(5000),
  'marks that never close': '*a_'.repeat(8000),
  'lists in lists': Array.from({ length: 1500 }, (_, n) => `${' '.repeat(n * 2)}- hop`).join('\n'),
  'lists in lists on one line': ' + '.repeat(3000),
  'lists and quotations on one line': '> 1. - '.repeat(2500),
  'words without a space between': 'k!;'.repeat(3500),
  brackets: '['.repeat(30_000),
  'quotation marks': '"'.repeat(20_000),
  numbers: '1 '.repeat(15_000),
  'one thing then another': 'hop then '.repeat(4000),
  commas: 'a,'.repeat(15_000),
  'a table': `${'|a'.repeat(10_000)}\n${'|-'.repeat(10_000)}\n`,
} as const;

const source = () => ({ newId: countingIds(), newSeed: () => 1 });

describe.each(Object.entries(HOSTILE))('%s', (_, text) => {
  // A second is far above what each takes, and far below what the square of its length would.
  const MOST_MS = 5000;

  it.each([
    ['script', parseScript],
    ['text', parsePlainText],
  ] as const)('are read as a %s, in time', (_kind, parse) => {
    const begun = performance.now();
    const read = parse(`# Fog\n\n## Game\n\n${text}\n`, source());
    expect(performance.now() - begun).toBeLessThan(MOST_MS);
    expect(read.ok || read.problems.length > 0).toBe(true);
  });
});

const beatsOf = (text: string) => {
  const read = parseScript(text, source());
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.value.adventure.chapters.flatMap(({ beats }) => beats);
};
const textsOf = (text: string) =>
  beatsOf(text).map((beat) =>
    beat.kind === 'tell'
      ? beat.text
      : `${'say' in beat && beat.say ? `${beat.say} / ` : ''}${beat.kind}`,
  );

describe('a script loses nothing that stands in it', () => {
  it.each([
    ['code blocks', '```\n6 squats\nOver the bridge!\n```', ['move', 'Over the bridge!']],
    ['indented lines', 'Up!\n\n    6 squats', ['Up!', 'move']],
    ['tables', '| Say | Do |\n|---|---|\n| Up! | 6 squats |', ['Say, Do', 'Up!, 6 squats']],
    ['lists in lists', '- 6 squats\n  - 4 hops\n    - drink', ['move', 'move', 'drink']],
    [
      'lists deeper than they are read',
      Array.from({ length: 15 }, (_, n) => `${' '.repeat(n * 2)}- 6 squats`).join('\n'),
      Array.from({ length: 15 }, () => 'move'),
    ],
    [
      'many lists on one line, and a line across the page',
      `${'- '.repeat(15)}6 squats\n\n${'- '.repeat(20)}\n\nUp!`,
      ['move', 'Up!'],
    ],
    ['paragraphs in a list', '- 6 squats\n\n  Well done!', ['move', 'Well done!']],
    ['a quotation at the end', '- 6 squats\n\n> Home again.', ['move', 'Home again.']],
    ['two quotations', '> Up!\n\nHm.\n\n> Down!\n\n- 6 squats', ['Up!', 'Hm.', 'Down! / move']],
    ['marks of pages', '<p>Over the <b>bridge</b></p>', ['Over the bridge']],
  ])('%s', (_, body, expected) => {
    expect(textsOf(`# Fog\n\n## Game\n\n${body}\n`)).toEqual(expected);
  });

  it('a title that is longer than a title may be is said too', () => {
    const long = 'The fog bell '.repeat(20).trim();
    expect(textsOf(`# ${long}\n\n## Game\n\n- 6 squats\n`)[0]).toContain('The fog bell');
    expect(textsOf(`# Fog\n\n## ${long}\n\n- 6 squats\n`)).toEqual([long, 'move']);
  });
});
