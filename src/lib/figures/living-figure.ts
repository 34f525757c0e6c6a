import {
  boundsOf,
  figureOfMove,
  HEIGHT_METRES,
  momentAt,
  partsOf,
  phaseAt,
  type Figure,
  type LookChoice,
  type Move,
} from '$core';
import { onScreen, shownMode } from '$lib/pictures/screen-paints';
import { everyFrame } from './every-frame';
import { drawParts, drawWay } from './figure-canvas';

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
    if (figure.travels !== 'none' && figure.view !== 'front' && move.metresPerRep > 0 && !held) {
      const way = figure.travels === 'backward' ? -1 : 1;
      const gone = ((seconds / secondsPerRep) * move.metresPerRep * way) / HEIGHT_METRES;
      drawWay(surface, flip ? -gone : gone, width, place, child.paints.mark);
    }
    const moment = momentAt(figure, phaseAt(figure, seconds, secondsPerRep, held));
    drawParts(surface, partsOf(moment, { flip, build: child.build }), child.paints, place);
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
