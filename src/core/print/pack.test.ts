import { describe, expect, it } from 'vitest';
import type { Beat } from '../beats';
import { byNumberDice, doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { packSourceOf } from '../testing/pack-source';
import { textsOnSheet } from '../testing/texts-on-sheet';
import { makePack, packPartsFor } from './pack';
import { PACK_PARTS, type PackPartId } from './pack-parts';

const MOVES = ['march', 'jog', 'hop', 'squat', 'star-shape', 'plank'];
const tell = { kind: 'tell', id: 'bt_tell', text: 'Over the marsh.' } as const;
const squats = moveBeat([doseOf('squat', 5)]);
const die = (given: object = {}) =>
  drawBeat(MOVES, { device: { kind: 'die', sides: 6, dice: 1 }, ...given });

describe('what there is to print', () => {
  it('is nothing for nothing, words for words, and moves for moves', () => {
    expect(packPartsFor(withBeats())).toEqual([]);
    const said = packPartsFor(withBeats(tell));
    expect(said).toContain('script');
    expect(said).not.toContain('move-cards');
    expect(packPartsFor(withBeats(squats))).toContain('move-cards');
  });
  it('is of each device what it’s made of, and of no other', () => {
    const devices: readonly PackPartId[] = [
      'die-nets',
      'suit-cards',
      'wheel',
      'coin',
      'letter-cards',
      'spots',
    ];
    const made = (...beats: readonly Beat[]) =>
      packPartsFor(withBeats(...beats)).filter((id) => devices.includes(id));
    expect(made(squats)).toEqual([]);
    expect(made(die())).toEqual(['die-nets']);
    expect(made(die({ device: { kind: 'die', sides: 8, dice: 1 } }))).toEqual(['wheel']);
    expect(made(drawBeat(MOVES.slice(0, 2), { device: { kind: 'coin' } }))).toEqual(['coin']);
    expect(made(drawBeat(MOVES, { device: { kind: 'letters' } }))).toEqual(['letter-cards']);
  });
});

describe('a pack', () => {
  const adventure = withBeats(tell, squats, die());
  const pack = (wanted: readonly PackPartId[]) => makePack(packSourceOf(adventure), wanted);
  it('has the parts that were asked for, in their order, and leaves out what there is nothing of', () => {
    expect(pack(['die-nets', 'coin', 'run-sheet']).map(({ id }) => id)).toEqual([
      'run-sheet',
      'die-nets',
    ]);
    expect(pack([])).toEqual([]);
    expect(pack(PACK_PARTS).map(({ id }) => id)).toEqual(packPartsFor(adventure));
  });
  it('says of a thing to gather that it’s in the pack, where it is', () => {
    const kit = (wanted: readonly PackPartId[]) =>
      JSON.stringify(pack(wanted).find(({ id }) => id === 'kit'));
    expect(kit(['kit', 'die-nets'])).not.toBe(kit(['kit']));
  });
  it('a part that is drawn has sheets with something on them', () => {
    const [nets] = pack(['die-nets']) as unknown as {
      sheets: Parameters<typeof textsOnSheet>[0][];
    }[];
    expect(nets!.sheets.length).toBeGreaterThan(0);
    expect(
      textsOnSheet(nets!.sheets[0]!)
        .map(({ text }) => text)
        .join(' '),
    ).toMatch(/Move die/u);
  });
  it('with every device has every part that it asks for, and none of them is empty', () => {
    const deck = {
      kind: 'deck',
      lowest: 1,
      highest: 10,
      copies: 1,
      courts: 10,
      jokers: 0,
    } as const;
    const whole = withBeats(
      tell,
      squats,
      die({ amount: byNumberDice(2) }),
      drawBeat(MOVES.slice(0, 4), { device: deck }),
      drawBeat(MOVES, { device: { kind: 'spinner' } }),
      drawBeat(MOVES.slice(0, 2), { device: { kind: 'coin' } }),
      drawBeat(MOVES, { device: { kind: 'letters' } }),
    );
    const parts = makePack(packSourceOf(whole), PACK_PARTS);
    const ids = parts.map(({ id }) => id);
    expect(ids).toEqual(packPartsFor(whole));
    for (const id of [
      'die-nets',
      'suit-cards',
      'wheel',
      'coin',
      'letter-cards',
      'big-dice',
    ] as const)
      expect(ids).toContain(id);
    for (const part of parts as unknown as { sheets?: unknown[]; text?: object }[])
      expect((part.sheets?.length ?? 0) > 0 || part.text !== undefined).toBe(true);
  });
});
