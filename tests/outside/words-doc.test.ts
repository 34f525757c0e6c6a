/**
 * `docs/words` has every word on screen and in print in a few texts, to be read aloud and mended there. They
 * are written from the code by `npm run words`, so what is told is what is said; `npm run words -- mend` puts
 * what was mended back into the code.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readText, TEXT_NAMES, withWords, wordTexts } from '../../scripts/word-texts.mjs';

const now = wordTexts();

it.each(TEXT_NAMES)('docs/words/%s.txt says what the code says', (name) => {
  expect(readFileSync(`docs/words/${name}.txt`, 'utf8')).toBe(now[name]);
});

it('there are no other texts, and none is empty', () => {
  expect(readdirSync('docs/words').sort()).toEqual(TEXT_NAMES.map((name) => `${name}.txt`).sort());
  for (const text of Object.values(now)) expect(text.length).toBeGreaterThan(1000);
});

it('a text is read as it was written: a folder, its files, and what each says', () => {
  const desk = readText(now.desk!);
  for (const [path, lines] of desk) {
    expect(path).toMatch(/^src\/.+\.(?:svelte|ts)$/u);
    expect(lines.length).toBeGreaterThan(0);
  }
  expect(readText('# src/lib/desk\n\nTop.svelte\n  Lead it\n  Prep\n')).toEqual(
    new Map([['src/lib/desk/Top.svelte', ['Lead it', 'Prep']]]),
  );
});

describe('what is mended goes back into the code', () => {
  it.each([
    [
      'a plain text',
      "say('That is too long.')",
      'That is too long.',
      'That’s too long.',
      "say('That’s too long.')",
    ],
    [
      'a text over two lines of a page',
      '<p>\n  Nothing here\n  yet.\n</p>',
      'Nothing here yet.',
      'Nothing yet.',
      '<p>\n  Nothing yet.\n</p>',
    ],
    [
      'what is worked out stays, in whatever order',
      'told(`${count} of ${of} done`)',
      '{count} of {of} done',
      'Of {of}, {count} are done',
      'told(`Of ${of}, ${count} are done`)',
    ],
    [
      'in a page, too',
      '<span>{counted(n, "move")} are left</span>',
      '{counted(n, "move")} are left',
      '{counted(n, "move")} to go',
      '<span>{counted(n, "move")} to go</span>',
    ],
  ])('%s', (_what, source, before, after, changed) => {
    expect(withWords(source, before, after)).toBe(changed);
  });

  it.each([
    ['what stands in parts', '<p>Only <b>one</b> die</p>', 'Only one die', 'One die only'],
    ['what is worked out anew', 'told(`${count} done`)', '{count} done', '{total} done'],
    ['a sign that would end the text', "say('All done')", 'All done', "All's done"],
  ])('but not %s', (_what, source, before, after) => {
    expect(withWords(source, before, after)).toBeNull();
  });
});
