import type { LookChoice } from '$core';
import { SIGNS } from '$lib/pictures/move-pictures';
import type { Shown } from '$lib/stage/companions';
import { partsOfScene, type SceneParts } from '$lib/stage/scene/scene-parts';
import {
  across,
  clamped,
  down,
  inside,
  mixed,
  paintBorder,
  paintFitted,
  paintLine,
  paintPicture,
  fillBox,
  shortSide,
  typeOf,
  type Box,
  type Brush,
  type FilmPaints,
} from './brush';
import type { FilmPlan } from './film-plan';
import { paintDoing } from './paint-doing';
import { paintRow } from './paint-row';
import { paintThing } from './paint-things';

/** What every scene of a film is painted from and with. */
export type Studio = Readonly<{
  brush: Brush;
  paints: FilmPaints;
  plan: FilmPlan;
  look: LookChoice;
  /** Pixels of the film to a unit of the page. */
  sharp: number;
}>;

type Scene = Studio & Readonly<{ shown: Shown; parts: SceneParts; intoSeconds: number }>;

/** Lines between the parts of the scene. */
const GAP = 6.4;

type Spoken = 'say' | 'ask' | 'goodbye';

/** Somebody speaks: a sign and a word, nothing to read. */
function paintWords({ brush, paints, shown }: Scene, box: Box, moment: Spoken): void {
  const parent = shortSide(box);
  const asks = moment === 'ask';
  let room: Box;
  if (moment === 'goodbye') {
    const [wide, high] = [44 * parent, 22 * parent];
    const x = box.x + (box.width - wide) / 2;
    brush.beginPath();
    brush.roundRect(x, box.y + box.height - high, wide, high, [high, high, 0, 0]);
    brush.fillStyle = paints.lamp;
    brush.fill();
    const [padX, padY] = [clamped(12, 4 * parent, 48), clamped(8, 2.5 * parent, 32)];
    room = {
      x: box.x + padX,
      y: box.y + padY,
      width: box.width - 2 * padX,
      height: box.height - padY - 24 * parent,
    };
  } else {
    const bubble = { ...box, height: box.height - 25.6 };
    const edge = asks ? paints.water : paints.ink;
    const radius = clamped(20, 6 * parent, 56);
    fillBox(brush, bubble, radius, paints.raised);
    paintBorder(brush, bubble, 5, edge, { radius, dashed: asks });
    // The tail of what is said.
    const [x, y] = [bubble.x + 5 + (bubble.width - 10) * 0.12, bubble.y + bubble.height - 7.4];
    brush.beginPath();
    brush.moveTo(x, y);
    brush.lineTo(x + 41.6, y);
    brush.lineTo(x, y + 27.2);
    brush.closePath();
    brush.fillStyle = edge;
    brush.fill();
    room = inside(bubble, 5 + clamped(12, 4 * parent, 48), 5 + clamped(8, 2.5 * parent, 32));
  }
  const [sign, words] = down(room, [3, 2], 0);
  paintPicture(brush, SIGNS[moment], sign!, { stroke: paints.water, width: 1.3 });
  paintFitted(brush, shown.main, words!, { most: 170, fill: paints.ink });
}

/** A slate is dark by day and by night. */
const SLATE = 'oklch(0.25 0.03 228)';
const CHALK = 'oklch(0.97 0.01 88)';

function paintSum({ brush, paints }: Scene, box: Box, sum: string): void {
  const parent = shortSide(box);
  const edge = clamped(8, 2 * parent, 20);
  const radius = 3 * parent;
  fillBox(brush, box, radius, SLATE);
  paintBorder(brush, box, edge, paints['warm-up'], { radius });
  // One line, whatever the words are: blanks that don't break.
  const line = sum.replace(/ /gu, ' ');
  paintFitted(brush, line, inside(box, edge + 4 * parent), { most: 320, fill: CHALK });
}

/** So long it takes to fall: nothing of what it means is told before, and then it appears. */
const FALLS_SECONDS = 1.75;
const APPEARS_SECONDS = 0.25;

function paintDraw(scene: Scene, box: Box): void {
  const { brush, paints, parts, shown, plan, look, intoSeconds } = scene;
  const { beat, things, sum } = parts;
  const parent = shortSide(box);
  fillBox(brush, box, 4 * parent, mixed(paints['warm-up'], 20, paints.page));
  const inner = inside(box, 2 * parent, parent);
  const [left, right] = things.length > 0 ? across(inner, [5, 7], 3 * parent) : [null, inner];
  if (left && beat) {
    const places = across(
      inside(left, 2 * parent, parent),
      things.map(() => 1),
      2 * parent,
    );
    const thing = { brush, paints, beat, book: plan.book, look, fallSeconds: intoSeconds };
    things.forEach((one, n) => paintThing(thing, one, places[n]!));
  }
  const appears = clamped(0, (intoSeconds - FALLS_SECONDS) / APPEARS_SECONDS, 1);
  if (appears === 0) return;
  brush.save();
  brush.globalAlpha = appears;
  const under = clamped(24, 9 * parent, 88);
  const all = right!.height - parent;
  const low = Math.max(all / 5, sum ? under * 1.1 : 0);
  const name = { ...right!, height: all - low };
  paintFitted(brush, shown.main, name, {
    most: 150,
    fill: paints.ink,
    align: 'left',
    at: 'end',
  });
  if (sum) {
    brush.font = typeOf('heading', 700, under);
    brush.fillStyle = paints.ink;
    brush.textAlign = 'left';
    paintLine(brush, sum.thrown, right!.x, name.y + name.height + parent + under * 0.55);
  }
  brush.restore();
}

function paintMiddle(scene: Scene, box: Box): void {
  const { shown, parts, plan } = scene;
  const { moment } = shown;
  if (moment === 'say' || moment === 'ask' || moment === 'goodbye') {
    return paintWords(scene, box, moment);
  }
  if (moment === 'sum') {
    return parts.sum ? paintSum(scene, box, parts.sum.asked) : paintWords(scene, box, 'ask');
  }
  if (moment === 'draw' && parts.beat) return paintDraw(scene, box);
  paintDoing({ ...scene, book: plan.book, parent: shortSide(box) }, box);
}

/** The children's screen at a moment, laid out in a box as the page lays it out in its window. */
export function paintScene(studio: Studio, seconds: number, box: Box): void {
  const now = studio.plan.at(seconds);
  if (!now) return;
  const { shown, intoSeconds } = now;
  const { book, draws } = studio.plan;
  const scene = { ...studio, shown, intoSeconds, parts: partsOfScene(shown, book, draws) };
  const screen = inside(box, box.width * 0.03, box.height * 0.02);
  const row = paintRow(studio.brush, studio.paints, shown, screen, {
    size: clamped(24, 3.6 * shortSide(box), 44),
    least: clamped(32, box.height * 0.045, 52),
  });
  paintMiddle(scene, {
    ...screen,
    y: screen.y + row + GAP,
    height: screen.height - row - 2 * GAP,
  });
}
