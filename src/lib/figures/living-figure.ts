import {
  boundsOf,
  figureOfMove,
  groundIn,
  HEIGHT_METRES,
  inMotion,
  momentAt,
  moodOf,
  momentIn,
  partsOf,
  phaseAt,
  swayIn,
  type Figure,
  type LookChoice,
  type Move,
} from '$core';
import { onScreen, shownMode } from '$lib/pictures/screen-paints';
import { everyFrame } from './every-frame';
import { drawParts, drawWay, type Surface } from './figure-canvas';

/** What a figure on a canvas shows; read at each frame. */
export type Living = Readonly<{
  move: Move;
  look: LookChoice;
  secondsPerRep: number;
  /** Stays in its held pose. */
  held: boolean;
  /** Its left side, where the drawing is of the right one. */
  flip: boolean;
  /** Seconds since it began; null for a clock of its own. */
  elapsed: number | null;
}>;

const bounds = new WeakMap<Figure, ReturnType<typeof boundsOf>>();
function boundsKept(figure: Figure) {
  const kept = bounds.get(figure) ?? boundsOf(figure);
  bounds.set(figure, kept);
  return kept;
}

/** A figure as it moves at a tempo, and the ground under it: worked out once for each. */
function makeGoing(figure: Figure, secondsPerRep: number, metresPerRep: number) {
  const motion = inMotion(figure, secondsPerRep);
  const length = (metresPerRep * figure.reps) / HEIGHT_METRES;
  const seen = figure.view !== 'front' && metresPerRep > 0;
  const ground = seen ? groundIn(motion, length) : null;
  return { motion, ground };
}
const kept = new WeakMap<Figure, Map<string, ReturnType<typeof makeGoing>>>();
const MOST_TEMPOS = 12;
function goingOf(figure: Figure, secondsPerRep: number, metresPerRep: number) {
  const tempos = kept.get(figure) ?? new Map<string, ReturnType<typeof makeGoing>>();
  kept.set(figure, tempos);
  const key = `${secondsPerRep} ${metresPerRep}`;
  const known = tempos.get(key);
  if (known) return known;
  if (tempos.size >= MOST_TEMPOS) tempos.clear();
  const made = makeGoing(figure, secondsPerRep, metresPerRep);
  tempos.set(key, made);
  return made;
}

/** A move as it is so many seconds after it began, over a whole surface, on the ground. */
export function paintLiving(
  surface: Surface,
  [width, height]: readonly [number, number],
  { move, secondsPerRep, held, flip }: Omit<Living, 'look' | 'elapsed'>,
  seconds: number,
  child: ReturnType<typeof onScreen>,
): void {
  const figure = figureOfMove(move);
  if (!figure) return;
  const [left, top, right, bottom] = boundsKept(figure);
  const scale = Math.min(
    width / (right - left + 0.06),
    height / (bottom - top + 0.06),
    height / 1.12,
  );
  const middle = ((left + right) / 2) * (flip ? -1 : 1) * scale;
  const place = {
    scale,
    x: width / 2 - middle,
    // On the ground: low figures stand low.
    y: height - (bottom + 0.03) * scale,
  };
  surface.clearRect(0, 0, width, height);
  const { motion, ground } = goingOf(figure, secondsPerRep, move.metresPerRep);
  const phase = phaseAt(figure, seconds, secondsPerRep, held);
  if (ground && !held) {
    const loops = Math.floor(seconds / (secondsPerRep * figure.reps));
    const gone = loops * ground.loop + ground.goneAt(phase);
    drawWay(surface, flip ? -gone : gone, width, place, child.paints.mark);
  }
  const moment = held ? momentAt(figure, phase) : momentIn(motion, phase);
  const sway = held ? undefined : swayIn(motion, seconds, secondsPerRep);
  drawParts(
    surface,
    partsOf(moment, { flip, sway, build: child.build, mood: moodOf(move) }),
    child.paints,
    place,
  );
}

/**
 * Draws a move on a canvas for as long as it is in sight: an attachment. What it shows is asked for
 * at each frame, so that a figure follows a clock that is not its own.
 */
export const living = (show: () => Living) => (canvas: HTMLCanvasElement) => {
  const surface = canvas.getContext('2d');
  if (!surface) return;
  let child = onScreen('mixed', '', 'light');
  let dressedAs = '';
  let beganMs: number | null = null;
  let drawn: readonly unknown[] = [];

  const draw = (nowMs: number) => {
    const { move, look, secondsPerRep, held, flip, elapsed } = show();
    const figure = figureOfMove(move);
    if (!figure) return;
    const sharp = window.devicePixelRatio || 1;
    const width = Math.round(canvas.clientWidth * sharp);
    const height = Math.round(canvas.clientHeight * sharp);
    if (width === 0 || height === 0) return;
    if (canvas.width !== width || canvas.height !== height) {
      canvas.width = width;
      canvas.height = height;
    }
    const mode = shownMode();
    const now = `${mode} ${look} ${move.id}`;
    if (dressedAs !== now) {
      child = onScreen(look, move.id, mode);
      dressedAs = now;
    }
    beganMs ??= nowMs;
    const seconds = elapsed ?? (nowMs - beganMs) / 1000;
    // A clock that stands, as on a Stage that waits, is drawn once.
    const shown = [move, now, seconds, secondsPerRep, held, flip, width, height];
    if (shown.every((one, n) => one === drawn[n])) return;
    drawn = shown;
    paintLiving(surface, [width, height], { move, secondsPerRep, held, flip }, seconds, child);
  };

  let stop: (() => void) | null = null;
  const sight = new IntersectionObserver((seen) => {
    const inSight = seen.some(({ isIntersecting }) => isIntersecting);
    if (inSight && !stop) stop = everyFrame(draw);
    if (!inSight) {
      stop?.();
      stop = null;
    }
  });
  sight.observe(canvas);
  return () => {
    sight.disconnect();
    stop?.();
  };
};
