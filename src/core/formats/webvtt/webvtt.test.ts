import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { WebVTTParser } from 'webvtt-parser';
import { unroll } from '../../schedule/unroll';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { doseOf, moveBeat, withBeats } from '../../testing/make';
import { serializeCaptions, serializeChapters } from './webvtt';

// The outside reader is webvtt-parser, which follows the W3C's own rules.
function read(text: string, kind: string) {
  const { cues, errors } = new WebVTTParser().parse(text, kind);
  return { cues, errors: errors.map(({ message }) => message) };
}

const adventure = withBeats(
  { kind: 'tell', id: 'bt_1', text: 'Up --> the <tower> & down. '.repeat(8).trim() },
  moveBeat([doseOf('stork-stand', 5, { unit: 'hold', sides: 'each' })]),
);

describe('captions and chapters', () => {
  it('say what is said and done, in pieces to be read at a glance', () => {
    const schedule = unroll(adventure);
    const { cues, errors } = read(serializeCaptions(schedule), 'captions');
    expect(errors).toEqual([]);
    // The reader gives a cue's text as it is written, escapes and all.
    const words = ({ text }: (typeof cues)[number]) =>
      text.replaceAll('&lt;', '<').replaceAll('&gt;', '>').replaceAll('&amp;', '&');
    expect(words(cues[0]!)).toMatch(/^Up --> the <tower> & down\./u);
    for (const cue of cues) expect(words(cue).length).toBeLessThanOrEqual(84);
    const holds = cues.map(words).filter((text) => text.includes('5 second hold'));
    expect(holds).toEqual([
      'Stork stand, left side: 5 second hold.',
      'Stork stand, right side: 5 second hold.',
    ]);
  });

  it('of any adventure are valid, in order, within its length', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        const schedule = unroll(any);
        for (const [text, kind] of [
          [serializeCaptions(schedule), 'captions'],
          [serializeChapters(any, schedule), 'chapters'],
        ] as const) {
          const { cues, errors } = read(text, kind);
          expect(errors).toEqual([]);
          cues.forEach((cue, n) => {
            expect(cue.endTime).toBeGreaterThan(cue.startTime);
            expect(cue.endTime).toBeLessThanOrEqual(schedule.totalSeconds + 0.001);
            if (n > 0) expect(cue.startTime).toBeGreaterThanOrEqual(cues[n - 1]!.endTime - 0.001);
          });
        }
      }),
    );
  });
});
