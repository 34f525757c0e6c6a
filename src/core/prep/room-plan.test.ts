import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseAdventure } from '../document/parse-adventure';
import { arbitraryAdventure } from '../testing/arbitrary';
import { doseOf, drawBeat, moveBeat, withBeats } from '../testing/make';
import { SPOT_METRES } from '../room/how-many';
import { putMark, roomPlan } from './room-plan';

const script = withBeats(
  moveBeat([doseOf('squat', 5), doseOf('bear-walk', 6)]),
  drawBeat(['squat', 'hop', 'march'], { device: { kind: 'calls' } }),
);

describe('the plan of the room', () => {
  it('has the leader, the screen, the called places and everybody on a spot', () => {
    const plan = roomPlan(script);
    expect(plan.marks.filter(({ kind }) => kind !== 'place').map(({ kind }) => kind)).toEqual([
      'leader',
      'screen',
    ]);
    expect(plan.children).toHaveLength(script.setting.group);
    expect(plan.lanes?.axis).toBe('length');
    // 10 by 8 metres: a start at one wall, a finish line two metres before the other.
    expect(plan.lanes).toMatchObject({ start: -5, finish: 3 });
  });

  it('nobody stands beyond the line where lanes end', () => {
    const side = fc.double({ min: 4, max: 30, noNaN: true });
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 60 }), (length, width, group) => {
        const room = { ...script.setting.room, lengthMetres: length, widthMetres: width };
        const { lanes, children } = roomPlan(script, { ...script.setting, room, group });
        if (!lanes) return;
        const along = lanes.axis === 'length' ? 'xMetres' : 'yMetres';
        for (const child of children) {
          expect(child[along]).toBeLessThanOrEqual(lanes.finish);
          expect(child[along]).toBeGreaterThanOrEqual(lanes.start);
        }
      }),
    );
  });

  it('no two children stand closer than an arm and a step, and all on the clear floor', () => {
    const side = fc.double({ min: 0, max: 30, noNaN: true });
    fc.assert(
      fc.property(side, side, side, fc.integer({ min: 1, max: 60 }), (length, width, strip, n) => {
        const noGoMetres = { front: strip, back: 0, left: 0, right: strip / 2 };
        const { room } = script.setting;
        const setting = {
          ...script.setting,
          group: n,
          room: { ...room, lengthMetres: length, widthMetres: width, noGoMetres },
        };
        const { children, clear } = roomPlan(script, setting);
        const { middle } = clear;
        children.forEach((one, index) => {
          expect(Math.abs(one.xMetres - middle.xMetres)).toBeLessThanOrEqual(
            clear.lengthMetres / 2,
          );
          expect(Math.abs(one.yMetres - middle.yMetres)).toBeLessThanOrEqual(clear.widthMetres / 2);
          for (const other of children.slice(index + 1)) {
            const apart = Math.hypot(one.xMetres - other.xMetres, one.yMetres - other.yMetres);
            expect(apart).toBeGreaterThanOrEqual(SPOT_METRES - 1e-9);
          }
        });
      }),
    );
  });

  it('keeps a mark where it was put, to ten centimetres and within the walls', () => {
    const moved = putMark(
      script.setting,
      { kind: 'leader', name: '' },
      { xMetres: 1.234, yMetres: 99 },
    );
    const again = putMark(moved, { kind: 'leader', name: '' }, { xMetres: -1.06, yMetres: 0 });
    expect(moved.room.marks).toEqual([{ kind: 'leader', name: '', xMetres: 1.2, yMetres: 4 }]);
    expect(roomPlan({ ...script, setting: again }).marks[0]!.at).toMatchObject({
      xMetres: -1.1,
      yMetres: 0,
    });
    expect(again.room.marks).toHaveLength(1);
    const corner = putMark(moved, { kind: 'leader', name: '' }, { xMetres: -99, yMetres: -99 });
    const { lengthMetres, widthMetres } = script.setting.room;
    expect(corner.room.marks).toEqual([
      { kind: 'leader', name: '', xMetres: -lengthMetres / 2, yMetres: -widthMetres / 2 },
    ]);
  });

  it('is there for any adventure, and a mark put in it is a valid file', () => {
    fc.assert(
      fc.property(arbitraryAdventure, (any) => {
        for (const { kind, name, at } of roomPlan(any).marks) {
          const setting = putMark(any.setting, { kind, name }, at);
          const parsed = parseAdventure(JSON.parse(JSON.stringify({ ...any, setting })));
          expect(parsed.ok ? [] : parsed.problems).toEqual([]);
        }
      }),
      { numRuns: 50 },
    );
  });
});
