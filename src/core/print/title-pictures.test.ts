import { describe, expect, it } from 'vitest';
import type { Adventure } from '../document/adventure';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { packSourceOf } from '../testing/pack-source';
import { titlePictures } from './title-pictures';

const ADVENTURE: Adventure = (() => {
  const one = withBeats(
    { kind: 'tell', id: 'bt_hello', text: 'Hello!' },
    moveBeat([doseOf('squat', 8), doseOf('hop', 4)]),
    drawBeat(['march', 'plank']),
  );
  const calm = { ...one.chapters[0]!, id: 'ch_calm', kind: 'calm' as const, title: 'Hush' };
  const still = { ...calm, beats: [{ kind: 'tell' as const, id: 'bt_hush', text: 'Hush.' }] };
  const none = { ...calm, id: 'ch_none', title: 'Nothing', beats: [] };
  return { ...one, title: 'The late letter', chapters: [...one.chapters, none, still] };
})();
const of = (adventure: Adventure) => titlePictures(packSourceOf(adventure));
/** The words of a picture, in their places; stretches of one line are apart. */
const wordsIn = (svg: string) =>
  [...svg.matchAll(/<text [^>]*>([^<]*)<\/text>/gu)].map(([, text]) => text!).join(' ');
const figuresIn = (svg: string) => [...svg.matchAll(/data-of="([^"]+)"/gu)].map(([, id]) => id);

describe('pictures for a film or a message', () => {
  it('are a cover, each chapter that has anything in it, and what is done', () => {
    const pictures = of(ADVENTURE);
    const kind = ADVENTURE.chapters[0]!.kind;
    expect(pictures.map(({ name }) => name)).toEqual(['cover', `01-${kind}`, '02-calm', 'moves']);
    const [cover, first, calm, moves] = pictures.map(({ svg }) => svg);
    expect(wordsIn(cover!)).toContain('The late letter');
    expect(figuresIn(cover!).length).toBeGreaterThan(0);
    // The land of the session: a polygon with a point for each sample.
    expect(cover).toMatch(/<path d="M0 180L0 [^"]+L320 180Z"/u);
    expect(figuresIn(first!).slice(0, 2)).toEqual(['squat', 'hop']);
    expect(wordsIn(calm!)).toBe('Hush');
    expect(figuresIn(calm!)).toEqual([]);
    expect(wordsIn(moves!)).toContain('Squat');
  });

  it('are as wide as a screen, and have their type in them', () => {
    for (const { svg } of of(ADVENTURE)) {
      expect(svg).toContain('viewBox="0 0 320 180"');
      for (const [, font] of svg.matchAll(/<text [^>]*font-family="([^"]+)"/gu))
        expect(svg).toContain(`@font-face{font-family:"${font}";src:url(data:font/`);
    }
  });

  it('are a cover alone where there is nothing yet, and stay whole with any title', () => {
    const bare = { ...ADVENTURE, title: 'Fog & </svg><script> “reeds”', chapters: [] };
    const pictures = of(bare);
    expect(pictures.map(({ name }) => name)).toEqual(['cover']);
    expect(pictures[0]!.svg).not.toContain('<script');
    expect(pictures[0]!.svg.match(/<\/svg>/gu)).toHaveLength(1);
  });
});
