import { figureOfMove } from '$core';
import { onScreen } from '$lib/pictures/screen-paints';
import { answerRequests } from '$lib/workers/ask-worker';
import { GIFEncoder, applyPalette, quantize } from 'gifenc';
import type { GifAnswer, GifRequest } from './gif-protocol';
import { paintLiving } from './living-figure';

/** Pixels a side: large in a message, and small enough for one. */
const SIDE = 360;
/** A GIF counts in hundredths of a second; below six of them some programs go slower. */
const FRAME_SECONDS = 0.08;
/** A slow move has fewer frames, not more. */
const MOST_FRAMES = 60;
/** Paper under it: a message may be light or dark. */
const PAPER = '#faf5ec';
const COLOURS = 64;

answerRequests<GifRequest, GifAnswer>(self, ({ move, look }) => {
  const figure = figureOfMove(move);
  if (!figure) throw new Error('This move isn’t drawn.');
  const secondsPerRep = move.secondsPerRep['5'];
  // Once through, so that it can go round and round.
  const seconds = secondsPerRep * figure.reps;
  const count = Math.max(2, Math.min(MOST_FRAMES, Math.round(seconds / FRAME_SECONDS)));
  const canvas = new OffscreenCanvas(SIDE, SIDE);
  const figureOnly = new OffscreenCanvas(SIDE, SIDE);
  const surface = canvas.getContext('2d', { willReadFrequently: true })!;
  const painted = figureOnly.getContext('2d')!;
  const child = onScreen(look, move.id, 'light');
  const gif = GIFEncoder();
  let palette: number[][] | null = null;
  for (let n = 0; n < count; n += 1) {
    const shown = { move, secondsPerRep, held: false, flip: false };
    paintLiving(painted, [SIDE, SIDE], shown, (n * seconds) / count, child);
    surface.fillStyle = PAPER;
    surface.fillRect(0, 0, SIDE, SIDE);
    surface.drawImage(figureOnly, 0, 0);
    const { data } = surface.getImageData(0, 0, SIDE, SIDE);
    palette ??= quantize(data, COLOURS);
    const delay = Math.round((seconds / count) * 1000);
    gif.writeFrame(applyPalette(data, palette), SIDE, SIDE, { palette, delay });
  }
  gif.finish();
  return gif.bytes().slice();
});
