import type { Action, Beat, Draw, Guise, Station } from '../model/beat';
import { isSum, type Device } from '../model/chance';
import { isCounted, type Dose } from '../model/dose';
import type { Move } from '../model/move';
import { moveIn, type MoveBook } from '../moves/move-book';

const UNITS: Readonly<Record<Dose['unit'], string>> = {
  reps: '',
  steps: ' steps',
  seconds: ' s',
  hold: ' s',
  metres: ' m',
};

/** A dose around a move's name, as it is typed: "3 x 10 frog jumps each leg". */
function dosed(move: Move, dose: Dose): string {
  const { unit, amounts, sides, ways, count, restSeconds } = dose;
  const first = amounts[0]!;
  const isSame = amounts.every((amount) => amount === first);
  const times = amounts.length > 1 && isSame ? `${amounts.length} x ${first}` : amounts.join(', ');
  const inFront = unit === 'reps' && (isSame || amounts.length === 1);
  const name = isCounted(unit) && unit === 'reps' ? move.plural : move.name;
  return [
    unit === 'hold' ? 'hold' : '',
    inFront ? times : '',
    name,
    inFront ? '' : `${times}${UNITS[unit]}`,
    sides === 'any' ? '' : `${sides} side`,
    ways === 2 ? 'there and back' : '',
    count === 'back' ? 'counting back' : '',
    restSeconds > 0 ? `rest ${restSeconds} s` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** What it is called in the story, and what is said to it. */
function guised(text: string, { name, line }: Guise): string {
  return `${text}${name ? ` as ${name}` : ''}${line ? `: ${line}` : ''}`;
}

/** In a list of several the line of each would be read as the next one: it is left out. */
const named = (guise: Guise): Guise => ({ ...guise, line: '' });

const DEVICES: Readonly<Record<Exclude<Device['kind'], 'die' | 'letters'>, string>> = {
  spinner: 'spinner',
  deck: 'cards',
  calls: 'calls',
  leader: 'leader',
  list: 'list',
};

function deviceWords({ device, entries }: Draw): string {
  if (device.kind === 'letters') return `letters ${entries.map(({ label }) => label).join(' ')}`;
  if (device.kind === 'deck') {
    const { lowest, highest, copies, courts, jokers } = device;
    return [
      `cards ranks ${lowest} to ${highest}`,
      courts === null ? '' : `courts count ${courts}`,
      jokers > 0 ? `${jokers} joker${jokers === 1 ? '' : 's'}` : '',
      copies > 1 ? `${copies} decks` : '',
    ]
      .filter(Boolean)
      .join(', ');
  }
  if (device.kind === 'die') return `${device.dice === 2 ? 'two dice' : 'die'} of ${device.sides}`;
  return DEVICES[device.kind];
}

const RETURNS = {
  back: 'goes back',
  out: 'stays out',
  bag: 'each once',
  'in order': 'in order',
} as const;
const SHOWN = { each: 'shown each', first: 'shown first', none: '' } as const;

function ruleWords({ rules, amount, drawn, show }: Draw, book: MoveBook): string[] {
  const { stop, between, standIn } = rules;
  const sum = isSum(amount) ? amount : null;
  return [
    stop.after === 'draws'
      ? `${stop.draws} times`
      : stop.after === 'seconds'
        ? `for ${stop.seconds} s`
        : `until all were seen, ${stop.most} at most`,
    RETURNS[rules.returns],
    rules.onRepeat === 'again' ? 'draw again' : '',
    rules.onRepeat === 'stand-in' && standIn
      ? `stand-in ${guised(dosed(moveIn(book, standIn.move), standIn.dose), named(standIn.guise))}`
      : '',
    rules.mostOfOne === null ? '' : `at most ${rules.mostOfOne} of one`,
    rules.mostAhead === null ? '' : 'fair share',
    rules.noPattern ? 'no pattern' : '',
    rules.turns === 'children' ? 'in turn' : '',
    amount.from === 'number die' ? `numbers of ${amount.sides}` : '',
    amount.from === 'outcome' ? 'by its number' : '',
    amount.from === 'room' ? 'as far as the room' : '',
    ...(sum
      ? [
          `x ${sum.times}`,
          sum.plus > 0 ? `plus ${sum.plus}` : '',
          `${sum.least} to ${sum.most}`,
          sum.ask ? 'ask first' : '',
        ]
      : []),
    between
      ? `travel ${moveIn(book, between.move).name} ${between.leastSeconds} to ${between.mostSeconds} s${between.tightens ? ' shorter and shorter' : ''}`
      : '',
    drawn === 'beforehand' ? 'for the film' : '',
    SHOWN[show],
  ].filter(Boolean);
}

/** "3-4", where the faces of a die follow one another. */
function facesOf(faces: readonly number[]): string {
  const [first, last] = [faces[0], faces.at(-1)];
  return first === last ? `${first}` : `${first}-${last}`;
}

function drawLine(beat: Draw, book: MoveBook): string {
  const action = (one: Omit<Action, 'id'>) =>
    guised(dosed(moveIn(book, one.move), one.dose), named(one.guise));
  const entries = beat.entries.map((entry) => {
    const what = [entry.action, ...entry.then].map(action).join(' then ');
    if (entry.cards !== 'suit') return `${entry.cards === 'jokers' ? 'joker' : 'courts'} ${what}`;
    if (beat.device.kind === 'die') {
      return entry.faces.length > 0 ? `${facesOf(entry.faces)} = ${what}` : what;
    }
    return beat.device.kind === 'letters' || !entry.label ? what : `${entry.label} = ${what}`;
  });
  return `${[deviceWords(beat), ...ruleWords(beat, book)].join(', ')}: ${entries.join(', ')}`;
}

const stationWords = (book: MoveBook, { move, guise }: Pick<Station, 'move' | 'guise'>) =>
  guised(moveIn(book, move).name, named(guise));

/**
 * A beat as the line that a presenter would type for it, so that a script can be written out, changed
 * by hand and read again. What a line has no words for is left out: weights of sectors, tempo, what
 * is said to each of several moves. Null for what is not a line: something to say.
 */
export function lineOfBeat(beat: Beat, book: MoveBook): string | null {
  const action = (one: Action, guise: Guise = one.guise) =>
    guised(dosed(moveIn(book, one.move), one.dose), guise);
  switch (beat.kind) {
    case 'tell':
      return null;
    case 'drink':
      return `drink ${beat.seconds} s`;
    case 'move': {
      const [only] = beat.actions;
      const rounds = beat.rounds > 1 ? `${beat.rounds} rounds ` : '';
      if (!only) return null;
      if (beat.actions.length === 1) return rounds + action(only);
      return rounds + beat.actions.map((one) => action(one, named(one.guise))).join(' then ');
    }
    case 'circuit': {
      const { rounds, workSeconds, restSeconds, drinkBetweenRoundsSeconds: drink } = beat;
      const between = drink > 0 ? `, drink between ${drink} s` : '';
      const stations = beat.stations.map((one) => stationWords(book, one)).join(', ');
      return `circuit ${rounds} rounds ${workSeconds} s rest ${restSeconds}${between}: ${stations}`;
    }
    case 'draw':
      return drawLine(beat, book);
    case 'chain':
      return `chain: ${beat.links.map((one) => action(one, named(one.guise))).join(', ')}`;
    case 'echo': {
      const lines = beat.lines.map(
        (one) => `${one.text ? `${one.text} = ` : ''}${stationWords(book, one)}`,
      );
      return `${beat.echo ? 'echo' : 'rhyme'} ${beat.lines[0]?.beats ?? 4} beats: ${lines.join('; ')}`;
    }
  }
}
