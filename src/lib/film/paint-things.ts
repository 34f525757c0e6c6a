import {
  LETTER_BOX,
  letterStrokes,
  namedColour,
  pipsOf,
  shapesFor,
  SPOT_OUTLINES,
  type Thing,
} from '$core';
import { backOut, cubicOut } from 'svelte/easing';
import { coinPicture, suitPicture } from '$lib/pictures/suit-pictures';
import { faceAfter, TURNS_MS } from '$lib/stage/scene/tumbling';
import {
  centred,
  inside,
  middleOf,
  mixed,
  paintBorder,
  paintLine,
  paintOutlined,
  paintPicture,
  fillBox,
  shortSide,
  typeOf,
  type Box,
} from './brush';
import { DEGREE, fallen, hue, turned, type ThingScene } from './falling';
import { paintWheel } from './paint-wheel';

function paintFace({ brush, paints }: ThingScene, face: number, box: Box): void {
  const side = box.width;
  const body = inside(box, side * 0.03);
  fillBox(brush, body, side * 0.18, paints.raised);
  brush.lineWidth = side * 0.06;
  brush.strokeStyle = paints.ink;
  brush.stroke();
  brush.fillStyle = paints.ink;
  const [mx, my] = middleOf(box);
  const pips = pipsOf(face);
  for (const [x, y] of pips) {
    brush.beginPath();
    brush.arc(mx + x * side * 0.26, my + y * side * 0.26, side * 0.095, 0, 2 * Math.PI);
    brush.fill();
  }
  if (pips.length > 0) return;
  brush.font = typeOf('heading', 800, side * 0.52);
  brush.textAlign = 'center';
  brush.textBaseline = 'alphabetic';
  brush.fillText(String(face), mx, box.y + side * 0.68);
}

const TUMBLE_SECONDS = [1.5, 1.65] as const;

function paintDice(scene: ThingScene, faces: readonly number[], sides: number, box: Box): void {
  const { brush, fallSeconds } = scene;
  const short = shortSide(box);
  const many = faces.length > 2;
  const most = many ? box.width * 0.23 : box.width * 0.46;
  const side = faces.length > 1 ? Math.min(most, box.height * 0.84) : 96 * short;
  const gap = 4 * short;
  const all = faces.length * side + (faces.length - 1) * gap;
  const turns =
    fallSeconds === null
      ? TURNS_MS.length
      : TURNS_MS.filter((ms) => ms <= fallSeconds * 1000).length;
  faces.forEach((last, n) => {
    const left = 1 - fallen(fallSeconds, TUMBLE_SECONDS[n === 1 ? 1 : 0]);
    const x = box.x + (box.width - all) / 2 + n * (side + gap);
    const place = { x, y: box.y + (box.height - side) / 2, width: side, height: side };
    const how = {
      turn: -540 * DEGREE * left,
      x: -0.4 * side * left,
      y: -0.6 * side * left,
      wide: 1 - 0.4 * left,
    };
    turned(brush, place, how, (at) => paintFace(scene, faceAfter(turns, last, n, sides), at));
  });
}

const CARD_SECONDS = 1.5;
/** From here on it turns over. */
const CARD_TURNS_AT = 0.5;

function paintCard(
  scene: ThingScene,
  { suit, sign, entry }: Extract<Thing, { kind: 'card' }>,
  box: Box,
): void {
  const { brush, paints, fallSeconds } = scene;
  const width = Math.min(box.width * 0.96, box.height * 0.68);
  const card = centred(box, width, width * 1.4);
  const done = fallSeconds === null ? 1 : Math.min(1, fallSeconds / CARD_SECONDS);
  const over = done < CARD_TURNS_AT ? 0 : cubicOut((done - CARD_TURNS_AT) / (1 - CARD_TURNS_AT));
  const comes = 1 - cubicOut(Math.min(1, done / CARD_TURNS_AT));
  /** Seen from the side it is narrow: its face after half of the way. */
  const wide = Math.max(0.02, Math.abs(Math.cos((1 - over) * Math.PI)));
  turned(brush, card, { y: comes * card.height * 0.6, wide, high: 1 }, (at) => {
    const edge = Math.max(3, width * 0.015);
    const front = over > 0.5;
    const ground = front ? paints.raised : mixed(paints.water, 55, paints.raised);
    fillBox(brush, at, width * 0.08, ground);
    paintBorder(brush, at, edge, paints.ink, { radius: width * 0.08 });
    if (!front) {
      paintBorder(brush, inside(at, width * 0.07), width * 0.03, paints.water, {
        radius: width * 0.04,
      });
      return;
    }
    const picture = suitPicture(suit);
    const inner = inside(at, edge);
    const middle = centred(inner, inner.width * 0.52, inner.width * 0.52);
    const fill = mixed(hue(paints, entry), 55, paints.raised);
    if (picture) paintPicture(brush, picture, middle, { stroke: paints.ink, width: 1.5, fill });
    else {
      brush.font = typeOf('text', 800, width * 0.16);
      brush.fillStyle = paints.ink;
      brush.textAlign = 'center';
      paintLine(brush, suit, 0, 0);
    }
    const size = inner.width * 0.28;
    for (const turn of [0, Math.PI]) {
      brush.save();
      brush.rotate(turn);
      brush.font = typeOf('heading', 700, size);
      brush.fillStyle = paints.ink;
      brush.textAlign = 'left';
      paintLine(brush, sign, inner.x + inner.width * 0.07, inner.y + inner.width * 0.04 + size / 2);
      brush.restore();
    }
  });
}

