import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import {
  check,
  howLed,
  moveBookOf,
  movesUsed,
  parseArrupJson,
  serializeArrupJson,
  unroll,
} from '../../src/core';

const FOLDER = 'src/lib/demo';
const files = readdirSync(FOLDER).filter((name) => name.endsWith('.arrup.json'));

/** The samples of version 1: they must be read for ever. */
describe.each(files)('%s', (file) => {
  const text = readFileSync(`${FOLDER}/${file}`, 'utf8');
  const parsed = parseArrupJson(text);
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  const adventure = parsed.value;
  const { totalSeconds, cues, totals } = unroll(adventure);

  it('is written as Arrup writes it', () => expect(serializeArrupJson(adventure)).toBe(text));

  it('has no finding that is neither mended nor set aside with a reason', () => {
    const open = check(adventure, adventure.setting, unroll(adventure)).filter(
      (finding) => finding.setAside === null,
    );
    expect(open).toEqual([]);
  });

  it('fits its slot, and fills most of it', () => {
    expect(totalSeconds).toBeLessThanOrEqual(adventure.setting.slotSeconds);
    expect(totalSeconds).toBeGreaterThan(adventure.setting.slotSeconds * 0.75);
  });

  it('ends calm: nothing above level 2 in its last minute', () => {
    const last = cues.filter((cue) => cue.startSeconds + cue.lengthSeconds > totalSeconds - 60);
    expect(Math.max(...last.map((cue) => cue.effort))).toBeLessThanOrEqual(2);
  });

  it('does both sides alike, and no move before its age', () => {
    const side = (name: 'left' | 'right') => totals.bySide.get(name)?.workSeconds ?? 0;
    expect(side('left')).toBe(side('right'));
    for (const move of movesUsed(adventure)) {
      expect(move.fromAge, move.name).toBeLessThanOrEqual(adventure.setting.ages.from);
    }
  });

  // Quick images that they follow are shorter than a dose that stands alone.
  it('never asks for more than is usual for its age, nor, unless they follow, for less', () => {
    const book = moveBookOf(adventure);
    const band =
      adventure.setting.ages.from <= 4 ? '3-4' : adventure.setting.ages.from === 5 ? '5' : '6-7';
    const all = adventure.chapters.flatMap((chapter) =>
      chapter.beats.map((beat) => ({ chapter, beat })),
    );
    for (const { chapter, beat } of all) {
      if (beat.kind !== 'move') continue;
      const follows = howLed(adventure.defaults, chapter, beat).led === 'follow me';
      for (const { move: id, dose } of beat.actions) {
        const { unit, range } = book.get(id)!.usual;
        if (dose.unit !== unit) continue;
        for (const amount of dose.amounts) {
          if (!follows) expect(amount, id).toBeGreaterThanOrEqual(range[band][0]);
          expect(amount, id).toBeLessThanOrEqual(range[band][1]);
        }
      }
    }
  });

  it('drinks within five minutes of moving', () => {
    let since = 0;
    for (const cue of cues) {
      since = cue.kind === 'drink' ? 0 : since + (cue.effort >= 3 ? cue.lengthSeconds : 0);
      expect(since).toBeLessThanOrEqual(300);
    }
  });
});

it('there are four, of different shapes and ages', () => {
  const all = files.map((file) => parseArrupJson(readFileSync(`${FOLDER}/${file}`, 'utf8')));
  const ages = all.map((one) => (one.ok ? one.value.setting.ages.from : 0));
  expect(ages.sort()).toEqual([3, 4, 5, 6]);
});
