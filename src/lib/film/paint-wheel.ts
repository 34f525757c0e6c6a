import { moveIn, wheelSectors } from '$core';
import { screenPicture } from '$lib/pictures/move-pictures';
import { POINTER } from '$lib/stage/scene/outlines';
import {
  centred,
  middleOf,
  mixed,
  paintOutlined,
  paintPicture,
  shortSide,
  typeOf,
  type Box,
} from './brush';
import { fallen, hue, turned, type ThingScene } from './falling';

const WHEEL_SECONDS = 1.8;
const FULL_TURNS = 3;
/** The wheel's own page is this wide, as pictures in its sectors are asked for. */
const WHEEL_PX = 420;
/** Type is measured in whole units: it's set larger, and painted smaller. */
const FINE = 100;
/** In radii: the wheel and its border. */
const WHEEL_SPAN = 2.12;

/** The wheel that slows down until its sector stands at the pointer. */
export function paintWheel(scene: ThingScene, entry: number, box: Box): void {
  const { brush, paints, beat, book, look, fallSeconds } = scene;
  const { entries } = beat;
  const sectors = wheelSectors(entries.map(({ weight }) => weight));
  const stops = sectors.find(({ index }) => index === entry);
  if (!stops) return;
  const short = shortSide(box);
  const place = centred(box, 94 * short, 94 * short);
  const left = 1 - fallen(fallSeconds, WHEEL_SECONDS);
  const turn = (-stops.turn + left * FULL_TURNS) * 2 * Math.PI;
  turned(brush, place, { turn }, () => {
    const radius = place.width / WHEEL_SPAN;
    brush.scale(radius, radius);
    for (const { index, path, picture, name, turn: lies } of sectors) {
      const move = moveIn(book, entries[index]!.action.move);
      const fill = mixed(hue(paints, index), 45, paints.raised);
      paintOutlined(brush, new Path2D(path), { fill, stroke: paints.ink, width: 0.03 });
      brush.beginPath();
      brush.arc(name.x, name.y, 0.12, 0, 2 * Math.PI);
      brush.fillStyle = paints.raised;
      brush.fill();
      brush.fillStyle = paints.ink;
      brush.font = typeOf('heading', 800, 0.2 * FINE);
      brush.textAlign = 'center';
      brush.textBaseline = 'alphabetic';
      const readable = (x: number, y: number, paint: () => void) => {
        brush.save();
        brush.translate(x, y);
        brush.rotate(lies * 2 * Math.PI);
        paint();
        brush.restore();
      };
      readable(name.x, name.y, () => {
        brush.scale(1 / FINE, 1 / FINE);
        brush.fillText(String(index + 1), 0, 0.06 * FINE);
      });
      const side = picture.height;
      const sizePx = (side * WHEEL_PX) / 2;
      const drawn = screenPicture(move, { poses: 1, sizePx, aspect: 1, look, mode: 'light' });
      const at = { x: -side / 2, y: -side / 2, width: side, height: side };
      readable(picture.x, picture.y, () =>
        paintPicture(brush, drawn, at, { stroke: paints.ink, width: 2 }),
      );
    }
    brush.beginPath();
    brush.arc(0, 0, 0.07, 0, 2 * Math.PI);
    brush.fillStyle = paints.ink;
    brush.fill();
  });
  const [mx, my] = middleOf(box);
  const high = 13 * short;
  turned(brush, { x: mx - high / 2, y: my - 50 * short, width: high, height: high }, {}, (at) => {
    brush.translate(at.x, at.y);
    brush.scale(high / 40, high / 40);
    const how = { fill: paints.lamp, stroke: paints.ink, width: 3 };
    paintOutlined(brush, new Path2D(POINTER), how);
  });
}
