/**
 * What is worked out from every demo and every starting point: fitted to other lengths, ages and moods,
 * changed while it is led, played by chance, laid out in the room and on paper. Short sums, so that a
 * number that was changed by accident in any of them is noticed; the tests beside the code say what is right.
 */
import {
  balanceOf,
  changesAt,
  adapt,
  DEFAULT_PACE,
  fit,
  forecast,
  homeSchedule,
  moveBookOf,
  resolveDraws,
  roomPlan,
  timed,
  unroll,
  type Adventure,
  type FitTarget,
} from '../../src/core';
import { seededRandom } from '../../src/core/chance/random';
import { makePack } from '../../src/core/print/pack';
import { PACK_PARTS } from '../../src/core/print/pack-parts';
import type { PackSource } from '../../src/core/print/pack-source';
import { printFonts } from '../../src/core/testing/print-fonts';
import { demos, hashOf, holdsStill } from './golden-documents';

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

const onPaper = (adventure: Adventure, look: Pick<PackSource, 'paper' | 'ink'>) =>
  Object.fromEntries(
    makePack(
      {
        adventure,
        schedule: timed(adventure),
        type,
        lengthOf: (metres) => `${metres} m`,
        ...look,
        ...PICTURES,
      },
      PACK_PARTS,
    ).map((part) => [
      part.id,
      hashOf('text' in part ? part.text : part.sheets.map((sheet) => sheet.toSvg())),
    ]),
  );

function fittedTo(adventure: Adventure, target: FitTarget) {
  const { met, after, least, most, kept, changes, lengthSeconds } = fit(
    adventure,
    adventure.setting,
    DEFAULT_PACE,
    target,
  );
  const told = [after, least, most, ...lengthSeconds].map((n) => Math.round(n * 10) / 10);
  return [met, ...told, kept, changes.length, hashOf(changes)].join(' ');
}

function changedWhileLed(adventure: Adventure) {
  const { setting } = adventure;
  const draws = resolveDraws(adventure, setting, DEFAULT_PACE);
  const { cues } = unroll(adventure, setting, DEFAULT_PACE, draws);
  const way = { context: { adventure, setting, pace: DEFAULT_PACE }, draws, cues };
  const half = cues[Math.floor(cues.length / 2)]!;
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

holdsStill('tests/outside/golden/worked-out.json', (adventure, name) => {
  const { setting } = adventure;
  const book = moveBookOf(adventure);
  const schedule = timed(adventure);
  const { seconds } = schedule.told;
  const isDemo = demos.includes(name);
  const wishes: readonly FitTarget[] = [
    { seconds: seconds * 0.85 },
    { seconds: seconds * 1.15 },
    { mood: 'gentler' },
    ...(isDemo
      ? ([
          { mood: 'livelier' },
          { reps: 100 },
          { ages: { from: 3, to: 4 } },
          { ages: { from: 7, to: 7 } },
        ] as const)
      : []),
  ];
  return {
    told: hashOf(schedule.told),
    fit: wishes.map((wish) => fittedTo(adventure, wish)),
    led: changedWhileLed(adventure),
    forecast: hashOf(
      forecast({ adventure, setting, pace: DEFAULT_PACE, book }, seededRandom(5), 100),
    ),
    balance: hashOf(balanceOf(schedule, book)),
    home: hashOf(homeSchedule(adventure)),
    room: hashOf(roomPlan(adventure)),
    paper: onPaper(adventure, { paper: 'a4', ink: 'colour' }),
    ...(isDemo && { saving: onPaper(adventure, { paper: 'letter', ink: 'saving' }) }),
  };
});
