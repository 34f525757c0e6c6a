/** An adventure that has every kind of moment, with the longest names there are. */
import { BUILT_IN, type Adventure } from '../../src/core';
import {
  circuit,
  doseOf,
  drawBeat,
  echoBeat,
  moveBeat,
  withBeats,
} from '../../src/core/testing/make';

/** The moves of the catalogue whose names have the longest words, and the longest names. */
const longest = (by: (name: string) => number) =>
  [...BUILT_IN.values()].sort((a, b) => by(b.name) - by(a.name)).slice(0, 4);
const wordLength = (name: string) => Math.max(...name.split(/[\s-]/u).map(({ length }) => length));
const MOVES = [...longest(wordLength), ...longest(({ length }) => length)];
const GUISES = ['Stepping-stones in the reedbeds', 'Lamplighter hedgehogs', 'Schoolmistress'];
const LONG_LINE =
  'The fog has come down over the whole marsh, and the ferry bell rings twice for everybody ' +
  'who still stands on the far bank with wet socks, a heavy bag of letters and no lamp at all.';

const named = (n: number, amount: number, dose = {}) => {
  const action = doseOf(MOVES[n % MOVES.length]!.id, amount, dose);
  const name = GUISES[n % (GUISES.length + 1)] ?? '';
  return { ...action, guise: { ...action.guise, name } };
};

function drawOf(kind: 'deck' | 'spinner' | 'letters' | 'calls' | 'die') {
  const entries = drawBeat(['squat', 'march', 'hop', 'stork-stand', 'squat', 'jog']).entries;
  const labels = ['suns', 'moons', 'bells', 'leaves', 'drops', 'stars'];
  const device = {
    deck: { kind, lowest: 2, highest: 9, copies: 1, courts: null, jokers: 0 },
    die: { kind, sides: 6, dice: 1 },
    spinner: { kind },
    letters: { kind },
    calls: { kind },
  }[kind];
  const sum = { from: 'outcome', times: 2, plus: 0, least: 1, most: 60, ask: true } as const;
  return drawBeat([], {
    device: device as never,
    entries: entries.map((one, n) => ({ ...one, label: labels[n]!, action: named(n, 5) })),
    amount: kind === 'deck' || kind === 'die' ? sum : { from: 'dose' },
    rules: { stop: { after: 'draws', draws: 1 }, thrower: 'child' },
  } as never);
}

const tell = (text: string) => ({ kind: 'tell' as const, id: `bt_${text.length}`, text });

export function everyMoment(): Adventure {
  const made = withBeats(
    tell(LONG_LINE),
    { ...tell(`${LONG_LINE.slice(0, -1)}, do you think?`), waitSeconds: 5 },
    tell('Lanterns!'),
    moveBeat(MOVES.slice(0, 4).map((_, n) => named(n, 12))),
    moveBeat([named(5, 30, { unit: 'seconds' }), named(1, 8, { sides: 'each', amounts: [8, 8] })]),
    moveBeat([named(2, 20, { unit: 'hold', sides: 'each' })], { countIn: true }),
    circuit(['stork-stand', 'squat'], { rounds: 1 }),
    drawOf('deck'),
    drawOf('die'),
    drawOf('spinner'),
    drawOf('letters'),
    drawOf('calls'),
    echoBeat(['march', 'squat']),
    { kind: 'drink', id: 'bt_drink', seconds: 30, text: '' },
  );
  const calm = { ...made.chapters[0]!, id: 'ch_2', kind: 'calm' as const };
  const goodbye = { ...calm, id: 'ch_3', kind: 'goodbye' as const };
  return {
    ...made,
    title: 'The longest names',
    chapters: [
      made.chapters[0]!,
      { ...calm, beats: [moveBeat([named(3, 40, { unit: 'seconds' })])] },
      { ...goodbye, beats: [{ ...tell(LONG_LINE.slice(0, 90)), id: 'bt_end' }] },
    ],
  };
}
