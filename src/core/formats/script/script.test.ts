import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseAdventure } from '../../document/parse-adventure';
import { countingIds } from '../../testing/make';
import type { ReadScript } from './became';
import { MAX_SCRIPT_CHARACTERS, parseScript } from './script';

const result = (text: string) => parseScript(text, { newId: countingIds(), newSeed: () => 7 });
function read(text: string): ReadScript {
  const parsed = result(text);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return parsed.value;
}

const SCRIPT = `# The fog *bell*

Learning: counting
Ages: 4 to 6
Slot: 12 min
Room: 6 x 5 x 2.4 m, carpet
Kit: mat, 4 cones
Led: filmed

## Welcome: Can you hear it?

Hello, ringers!

Who rings it?

## Warm-up

> Knees up, all of you.

- march 20 s as _fog march_
- 6 squats
  > Down to the rope.
- die 4 throws: squats, hops
- drink
`;

describe('a script written by hand', () => {
  const { adventure, unread } = read(SCRIPT);

  it('is an adventure with its setting, its chapters and its beats in order', () => {
    expect(adventure).toMatchObject({
      title: 'The fog bell',
      learning: 'counting',
      setting: {
        ages: { from: 4, to: 6 },
        slotSeconds: 720,
        room: { lengthMetres: 6, widthMetres: 5, heightMetres: 2.4, floor: 'carpet' },
        kit: ['mat', '4 cones'],
        place: 'filmed',
      },
    });
    expect(adventure.chapters.map(({ kind, title }) => [kind, title])).toEqual([
      ['welcome', 'Can you hear it?'],
      ['warm-up', 'Warm-up'],
    ]);
    expect(adventure.chapters.map(({ beats }) => beats.map((beat) => beat.kind))).toEqual([
      ['tell', 'tell'],
      ['move', 'move', 'draw', 'drink'],
    ]);
    expect(unread).toEqual([]);
  });

  it('waits after a question, and says a quotation before the beat that follows or holds it', () => {
    const [welcome, warmUp] = adventure.chapters;
    expect(welcome!.beats[1]).toMatchObject({ text: 'Who rings it?', waitSeconds: 2 });
    expect(warmUp!.beats[0]).toMatchObject({ say: 'Knees up, all of you.' });
    expect(warmUp!.beats[0]).toMatchObject({ actions: [{ guise: { name: 'fog march' } }] });
    expect(warmUp!.beats[1]).toMatchObject({ say: 'Down to the rope.' });
  });

  it('keeps what it does not understand, and says in which line it is', () => {
    const odd = read('# Fog\n\nAges: four\n\n## Game\n\n- 8 frog jumps who are loud\n- 6 squats\n');
    expect(odd.unread.map(({ line, words }) => [line, words])).toEqual([
      [3, ['Ages: four']],
      [7, ['who', 'are', 'loud']],
    ]);
    expect(odd.adventure.chapters[0]!.beats[0]).toMatchObject({
      kind: 'tell',
      text: '8 frog jumps who are loud',
    });
  });

  it('is refused when there is nothing in it, or far too much', () => {
    const codes = (text: string) => {
      const parsed = result(text);
      return parsed.ok ? [] : parsed.problems.map(({ code }) => code);
    };
    expect(codes('# Only a title')).toEqual(['no-script']);
    expect(codes('')).toEqual(['no-script']);
    expect(codes('x'.repeat(MAX_SCRIPT_CHARACTERS + 1))).toEqual(['too-large']);
  });

  it('whatever is written, it is a valid adventure or a reason', () => {
    const line = fc.oneof(
      fc.constantFrom('# ', '## Game', '- 6 squats', '> Say it', '- die: hops', '', '---', '```'),
      fc.string({ unit: 'grapheme', maxLength: 60 }),
      fc.string({ maxLength: 40 }).map((text) => `- ${text}`),
    );
    fc.assert(
      fc.property(fc.array(line, { maxLength: 25 }), (lines) => {
        const parsed = result(lines.join('\n'));
        if (!parsed.ok) return;
        const whole = parseAdventure(JSON.parse(JSON.stringify(parsed.value.adventure)));
        expect(whole.ok ? [] : whole.problems).toEqual([]);
      }),
      { numRuns: 150 },
    );
  });
});
