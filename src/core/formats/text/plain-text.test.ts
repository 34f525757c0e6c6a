/** Plans as people paste them. Made up for this test; common practice. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { countingIds } from '../../testing/make';
import { withReadings } from '../script/became';
import { looksLikeScript, parsePlainText } from './plain-text';

const source = () => ({ newId: countingIds(), newSeed: () => 1 });
function parsed(text: string) {
  const read = parsePlainText(text, source());
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.value;
}

const PLAN = `Ferry morning

Warm-up (5 min)
0:00 10 star jumps
0:30 - march on the spot 20 s
Today we carry the post. Now jog around the hall for 30 seconds. Well done!

THE MARSH
1. 10 gorilla thumps
2) Drink up the potion
"Now," says the ferryman.

Cool down
• 3 deep breaths`;

describe('a plan in plain text', () => {
  it('has its title, its chapters, and a beat or more for each line', () => {
    const { adventure, lines } = parsed(PLAN);
    expect(adventure.title).toBe('Ferry morning');
    expect(adventure.chapters.map(({ kind, title }) => [kind, title])).toEqual([
      ['warm-up', 'Warm-up'],
      ['adventure', 'THE MARSH'],
      ['cool-down', 'Cool down'],
    ]);
    expect(lines.map(({ line, text, read }) => [line, text, read.reading.kind])).toEqual([
      [4, '10 star jumps', 'move'],
      [5, 'march on the spot 20 s', 'move'],
      [6, 'Today we carry the post.', 'tell'],
      [6, 'Now jog around the hall for 30 seconds.', 'move'],
      [6, 'Well done!', 'tell'],
      [9, '10 gorilla thumps', 'move'],
      [10, 'Drink up the potion', 'tell'],
      [11, '"Now," says the ferryman.', 'tell'],
      [14, '3 deep breaths', 'move'],
    ]);
    expect(adventure.moves.map(({ name }) => name)).toEqual(['gorilla thumps']);
    expect(adventure.chapters[1]!.beats[2]).toMatchObject({ text: '"Now," says the ferryman.' });
  });

  it('takes a line in the other way that it may be read', () => {
    const read = parsed(PLAN);
    const at = read.lines.findIndex(({ text }) => text.startsWith('Drink up'));
    const other = read.lines[at]!.read.others[0]!;
    const changed = withReadings(read, new Map([[at, other]]), source());
    const [, marsh] = changed.chapters;
    expect(marsh!.beats.map(({ kind }) => kind)).toEqual(['move', 'drink', 'tell']);
    expect(marsh!.beats[1]).toMatchObject({ text: 'Drink up the potion' });
  });

  it('leaves no word out of what is said, however long it is', () => {
    const word = fc.constantFrom('lamp', 'reeds', 'ferry', 'moon', 'over', 'the', 'kite', 'sings');
    fc.assert(
      fc.property(fc.array(word, { minLength: 600, maxLength: 1200 }), (words) => {
        const { adventure } = parsed(`So ${words.join(' ')}.`);
        const said = adventure.chapters.flatMap(({ beats }) =>
          beats.flatMap((beat) => (beat.kind === 'tell' ? beat.text.split(/\s+/u) : [])),
        );
        expect(said.join(' ')).toBe(`So ${words.join(' ')}.`);
      }),
      { numRuns: 10 },
    );
  });

  it('is no script, and a script is no plan', () => {
    expect(looksLikeScript(PLAN)).toBe(false);
    expect(looksLikeScript('# The post\n\n## Warm-up\n\n- 10 squats')).toBe(true);
  });

  it('is refused where there is nothing in it', () => {
    expect(parsePlainText(' \n\n ', source())).toMatchObject({ ok: false });
  });
});
