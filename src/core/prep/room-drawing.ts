import type { PlanMark, RoomPlan } from './room-plan';

/** A place in the drawing, in metres from the middle of the room, y down: the front is above. */
export type InRoom = Readonly<{ x: number; y: number }>;

/** A surface, a line or a ring of the plan, by what it stands for. */
export type RoomShape =
  | (Readonly<{ kind: 'box'; what: 'floor' | 'no-go' | 'walls'; width: number; height: number }> &
      InRoom)
  | Readonly<{ kind: 'line'; what: 'lane' | 'finish'; from: InRoom; to: InRoom }>
  | (Readonly<{ kind: 'ring'; what: 'child' }> & InRoom);

/** A mark and how it is drawn: a numbered spot, a triangle that looks into the room, a screen. */
export type DrawnMark = Readonly<{ mark: PlanMark; at: InRoom; label: string }>;

/** The plan as it is drawn, on screen and on paper: what is farthest back comes first. */
export type RoomDrawing = Readonly<{ shapes: readonly RoomShape[]; marks: readonly DrawnMark[] }>;

const WORDS = { leader: 'you', screen: 'screen' } as const;

function lanesOf(lanes: RoomPlan['lanes']): RoomShape[] {
  if (!lanes) return [];
  const { axis, lines, start, finish } = lanes;
  const at = (along: number, across: number): InRoom =>
    axis === 'length' ? { x: along, y: -across } : { x: across, y: -along };
  const [first, last] = [lines[0]!, lines.at(-1)!];
  return [
    ...lines.map((across): RoomShape => ({
      kind: 'line',
      what: 'lane',
      from: at(start, across),
      to: at(finish, across),
    })),
    { kind: 'line', what: 'finish', from: at(finish, first), to: at(finish, last) },
  ];
}

/** The strips that are kept clear, no deeper than the room. */
function stripsOf({ strips, lengthMetres: length, widthMetres: width }: RoomPlan): RoomShape[] {
  return strips.map(({ wall, metres }) => {
    const across = wall === 'front' || wall === 'back';
    const deep = Math.min(metres, across ? width : length);
    return {
      kind: 'box',
      what: 'no-go',
      x: wall === 'right' ? length / 2 - deep : -length / 2,
      y: wall === 'back' ? width / 2 - deep : -width / 2,
      width: across ? length : deep,
      height: across ? deep : width,
    };
  });
}

/** The room from above: floor, what is kept clear, lanes, children, walls; and the marks on top. */
export function roomDrawing(plan: RoomPlan): RoomDrawing {
  const { lengthMetres: width, widthMetres: height } = plan;
  const room = { kind: 'box', x: -width / 2, y: -height / 2, width, height } as const;
  return {
    shapes: [
      { ...room, what: 'floor' },
      ...stripsOf(plan),
      ...lanesOf(plan.lanes),
      ...plan.children.map(({ xMetres, yMetres }): RoomShape => ({
        kind: 'ring',
        what: 'child',
        x: xMetres,
        y: -yMetres,
      })),
      { ...room, what: 'walls' },
    ],
    marks: plan.marks.map((mark) => ({
      mark,
      at: { x: mark.at.xMetres, y: -mark.at.yMetres },
      label: mark.kind === 'place' ? mark.name : WORDS[mark.kind],
    })),
  };
}
