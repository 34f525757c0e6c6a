import fc from 'fast-check';
import { marked, type Token } from 'marked';
import { describe, expect, it } from 'vitest';
import { EXTENSIONS, FILE_FORMAT_IDS, fileNameOf, fileStem } from './file-formats';
import { plainMarkdown } from './markdown-plain';

describe('the name of a file', () => {
  it.each([
    ['The late letter', 'The-late-letter'],
    ['  A   wide    gap  ', 'A-wide-gap'],
    ['Six lamps: on/off? "now"', 'Six-lamps-on-off-now'],
    ['..\\..\\secret', 'secret'],
    ['a <b> | c * d', 'a-b-c-d'],
    ['Čáp a žába', 'Čáp-a-žába'],
    ['雨の日', '雨の日'],
    ['???', ''],
    ['', ''],
  ])('of %j is %j', (title, stem) => {
    expect(fileStem(title)).toBe(stem);
  });

  it('has nothing that a file system refuses, whatever the title, and isn’t long', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (title) => {
        const stem = fileStem(title);
        expect(stem).not.toMatch(/[\\/:*?"<>|.\s]/u);
        expect(stem).not.toMatch(/\p{Cc}/u);
        expect(stem.length).toBeLessThanOrEqual(80);
      }),
    );
  });

  it('without a title is “adventure”, and each format has its own ending', () => {
    const names = FILE_FORMAT_IDS.map((id) => fileNameOf({ title: ' ' }, id));
    expect(names).toContain('adventure.pdf');
    expect(new Set(names).size).toBe(names.length);
    for (const id of FILE_FORMAT_IDS)
      expect(fileNameOf({ title: 'Fog' }, id)).toBe(`Fog${EXTENSIONS[id]}`);
  });
});

describe('words in Markdown', () => {
  it.each([
    ['*stars* and _lines_', '\\*stars\\* and \\_lines\\_'],
    ['# not a heading', '\\# not a heading'],
    ['#hash', '#hash'],
    ['- not a list', '\\- not a list'],
    ['-5 degrees', '-5 degrees'],
    ['3. not a list', '3\\. not a list'],
    ['3.5 metres', '3.5 metres'],
    ['12) steps', '12\\) steps'],
    ['---', '\\---'],
    ['a | b', 'a \\| b'],
    ['[see](there)', '\\[see\\](there)'],
    ['two\nlines', 'two lines'],
    ['<b>', '\\<b\\>'],
    ['back\\slash', 'back\\\\slash'],
    ['plain words, with a comma.', 'plain words, with a comma.'],
  ])('%j is written %j', (text, written) => {
    expect(plainMarkdown(text)).toBe(written);
  });

  it('is read as the same words by another parser', () => {
    const signs = fc.constantFrom(...'abc 0123456789*_#-+.)([]<>|~`\\'.split(''));
    const words = (tokens: readonly Token[]): string =>
      tokens
        .map((token) => {
          if (token.type === 'escape' || token.type === 'text')
            return token.raw.replace(/^\\/u, '');
          return 'tokens' in token && token.type === 'paragraph' ? words(token.tokens ?? []) : '?';
        })
        .join('');
    fc.assert(
      fc.property(fc.string({ unit: signs, minLength: 1, maxLength: 24 }), (text) => {
        const plain = text.replace(/\s+/gu, ' ').trim();
        fc.pre(plain !== '');
        const read = words(marked.lexer(plainMarkdown(plain)));
        expect(read).toBe(plain);
      }),
      { numRuns: 400 },
    );
  });
});
