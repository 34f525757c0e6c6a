import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DEFAULT_PACE } from '../../cues/pace';
import type { Adventure } from '../../document/adventure';
import { CURRENT_VERSION } from '../../document/versions';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { withBeats } from '../../testing/make';
import { MOST_PAGE_CHARACTERS, parseTakeAlong, writeTakeAlong } from './take-along';

const PAGE =
  '<!doctype html><html><head><title>Arrup</title>' +
  '<script type="application/json" id="carried"></script></head><body>The Stage</body></html>';
const GOOD = withBeats({ kind: 'tell', id: 'bt_hello', text: 'Hello, post carriers!' });
const pace = { ...DEFAULT_PACE, wordsPerMinute: 140 };

const sent = (adventure: Adventure, madeBy = '') =>
  writeTakeAlong(PAGE, { adventure, madeBy, pace, look: 'mixed' });
/** A page that carries this text. */
const carrying = (json: string) => PAGE.replace('"carried">', () => `"carried">${json}`);
const codesOf = (html: string) => {
  const read = parseTakeAlong(html);
  return read.ok ? [] : read.problems.map(({ code }) => code);
};

describe('a page that leads itself', () => {
  it('has the adventure in it, as it was', () => {
    fc.assert(
      fc.property(arbitraryAdventure, fc.string({ maxLength: 80 }), (adventure, madeBy) => {
        const whole = { ...adventure, setAside: [] };
        const read = parseTakeAlong(sent(whole, madeBy));
        expect(read).toEqual({
          ok: true,
          value: { adventure: whole, madeBy, pace, look: 'mixed' },
        });
      }),
    );
  });

  it.each(['</script><img src=x>', '<!--<script>', '$& $1 $<n>', '\u2028 & "quoted" <b>'])(
    'stays whole whatever stands in the adventure: %s',
    (title) => {
      const html = sent({ ...GOOD, title }, title);
      // By the rules of HTML a script ends at the first "</script" and nothing else counts in it.
      expect(html.match(/<\/script/gu)).toHaveLength(1);
      expect(html.match(/<(?!\/?(?:!doctype|html|head|title|script|body)\b)/gu)).toBeNull();
      expect(html.endsWith('<body>The Stage</body></html>')).toBe(true);
      expect(parseTakeAlong(html)).toMatchObject({
        ok: true,
        value: { adventure: { title }, madeBy: title },
      });
    },
  );

  it('is called as the adventure is', () => {
    expect(sent({ ...GOOD, title: 'Fog & ferries' })).toContain('<title>Fog &amp; ferries</title>');
  });

  it('leaves at home why something was set aside', () => {
    const setAside = [{ rule: 'no-calm', place: '', reason: 'Ask Ada about this group' }];
    const html = sent({ ...GOOD, setAside });
    expect(html).not.toContain('Ada');
    const read = parseTakeAlong(html);
    expect(read.ok && read.value.adventure.setAside).toEqual([
      { rule: 'no-calm', place: '', reason: '' },
    ]);
  });

  it('is refused with what is wrong with it', () => {
    const { version, ...others } = GOOD;
    expect(version).toBe(CURRENT_VERSION);
    const about = (adventure: unknown, more = {}) =>
      carrying(JSON.stringify({ version: 1, madeBy: '', pace, look: 'mixed', adventure, ...more }));
    expect(codesOf(about(GOOD))).toEqual([]);
    expect(codesOf('<html>a recipe</html>')).toEqual(['not-take-along']);
    expect(codesOf(PAGE)).toEqual(['not-take-along']);
    expect(codesOf(sent(GOOD).replace('"version":1', '"version":'))).toEqual(['not-take-along']);
    expect(codesOf(about({ ...others, version: 99 }))).toEqual(['newer-version']);
    expect(codesOf(about('no adventure'))).toEqual(['not-arrup']);
    expect(codesOf(about(GOOD, { look: 'a dragon' }))).toEqual(['not-one-of']);
    expect(codesOf(about(GOOD, { madeBy: 'x'.repeat(81) }))).toEqual(['too-big']);
    expect(codesOf(about(GOOD, { spy: true }))).toEqual(['unknown-field']);
    expect(codesOf(`${PAGE}${' '.repeat(MOST_PAGE_CHARACTERS)}`)).toEqual(['too-large']);
  });

  it('cannot be made of a page that has no place for it', () => {
    expect(() =>
      writeTakeAlong('<html></html>', { adventure: GOOD, madeBy: '', pace, look: 'mixed' }),
    ).toThrow(RangeError);
  });
});
