/** Short sums of what is worked out from an adventure, for golden tests. */
import {
  adapt,
  changesAt,
  check,
  DEFAULT_PACE,
  deedOf,
  fit,
  homeSchedule,
  kitListOf,
  moveBookOf,
  resolveDraws,
  roomPlan,
  timed,
  unroll,
  type Adventure,
  type FitTarget,
} from '../../src/core';
import { drawsOf } from '../../src/core/document/beats-of';
import { movesUsed } from '../../src/core/document/moves-used';
import type { Setting } from '../../src/core/model/setting';
import { roomDrawing } from '../../src/core/prep/room-drawing';
import { calledPlaces } from '../../src/core/prep/room-plan';
import { crowdingOf } from '../../src/core/room/how-many';
import { metresToPlaces } from '../../src/core/room/spots';
import { oddsOfBeat } from '../../src/core/schedule/beat-odds';
import { callAt, callsOf } from '../../src/core/stage/calls';
import { countAt, shareAt, ticksOf } from '../../src/core/stage/counting';
import { drawOf, shownNumbers, shownOutcomes } from '../../src/core/stage/drawing';
import { leadsIntoHold, prepareLeading, waitsAtEnd } from '../../src/core/stage/leading';
import { momentOf } from '../../src/core/stage/moment';
import { hasMusic, notesBetween } from '../../src/core/stage/music';
import { beatsToFilm } from '../../src/core/stage/prompt';
import { turnAt } from '../../src/core/stage/turn';
import { makePack } from '../../src/core/print/pack';
import { PACK_PARTS, type PackPartId } from '../../src/core/print/pack-parts';
import type { PackSource } from '../../src/core/print/pack-source';
import { titlePictures } from '../../src/core/print/title-pictures';
import { printFonts } from '../../src/core/testing/print-fonts';
import { hashOf } from './golden-documents';

const type = printFonts();
/** Figures have tests of their own: here a picture only says whose it is. */
const PICTURES: Pick<PackSource, 'pictureOf' | 'storyPictureOf'> = {
  pictureOf: (move, { poses, ink, aspect = poses, also = [] }) => ({
    width: 24 * aspect,
    height: 24,
    strokes: [['path', { d: [move.id, poses, ink, ...also.map(({ id }) => id)].join(' ') }]],
  }),
  storyPictureOf: (word) => ({ width: 24, height: 24, strokes: [['path', { d: word }]] }),
};

const sourceOf = (adventure: Adventure, look: Pick<PackSource, 'paper' | 'ink'>): PackSource => ({
  adventure,
  schedule: timed(adventure),
  type,
  lengthOf: (metres) => `${metres} m`,
  deed: deedOf(adventure),
  backs: false,
  ...look,
  ...PICTURES,
});

export const onPaper = (
  adventure: Adventure,
  look: Pick<PackSource, 'paper' | 'ink'>,
  parts: readonly PackPartId[] = PACK_PARTS,
) =>
  Object.fromEntries(
    makePack(sourceOf(adventure, look), parts).map((part) => [
      part.id,
      hashOf('text' in part ? part.text : part.sheets.map((sheet) => sheet.toSvg())),
    ]),
  );

/** The cover, the chapters and the strip of moves for a film or a message. */
export const asTitles = (adventure: Adventure) =>
  hashOf(titlePictures(sourceOf(adventure, { paper: 'a4', ink: 'colour' })));

export function fittedTo(adventure: Adventure, target: FitTarget) {
  const { met, after, least, most, kept, changes, lengthSeconds } = fit(
    adventure,
    adventure.setting,
    DEFAULT_PACE,
    target,
  );
  const told = [after, least, most, ...lengthSeconds].map((n) => Math.round(n * 10) / 10);
  return [met, ...told, kept, changes.length, hashOf(changes)].join(' ');
}

export function changedWhileLed(adventure: Adventure) {
  const { setting } = adventure;
  const draws = resolveDraws(adventure, setting, DEFAULT_PACE);
  const { cues } = unroll(adventure, setting, DEFAULT_PACE, draws);
  const way = { context: { adventure, setting, pace: DEFAULT_PACE }, draws, cues };
  const half = cues[Math.floor(cues.length / 2)];
  if (!half) return hashOf([]);
  const shorter = { what: 'shorten', cueId: half.id, intoSeconds: 0, seconds: 60 } as const;
  const each = cues
    .filter((_, n) => n % 7 === 0)
    .map(({ id, lengthSeconds }) => {
      const index = cues.findIndex((cue) => cue.id === id);
      const into = lengthSeconds / 3;
      return changesAt(way, index, into).map(({ what, seconds, form }) => {
        const led = adapt(way, { cueId: id, intoSeconds: into, what, seconds: 0 });
        return [what, seconds, form?.id, led?.cues];
      });
    });
  return hashOf([each, adapt(way, shorter)?.cues]);
}

/** What the Stage says, counts and sounds at each cue, at its start, half-way and just before its end. */
export function onStage(adventure: Adventure) {
  const { setting } = adventure;
  const book = moveBookOf(adventure);
  const { cues } = timed(adventure);
  const chapters = new Map(adventure.chapters.map(({ id, kind }) => [id, kind]));
  const leading = prepareLeading(cues, { lines: 'wait for me', holds: 'wait for me' });
  return hashOf([
    cues.map((cue, n) => [
      momentOf(cue, chapters.get(cue.chapterId) ?? null, drawOf(adventure, cue) !== null),
      ticksOf(cue),
      callsOf(cue),
      [0, cue.lengthSeconds / 2, cue.lengthSeconds - 0.01].map((into) => [
        countAt(cue, into),
        shareAt(cue, into),
        callAt(cue, into),
      ]),
      hasMusic(cue),
      turnAt(adventure, cues, n),
      waitsAtEnd(leading, n),
      leadsIntoHold(cues, n),
    ]),
    beatsToFilm(cues, book),
    notesBetween(0, 8),
    drawsOf(adventure).map((beat) => [shownOutcomes(beat), shownNumbers(beat)]),
    homeSchedule(adventure, setting)?.totalSeconds,
  ]);
}

/** The room as it is, a narrow one with strips and a mark by hand, and a hall for many. */
export function inRooms(adventure: Adventure) {
  const { setting } = adventure;
  const names = calledPlaces(adventure);
  const narrow: Setting = {
    ...setting,
    group: 26,
    room: {
      ...setting.room,
      lengthMetres: 9,
      widthMetres: 5,
      noGoMetres: { front: 1, back: 0.5, left: 2, right: 0 },
      marks: [{ kind: 'place', name: names[0] ?? 'red', xMetres: 1, yMetres: -1 }],
    },
  };
  const hall: Setting = {
    ...setting,
    group: 40,
    room: { ...setting.room, lengthMetres: 18, widthMetres: 26 },
  };
  const used = movesUsed(adventure);
  return hashOf(
    [setting, narrow, hall].map((one) => {
      const plan = roomPlan(adventure, one);
      const schedule = timed(adventure, one);
      return [
        plan,
        roomDrawing(plan),
        crowdingOf(used, one),
        metresToPlaces(one.room, ['red', 'blue', ...names]),
        kitListOf(adventure, one),
        check(adventure, one, schedule).map(({ rule, severity, place, params }) => [
          rule,
          severity,
          place,
          params,
        ]),
      ];
    }),
  );
}

export const oddsIn = (adventure: Adventure) =>
  hashOf(
    drawsOf(adventure).map((beat) =>
      oddsOfBeat({
        beat,
        setting: adventure.setting,
        defaults: adventure.defaults,
        moves: adventure.moves,
        runs: 200,
      }),
    ),
  );
