import { describe, expect, it } from 'vitest';
import { BARE } from '../model/setting';
import { doseOf, moveBeat, withBeats } from '../testing/make';
import { roomDrawing } from './room-drawing';
import { roomPlan } from './room-plan';

/** A hall of 12 m by 8 m with strips at the back and the right; y goes down, the front is above. */
function drawn(move: string, group = 4) {
  const adventure = withBeats(moveBeat([doseOf(move, 8)]));
  const noGoMetres = { front: 0, back: 2, left: 0, right: 3 };
  const room = { ...adventure.setting.room, ...BARE, lengthMetres: 12, widthMetres: 8, noGoMetres };
  return roomDrawing(roomPlan(adventure, { ...adventure.setting, group, room }));
}
const of = (drawing: ReturnType<typeof drawn>, what: string) =>
  drawing.shapes.filter((shape) => shape.what === what);

describe('the room from above', () => {
  it('has its floor farthest back, its walls on top, both as large as it is', () => {
    const { shapes } = drawn('squat');
    const whole = { kind: 'box', x: -6, y: -4, width: 12, height: 8 };
    expect(shapes[0]).toEqual({ ...whole, what: 'floor' });
    expect(shapes.at(-1)).toEqual({ ...whole, what: 'walls' });
  });

  it('keeps the strips clear at their own walls', () => {
    expect(of(drawn('squat'), 'no-go')).toEqual([
      { kind: 'box', what: 'no-go', x: -6, y: 2, width: 12, height: 2 },
      { kind: 'box', what: 'no-go', x: 3, y: -4, width: 3, height: 8 },
    ]);
  });

  it('has a ring for each child, on the clear floor', () => {
    const rings = of(drawn('squat'), 'child');
    expect(rings).toHaveLength(4);
    for (const ring of rings)
      if (ring.kind === 'ring') {
        expect(ring.x).toBeLessThan(3);
        expect(ring.y).toBeLessThan(2);
      }
  });

  it('has lanes along the longer side, and a finish two metres before the wall', () => {
    expect(of(drawn('squat'), 'lane')).toEqual([]);
    const drawing = drawn('bear-walk');
    const lanes = of(drawing, 'lane');
    // Four lanes have five lines, 9 m long less the 2 m.
    expect(lanes).toHaveLength(5);
    for (const lane of lanes)
      if (lane.kind === 'line') {
        expect(lane.from.y).toBe(lane.to.y);
        expect([lane.from.x, lane.to.x]).toEqual([-6, 1]);
      }
    const [finish] = of(drawing, 'finish');
    expect(finish).toMatchObject({ from: { x: 1, y: 2 }, to: { x: 1, y: -4 } });
  });
});
