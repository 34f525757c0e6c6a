import type { LookChoice } from '$core';
import { paintLine, typeOf, type Box, type Brush, type FilmPaints } from './brush';
import { widthOf, type FilmChoices } from './film-choices';
import { lastBegun, type FilmPlan } from './film-plan';
import { paintScene, type Studio } from './paint-scene';

/** The frame is laid out as a page of this height, and painted as sharp as it's wanted. */
const PAGE = { width: widthOf(720), height: 720 } as const;
/** The way through the chapters along the lower edge. */
const BAND = 16;
/** Two lines of captions. */
const CAPTIONS = 84;
const CAPTION_SIZE = 30;
const CAPTION_LINE = 37;
/** A standing presenter, from the waist. */
const CORNER = { width: 320, height: 400 } as const;
/** As those who cut films have it in front of a screen. */
const GREEN = '#00b140';

/** Where the parts of a frame stand: what's wanted takes its place, and the scene has the rest. */
export function layoutOf({ captions, corner }: Pick<FilmChoices, 'captions' | 'corner'>) {
  const below = captions === 'in the picture' ? CAPTIONS : 0;
  const high = PAGE.height - BAND - below;
  const beside = corner === 'none' ? 0 : CORNER.width;
  const scene: Box = { x: 0, y: 0, width: PAGE.width - beside, height: high };
  return {
    scene,
    captions: below > 0 ? { x: 0, y: high, width: PAGE.width, height: below } : null,
    corner:
      beside > 0 ? { ...CORNER, x: PAGE.width - CORNER.width, y: high - CORNER.height } : null,
    band: { x: 0, y: PAGE.height - BAND, width: PAGE.width, height: BAND },
  };
}

/** The colour of each chapter of the plan. */
const chapterPaints = ({ paints, plan }: Studio): readonly string[] =>
  plan.chapters.map(({ startSeconds }) => {
    const cue = plan.cues[Math.max(0, lastBegun(plan.cues, startSeconds))];
    const chapter = plan.adventure.chapters.find(({ id }) => id === cue?.chapterId);
    return paints[chapter?.kind ?? 'adventure'];
  });

/** Every chapter as long as it takes, in its colour; what is done is full, what is to come is light. */
function paintBand(
  { brush, paints, plan }: Studio,
  colours: readonly string[],
  seconds: number,
  box: Box,
): void {
  const all = plan.totalSeconds || 1;
  const x = (at: number) => box.x + (at / all) * box.width;
  plan.chapters.forEach(({ startSeconds, endSeconds }, n) => {
    brush.fillStyle = colours[n]!;
    brush.globalAlpha = 0.35;
    brush.fillRect(x(startSeconds), box.y, x(endSeconds) - x(startSeconds), box.height);
    brush.globalAlpha = 1;
    const done = Math.min(endSeconds, seconds);
    if (done > startSeconds) {
      brush.fillRect(x(startSeconds), box.y, x(done) - x(startSeconds), box.height);
    }
    if (n > 0) {
      brush.fillStyle = paints.page;
      brush.fillRect(x(startSeconds) - 1.5, box.y, 3, box.height);
    }
  });
  brush.beginPath();
  brush.arc(
    Math.max(box.x + BAND / 2, Math.min(box.x + box.width - BAND / 2, x(seconds))),
    box.y + box.height / 2,
    BAND / 2 - 1,
    0,
    2 * Math.PI,
  );
  brush.fillStyle = paints.ink;
  brush.fill();
}

/** In one line, or in two that are alike. */
function paintCaption({ brush, paints, plan }: Studio, seconds: number, box: Box): void {
  const caption = plan.captions[lastBegun(plan.captions, seconds)];
  brush.fillStyle = paints.ink;
  brush.fillRect(box.x, box.y, box.width, box.height);
  if (!caption?.text || caption.endSeconds <= seconds) return;
  brush.font = typeOf('text', 500, CAPTION_SIZE);
  brush.fillStyle = paints.page;
  brush.textAlign = 'center';
  const words = caption.text.split(' ');
  const wide = (text: string) => brush.measureText(text).width;
  let lines = [words.join(' ')];
  if (wide(lines[0]!) > box.width * 0.86) {
    const cuts = words.map((_, n) => [words.slice(0, n).join(' '), words.slice(n).join(' ')]);
    const widest = (pair: readonly string[]) => Math.max(...pair.map(wide));
    lines = cuts.reduce((best, pair) => (widest(pair) < widest(best) ? pair : best), lines);
  }
  lines.forEach((line, n) => {
    const y = box.y + box.height / 2 + (n - (lines.length - 1) / 2) * CAPTION_LINE;
    paintLine(brush, line, box.x + box.width / 2, y);
  });
}

/** Green to be cut out, or the picture behind it without its lines. */
function paintCorner(brush: Brush, box: Box, kind: FilmChoices['corner'], sharp: number): void {
  if (kind === 'green') {
    brush.fillStyle = GREEN;
    brush.fillRect(box.x, box.y, box.width, box.height);
    return;
  }
  // Blurred by making all that stands over and under it small and large again, which every canvas can:
  // so few patches of colour that nothing in it draws the eye.
  const [wide, high] = [2, 3];
  const small = new OffscreenCanvas(wide, high);
  const from = [0, 0, box.x, box.y + box.height].map((n) => n * sharp) as FourNumbers;
  const surface = small.getContext('2d')!;
  surface.imageSmoothingQuality = 'high';
  surface.drawImage(brush.canvas, ...from, 0, 0, wide, high);
  brush.imageSmoothingEnabled = true;
  brush.imageSmoothingQuality = 'high';
  brush.drawImage(small, box.x, box.y, box.width, box.height);
}
type FourNumbers = [number, number, number, number];

/** A canvas, and what puts a moment of the film on it: in any order, the same each time. */
export type Painter = Readonly<{ canvas: OffscreenCanvas; paint: (seconds: number) => void }>;

/** Paints frames of a film on one canvas. */
export function framePainter(
  plan: FilmPlan,
  choices: Pick<FilmChoices, 'height' | 'captions' | 'corner'>,
  look: LookChoice,
  paints: FilmPaints,
): Painter {
  const canvas = new OffscreenCanvas(widthOf(choices.height), choices.height);
  const brush = canvas.getContext('2d', { alpha: false })!;
  const sharp = choices.height / PAGE.height;
  const studio: Studio = { brush, paints, plan, look, sharp };
  const layout = layoutOf(choices);
  const colours = chapterPaints(studio);
  return {
    canvas,
    paint: (seconds) => {
      brush.setTransform(sharp, 0, 0, sharp, 0, 0);
      brush.fillStyle = paints.page;
      brush.fillRect(0, 0, PAGE.width, PAGE.height);
      paintScene(studio, seconds, layout.scene);
      if (layout.corner) paintCorner(brush, layout.corner, choices.corner, sharp);
      if (layout.captions) paintCaption(studio, seconds, layout.captions);
      paintBand(studio, colours, seconds, layout.band);
    },
  };
}
