import { NO_GUISE } from '../../model/action';
import fc from 'fast-check';
import mammoth from 'mammoth';
import { describe, expect, it } from 'vitest';
import { scriptText } from '../../print/pack-texts';
import { timed } from '../../forecast/told-length';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { doseOf, moveBeat, withBeats } from '../../testing/make';
import { writeDocx } from './docx';

// The outside reader is mammoth.
const textOf = async (bytes: Uint8Array) =>
  (await mammoth.extractRawText({ buffer: Buffer.from(bytes) })).value;

describe('the script for a word processor', () => {
  it('has its title, its chapters as headings, what is said and what is done', async () => {
    const frogs = doseOf('frog-jump', 6);
    const adventure = {
      ...withBeats(
        { kind: 'tell', id: 'bt_1', text: 'Who is “dry” & warm?', waitSeconds: 3 },
        moveBeat([{ ...frogs, guise: { ...NO_GUISE, name: 'ditch leaps', line: 'Over!' } }]),
      ),
      title: 'The letter \u{1f38f} Ł',
    };
    const bytes = await writeDocx(scriptText(adventure, timed(adventure)));
    const { value: html } = await mammoth.convertToHtml({ buffer: Buffer.from(bytes) });
    expect(html).toContain('The letter \u{1f38f} Ł');
    expect(html).toMatch(/<h1>.*The way/u);
    expect(html).toContain('<strong>Ditch leaps</strong>');
    expect(html).toContain('<li>');
    expect(html).toContain('“Who is “dry” &amp; warm?”');
  });

  it('of any adventure is a document with all that is said in it', async () => {
    await fc.assert(
      fc.asyncProperty(arbitraryAdventure, async (any) => {
        const text = await textOf(await writeDocx(scriptText(any, timed(any))));
        for (const { beats } of any.chapters) {
          for (const beat of beats) {
            if (beat.kind !== 'tell' || !/^[\w ]{3,}$/u.test(beat.text)) continue;
            expect(text).toContain(beat.text);
          }
        }
      }),
      { numRuns: 20 },
    );
  });
});