const COIN_SECONDS = 1.5;

function paintCoin({ brush, paints, fallSeconds }: ThingScene, name: string, box: Box): void {
  const side = 92 * shortSide(box);
  const done = fallen(fallSeconds, COIN_SECONDS);
  /** Four times over, seen from the side in between. */
  const high = Math.max(0.04, Math.abs(Math.cos((1 - done) * 8 * Math.PI)));
  turned(brush, centred(box, side, side), { y: -0.3 * side * (1 - done), wide: 1, high }, (at) => {
    fillBox(brush, at, side / 2, paints.lamp);
    paintBorder(brush, at, 4, paints.ink, { radius: side / 2 });
    const size = (side - 8) * 0.17;
    const sign = (side - 8) * 0.46;
    const sized = { x: -sign / 2, y: -(sign + size) / 2, width: sign, height: sign };
    paintPicture(brush, coinPicture(name), sized, { stroke: paints['on-lamp'], width: 1.5 });
    brush.font = typeOf('heading', 700, size);
    brush.fillStyle = paints['on-lamp'];
    brush.textAlign = 'center';
    paintLine(brush, name, 0, sized.y + sign + size / 2);
  });
}

/** Seconds that all strokes take together. */
const WRITING_SECONDS = 1.7;

function paintLetters({ brush, paints, fallSeconds }: ThingScene, text: string, box: Box): void {
  const letters = [...text].map((letter) => letterStrokes(letter));
  if (letters.some((strokes) => strokes === null)) {
    brush.font = typeOf('heading', 800, clampedType(box));
    brush.fillStyle = paints.ink;
    brush.textAlign = 'center';
    paintLine(brush, text, ...middleOf(box));
    return;
  }
  const wide = letters.length * LETTER_BOX.width + 20;
  const scale = Math.min(box.width / wide, box.height / LETTER_BOX.height);
  const strokes = letters.flatMap((own, n) =>
    own!.map((d) => ({ path: new Path2D(d), x: n * LETTER_BOX.width })),
  );
  const each = WRITING_SECONDS / Math.max(1, strokes.length);
  brush.save();
  brush.translate(...middleOf(box));
  brush.scale(scale, scale);
  brush.translate(10 - wide / 2, 4 - LETTER_BOX.height / 2);
  brush.strokeStyle = paints.ink;
  brush.lineWidth = 13;
  brush.lineCap = 'round';
  brush.lineJoin = 'round';
  strokes.forEach(({ path, x }, n) => {
    const written = fallSeconds === null ? 1 : (fallSeconds - n * each) / each;
    if (written <= 0) return;
    brush.save();
    brush.translate(x, 0);
    // A canvas doesn't know how long a path is: longer than any letter will do for the dash.
    if (written < 1) brush.setLineDash([written * LONGEST_STROKE, 2 * LONGEST_STROKE]);
    brush.stroke(path);
    brush.restore();
  });
  brush.restore();
}
const LONGEST_STROKE = 260;
const clampedType = (box: Box) => Math.max(48, Math.min(256, 60 * shortSide(box)));

const SPOT_SECONDS = 1.3;

function paintSpot(scene: ThingScene, entry: number, box: Box): void {
  const { brush, paints, beat, fallSeconds } = scene;
  const labels = beat.entries.map(({ label }) => label);
  const label = labels[entry] ?? '';
  const done = fallen(fallSeconds, SPOT_SECONDS, backOut);
  const side = Math.min(box.width, box.height);
  turned(
    brush,
    centred(box, side, side),
    { turn: -90 * DEGREE * (1 - done), wide: Math.max(0.05, done) },
    () => {
      brush.scale(side / 2.5, side / 2.5);
      const outline = new Path2D(SPOT_OUTLINES[shapesFor(labels)[entry] ?? 'circle']);
      const fill = namedColour(label) ?? hue(paints, entry);
      paintOutlined(brush, outline, { fill, stroke: paints.ink, width: 0.07 });
    },
  );
}

/** What a draw looks like on the thing itself. */
export function paintThing(scene: ThingScene, thing: Thing, box: Box): void {
  switch (thing.kind) {
    case 'dice':
      return paintDice(scene, thing.faces, thing.sides, box);
    case 'card':
      return paintCard(scene, thing, box);
    case 'wheel':
      return paintWheel(scene, thing.entry, box);
    case 'letters':
      return paintLetters(scene, thing.text, box);
    case 'spot':
      return paintSpot(scene, thing.entry, box);
    case 'coin':
      return paintCoin(scene, thing.name, box);
  }
}
