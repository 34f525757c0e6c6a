import { WebVTTParser } from 'webvtt-parser';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { Reviewed } from '../../log/reviewed';
import { demoCaptions } from '../../testing/shelf-of-examples';
import { serializeTimedText } from '../webvtt/webvtt';
import { readCaptions } from './captions';
import { reviewChapters, reviewCsv } from './review-files';

const lines = (text: string) => {
  const read = readCaptions(text);
  if (!read.ok) throw new Error(read.problems[0]!.code);
  return read.value.map(({ startSeconds, endSeconds, text: said }) => [
    startSeconds,
    endSeconds,
    said,
  ]);
};
const code = (text: string) => {
  const read = readCaptions(text);
  return read.ok ? null : read.problems[0]!.code;
};
/** What each of the kinds below says. */
const SAID = [
  [1, 3.5, 'March on the spot.'],
  [4, 6, 'And rest & drink.'],
];

describe('captions of every kind say the same', () => {
  const KINDS: Readonly<Record<string, string>> = {
    WebVTT: `WEBVTT - by hand

NOTE not said
at all

STYLE
::cue { color: red }

one
00:01.000 --> 00:03.500 align:start position:0%
<v Tam>March on <i>the</i> spot.

00:00:04.000 --> 00:00:06.000
And rest &amp; drink.
`,
    SubRip:
      '1\r\n00:00:01,000 --> 00:00:03,500\r\nMarch on the spot.\r\n\r\n2\r\n00:00:04,000 --> 00:00:06,000\r\n- And rest & drink.\r\n',
    'two times on a line':
      '0:00:01.000,0:00:03.500\nMarch on the spot.\n\n0:00:04.000,0:00:06.000\nAnd rest & drink.\n',
    'a table in milliseconds':
      'start\tend\ttext\n1000\t3500\tMarch on the spot.\n4000\t6000\tAnd rest & drink.\n',
    'timed text of broadcasters':
      '<?xml version="1.0"?><tt xmlns="http://www.w3.org/ns/ttml"><body><div><p begin="00:00:01.000" end="00:00:03.500">March on<br/>the spot.</p><p begin="4s" dur="2s"><span>And rest &amp; drink.</span></p></div></body></tt>',
    'timed text of players':
      '<timedtext format="3"><body><p t="1000" d="2500"><s>March</s><s t="200"> on</s><s t="400"> the</s><s t="900"> spot.</s></p><p t="4000" d="2000">And rest &amp;amp; drink.</p></body></timedtext>',
    'the older timed text of players':
      '<all><text start="1" dur="2.5">March on the spot.</text><text start="4" dur="2">And rest &amp;#38; drink.</text></all>',
    'events in JSON': JSON.stringify({
      events: [
        {
          tStartMs: 1000,
          dDurationMs: 2500,
          segs: [{ utf8: 'March ' }, { utf8: 'on the spot.', tOffsetMs: 500 }],
        },
        { tStartMs: 4000, dDurationMs: 2000, segs: [{ utf8: 'And rest & drink.' }] },
        { tStartMs: 6000, segs: [{ utf8: '\n' }] },
      ],
    }),
    'segments in JSON': JSON.stringify({
      text: 'all of it',
      segments: [
        { id: 0, start: 1, end: 3.5, text: ' March on the spot.' },
        { id: 1, start: 4, end: 6, text: ' And rest & drink.' },
      ],
    }),
  };
  it.each(Object.entries(KINDS))('%s', (_, text) => {
    expect(lines(text)).toEqual(SAID);
  });

  it('a line that only says when it begins lasts to the next one', () => {
    const text = '[00:01.00] March on the spot.\n[00:04.00] And rest & drink.\n';
    expect(lines(text)).toEqual([
      [1, 4, SAID[0]![2]],
      [4, 8, SAID[1]![2]],
    ]);
    const apart = '0:01\nMarch on the spot.\n0:04\nAnd rest & drink.';
    expect(lines(apart)).toEqual([
      [1, 4, SAID[0]![2]],
      [4, 8, SAID[1]![2]],
    ]);
  });

  it('as another reader has them', () => {
    const text = demoCaptions('ferry-die');
    const other = new WebVTTParser().parse(text, 'subtitles').cues;
    expect(lines(text)).toEqual(
      other.map(({ startTime, endTime, text: said }) => [startTime, endTime, said]),
    );
  });

  it('words have times of their own where the file gives them', () => {
    const text =
      'WEBVTT\n\n00:01.000 --> 00:03.500\nMarch<00:01.200><c> on</c><00:01.900><c> the spot.</c>\n';
    const read = readCaptions(text);
    expect(read.ok && read.value[0]).toMatchObject({
      text: 'March on the spot.',
      wordSeconds: [1, 1.2, 1.9, 1.9],
    });
  });

  it('what is not said is left out: sounds, music, who speaks', () => {
    const text = '00:01.000 --> 00:02.000\n>> TAM SEDGE: [Music] ♪ Hello (claps) there {\\an8}\n';
    expect(lines(text)).toEqual([[1, 2, 'Hello there']]);
  });
});

