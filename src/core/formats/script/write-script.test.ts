import { readdirSync, readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import fc from 'fast-check';
import { lexer } from 'marked';
import { describe, expect, it } from 'vitest';
import type { Adventure } from '../../document/adventure';
import { unroll } from '../../schedule/unroll';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { countingIds } from '../../testing/make';
import { parseScript } from './script';
import { serializeScript } from './write-script';

function read(text: string) {
  const source = { newId: countingIds(), newSeed: () => 5, book: dictionary };
  const result = parseScript(text, source);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
}

/** Pictures of letters and what is said at a drink have no words in a line. */
const plainly = ({ setting, chapters, title, world, learning, defaults }: Adventure) => ({
  setting,
  title,
  world,
  learning,
  defaults,
  chapters: chapters.map((chapter) => ({
    ...chapter,
    beats: JSON.parse(
      JSON.stringify(chapter.beats).replace(/"picture":"[^"]*"/gu, '"picture":""'),
    ) as unknown,
  })),
});

const STARTS = 'src/lib/shelf/starts';

describe('a script that is written out', () => {
  it.each(readdirSync(STARTS).filter((name) => name.endsWith('.md')))(
    'and read again is the same adventure: %s',
    (file) => {
      const { adventure } = read(readFileSync(`${STARTS}/${file}`, 'utf8'));
      const again = read(serializeScript(adventure));
      expect(again.unread).toEqual([]);
      expect(plainly(again.adventure)).toEqual(plainly(adventure));
      expect(unroll(again.adventure).totalSeconds).toBe(unroll(adventure).totalSeconds);
    },
  );

  // Found by the property below: signs that are marks where they stand alone.
  it.each(['#', '##', '-', '---', '===', '+', '1.', '2)', '# Not a heading', '- not a list'])(
    'says %s as it is',
    (text) => {
      const { adventure } = read('# Signs\n\n## Game\n\n- 6 squats\n');
      const [game] = adventure.chapters;
      const said = { kind: 'tell' as const, id: 'bt_s', text };
      const script = serializeScript({
        ...adventure,
        chapters: [{ ...game!, beats: [said, ...game!.beats] }],
      });
      const again = read(script).adventure.chapters;
      expect(again).toHaveLength(1);
      expect(again[0]!.beats.map(({ kind }) => kind)).toEqual(['tell', 'move']);
      expect(again[0]!.beats[0]).toMatchObject({ text });
    },
  );

  it('of any adventure is Markdown with its title and a heading for each chapter (marked)', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        const headings = lexer(serializeScript(any)).filter(({ type }) => type === 'heading');
        expect(headings).toHaveLength(1 + any.chapters.length);
      }),
    );
  });
});
