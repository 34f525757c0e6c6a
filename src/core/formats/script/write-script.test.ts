import { readdirSync, readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import fc from 'fast-check';
import { lexer } from 'marked';
import { describe, expect, it } from 'vitest';
import { partsOfBeat, type Beat } from '../../beats';
import type { Adventure } from '../../document/adventure';
import { NO_GUISE } from '../../model/action';
import { LEDS, SHOWINGS } from '../../model/led';
import { unroll } from '../../schedule/unroll';
import { arbitraryAdventure } from '../../testing/arbitrary';
import {
  chainBeat,
  circuit,
  countingIds,
  doseOf,
  drawBeat,
  moveBeat,
  withBeats,
} from '../../testing/make';
import { parseScript } from './script';
import { serializeScript } from './write-script';

function read(text: string) {
  const source = { newId: countingIds(), newSeed: () => 5, book: dictionary };
  const result = parseScript(text, source);
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  return result.value;
}

/** Pictures of letters have no words in a line. */
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

  it('keeps a stand-in whose amount goes by age', () => {
    const script =
      '# Fog\n\n## Game\n\n- die, stand-in (march fours 10 s, fives 15 s): squats, hops\n';
    const { adventure } = read(script);
    expect(adventure.chapters[0]!.beats[0]).toMatchObject({
      rules: { standIn: { move: 'march', dose: { asked: { as: 'by age' } } } },
    });
    expect(plainly(read(serializeScript(adventure)).adventure)).toEqual(plainly(adventure));
  });

  const word = fc.constantFrom(
    'reed',
    'punt,',
    'then',
    'hop',
    '5',
    'squats',
    'so:',
    'over',
    '…',
    '...',
    '“Up',
    'Up”',
    '+',
    'follow',
    'me',
    '=',
    ';',
    'a.',
    '*b*',
  );
  const text = fc.array(word, { maxLength: 8 }).map((words) => words.join(' '));
  /** Quotation marks stand in pairs. */
  const said = text.filter(
    (one) => !/[“”]/u.test(one.replace(/“[^“”]*”/gu, '')) && !/^(?:…|\.{3})/u.test(one),
  );
  const guise = fc
    .record({ line: said, meanwhile: said })
    .map((words) => ({ ...NO_GUISE, ...words }));
  const how = fc.record({
    led: fc.option(fc.constantFrom(...LEDS)),
    show: fc.option(fc.constantFrom(...SHOWINGS)),
    countIn: fc.option(fc.boolean()),
  });
  const action = fc
    .record({ move: fc.constantFrom('squat', 'hop', 'march'), guise })
    .map(({ move, guise: words }) => ({ ...doseOf(move, 5), guise: words }));
  const beats = fc.oneof(
    fc
      .tuple(fc.array(action, { minLength: 1, maxLength: 3 }), how)
      .map(([actions, led]) => moveBeat(actions, led)),
    fc.tuple(fc.array(guise, { minLength: 1, maxLength: 3 }), how).map(([guises, led]) => {
      const beat = circuit(guises.length, led);
      return { ...beat, stations: beat.stations.map((one, n) => ({ ...one, guise: guises[n]! })) };
    }),
    fc
      .tuple(fc.array(guise, { minLength: 2, maxLength: 3 }), how, said)
      .map(([guises, led, meanwhile]) => {
        const beat = drawBeat(guises.length, { ...led, meanwhile });
        const entries = beat.entries.map((one, n) => ({
          ...one,
          action: { ...one.action, guise: guises[n]! },
        }));
        return { ...beat, entries };
      }),
    fc.tuple(fc.array(action, { minLength: 2, maxLength: 3 }), how).map(([links, led]) => ({
      ...chainBeat(['squat']),
      ...led,
      links: links.map((link) => ({ ...link, joined: false })),
    })),
    said.map((line) => ({ kind: 'drink' as const, id: 'bt_d', text: line, seconds: 30 })),
  );
  it.each([
    {
      kind: 'tell' as const,
      id: 'bt_s',
      text: 'Stand behind your child.',
      to: 'grown-ups' as const,
    },
    { kind: 'tell' as const, id: 'bt_s', text: 'The heron wakes.', acted: 3 as const },
  ])('keeps whom a line is for, and that it is acted out: $text', (said) => {
    const { adventure } = read(serializeScript({ ...withBeats(said), title: 'Lines' }));
    const [again] = adventure.chapters[0]!.beats;
    expect({ ...again, id: 'bt_s' }).toEqual(said);
  });

  const wordsOf = (beat: Beat) => [
    beat.kind,
    ...partsOfBeat(beat).map(({ guise: { line, meanwhile } }) => [line.trim(), meanwhile.trim()]),
    beat.kind === 'drink' ? beat.text.trim() : '',
    beat.kind === 'draw' ? beat.meanwhile.trim() : '',
    'led' in beat ? [beat.led, beat.show, beat.countIn] : [],
  ];

  it('keeps what is said first and meanwhile, and how it is led, whatever the words', () => {
    fc.assert(
      fc.property(beats, fc.option(fc.constantFrom(...LEDS)), (beat, led) => {
        const adventure = withBeats(beat);
        const chapters = adventure.chapters.map((chapter) => ({ ...chapter, led }));
        const again = read(serializeScript({ ...adventure, title: 'Words', chapters })).adventure;
        expect(again.chapters[0]!.led).toBe(led);
        expect(again.chapters[0]!.beats.map(wordsOf)).toEqual([wordsOf(beat)]);
      }),
      { numRuns: 400 },
    );
  });

  it('of any adventure is Markdown with its title and a heading for each chapter (marked)', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        const headings = lexer(serializeScript(any)).filter(({ type }) => type === 'heading');
        expect(headings).toHaveLength(1 + any.chapters.length);
      }),
    );
  });
});