describe('captions that roll', () => {
  it('say everything once', () => {
    const text = `WEBVTT

00:00.000 --> 00:02.000
hello there

00:02.000 --> 00:02.010
hello there

00:02.010 --> 00:04.000
hello there
march on the spot

00:04.000 --> 00:04.010
march on the spot

00:04.010 --> 00:06.000
march on the spot
and rest now
`;
    expect(lines(text).map(([, , said]) => said)).toEqual([
      'hello there',
      'march on the spot',
      'and rest now',
    ]);
  });

  it('and those that grow word by word too', () => {
    const said = ['one', 'one two', 'one two three', 'one two three four', 'one two three four go'];
    const text = said.map((words, n) => `00:0${n}.000 --> 00:0${n + 1}.000\n${words}\n`).join('\n');
    expect(
      lines(text)
        .map(([, , words]) => words)
        .join(' '),
    ).toBe('one two three four go');
  });

  it('are not taken for such where somebody says a thing twice', () => {
    const said = [
      'jump jump',
      'jump jump',
      'and now rest',
      'shake your legs',
      'drink some water',
      'well done',
    ];
    const text = said.map((words, n) => `00:0${n}.000 --> 00:0${n + 1}.000\n${words}\n`).join('\n');
    expect(lines(text).map(([, , words]) => words)).toEqual(said);
  });
});

describe('what can’t be read', () => {
  it('is said with its reason', () => {
    expect(code('')).toBe('no-captions');
    expect(code('Once upon a time there was no time.')).toBe('no-captions');
    expect(code('{"events": "none"}')).toBe('no-captions');
    expect(code('<tt><body/></tt>')).toBe('no-captions');
    expect(code('x'.repeat(2_000_001))).toBe('too-large');
  });

  it('never throws, is told in order, and ends after it begins', () => {
    const pieces = fc.constantFrom(
      '00:01.000 --> 00:02.000',
      '0:03',
      '<p t="5">',
      '</p>',
      '[',
      '{',
      '}',
      'WEBVTT',
      '-->',
      '\n',
      '\n\n',
      'a word',
      '1',
      '<00:01.000>',
      '{"start":1,"text":"x"}',
      '&#x110000;',
      '99:99:99.999',
    );
    fc.assert(
      fc.property(fc.array(fc.oneof(pieces, fc.string()), { maxLength: 40 }), (parts) => {
        const read = readCaptions(parts.join(''));
        if (!read.ok) return;
        let before = 0;
        for (const { startSeconds, endSeconds } of read.value) {
          expect(startSeconds).toBeGreaterThanOrEqual(before);
          expect(endSeconds).toBeGreaterThan(startSeconds);
          before = startSeconds;
        }
      }),
    );
  });
});

describe('what comes of a review, as files', () => {
  const at = (startSeconds: number, endSeconds: number) => ({
    startSeconds,
    endSeconds,
    beatId: 'bt_1',
  });
  const moments: Reviewed['moments'] = [
    { kind: 'left out', ...at(61, 61), label: 'rail walk', planned: null, real: null },
    { kind: 'count', ...at(90, 95.5), label: '=mill', planned: 8, real: 5 },
    { kind: 'too short', ...at(120, 129), label: '', planned: 30, real: 9 },
  ];
  it('a table that a spreadsheet opens', () => {
    expect(reviewCsv({ moments }, { bt_1: 'Drink' })).toBe(
      'From,To,Seconds,Beat,What\r\n1:01,1:01,0,rail walk,left out\r\n1:30,1:36,5.5,"\'=mill",counted to 5 instead of 8\r\n2:00,2:09,9,Drink,9 s instead of 30 s\r\n',
    );
  });

  it('chapters of the recording, each to the next, in its order', () => {
    const beat = { beatId: 'bt_1', confidence: 1 } as const;
    const text = reviewChapters({
      seconds: 100,
      beats: [
        { ...beat, label: 'march', startSeconds: 40, endSeconds: 60, state: 'led' },
        { ...beat, label: 'rest', startSeconds: 10, endSeconds: 30, state: 'out of order' },
        { ...beat, label: 'hop', startSeconds: 60, endSeconds: 60, state: 'left out' },
        { ...beat, label: 'one hop', part: 'ac_1', startSeconds: 62, endSeconds: 70, state: 'led' },
      ],
    });
    const cues = new WebVTTParser().parse(text, 'subtitles').cues;
    expect(cues.map((cue) => [cue.startTime, cue.endTime, cue.text])).toEqual([
      [10, 40, 'Rest'],
      [40, 100, 'March'],
    ]);
  });

  it('what was read can be written and read again', () => {
    const read = readCaptions(demoCaptions('six-lamps'));
    if (!read.ok) throw new Error('six-lamps');
    expect(readCaptions(serializeTimedText(read.value))).toEqual(read);
  });
});
