import type { Setting } from '../model/setting';
import type { ChosenStop } from './choose';
import type { DraftShape } from './wish';

/** What a shape adds to the way: what is said before it, and its lines as a presenter types them. */
export type Game = Readonly<{
  say: string;
  lines: readonly string[];
  /** What is said counts on its numbers: no fit changes them. */
  stays?: true;
}>;

/** How many of the chosen moves a game takes, least and most; null for one that has moves of its own. */
export type GameNeeds = readonly [least: number, most: number] | null;

type Making = Readonly<{
  chosen: readonly ChosenStop[];
  /** About how long it should take, in seconds. */
  seconds: number;
  /** A word whose letters are moved. */
  word: string;
  /** The highest number that is usual for each of the moves at this age. */
  top: number;
  children: number;
  /** What there is enough of to be fetched one at a time. */
  things: string;
  /** Metres that are free to fetch it over. */
  metres: number;
}>;

/** What is fetched, and over how many metres: bean bags where there are some, else what everybody has. */
export const fetchedIn = ({ kit, room }: Setting): Pick<Making, 'things' | 'metres'> => ({
  things: kit.some((one) => /bean bag/iu.test(one)) ? 'bean bags' : 'socks',
  metres: Math.max(2, Math.min(5, Math.floor(room.lengthMetres / 2))),
});

const whole = (value: number, least: number, most: number) =>
  Math.max(least, Math.min(most, Math.round(value)));

/** "squat as heavy sacks": commas and colons in a name would end it. */
const named = ({ move, stop }: ChosenStop, amount = '') =>
  `${move.name}${amount && ` ${amount}`} as ${stop.name.replace(/[,:;]/gu, '')}`;
const list = (chosen: readonly ChosenStop[], amount?: string) =>
  chosen.map((one) => named(one, amount)).join(', ');

/** A throw with what belongs to it takes so long besides the move, in seconds. Our own judgement. */
const THROW_SECONDS = 12;
const WORK_SECONDS = 20;
const LEVELS = ['one', 'two', 'three', 'four'] as const;
/** How many throws there is time for, in seconds. */
export const throws = (seconds: number, least: number) =>
  whole(seconds / (WORK_SECONDS + THROW_SECONDS), least, 16);

/** From a little to what is usual: a throw of one is no fun. */
export const low = (top: number) => Math.max(1, top - 4);
/** Children throw where each of them has a turn; else the leader does, and nobody is left out. */
const byChildren = (many: number, children: number) => (many >= children ? ', children throw' : '');

/** Games that are as long as they are, in seconds with what is said; the others take a share. Measured on drafts. */
const OWN_SECONDS: Readonly<Partial<Record<DraftShape, number>>> = {
  journey: 0,
  'die for how many': 75,
  letters: 90,
  'call and go': 150,
  rhyme: 45,
  'growing chain': 110,
  ladder: 70,
  'big total': 100,
  echo: 30,
  'follow me': 65,
};
const GAME_SHARE = 0.35;
const MOST_GAME_SECONDS = 6 * 60;

/**
 * Seconds that a place on the way takes with what is said there, shown and done: with more time there
 * are more sets, so it grows with the minutes of the slot. Our own judgement.
 */
export const stopSeconds = ({ slotSeconds, ages }: Setting) =>
  (ages.from < 5 ? 0.75 : 1) * Math.min(MOST_STOP_SECONDS, 30 + slotSeconds / 60);
const MOST_STOP_SECONDS = 48;

/** About how long the game of a shape takes in a slot, in seconds. */
export function gameSeconds(shape: DraftShape, slotSeconds: number): number {
  return OWN_SECONDS[shape] ?? Math.min(slotSeconds * GAME_SHARE, MOST_GAME_SECONDS);
}

/** Each shape's game; a way alone has none. */
const GAMES: Readonly<
  Record<
    Exclude<DraftShape, 'journey'>,
    Readonly<{ needs: GameNeeds; make: (given: Making) => Game }>
  >
> = {
  circuit: {
    needs: [4, 6],
    make: ({ chosen, seconds }) => ({
      say: 'Here are some jobs. I show you each one first. Then we work, and we rest.',
      lines: [
        `circuit ${whole(seconds / (chosen.length * 45), 1, 3)} rounds 25 s rest 15: ${list(chosen)}`,
      ],
    }),
  },
  'die for how many': {
    needs: [3, 4],
    make: ({ chosen, top }) => ({
      say: 'The die says how many. I throw, we count.',
      lines: [`reps die in order, ${low(top)} to ${top}: ${list(chosen)}`],
    }),
  },
  'die for which': {
    needs: [6, 6],
    make: ({ chosen, seconds, children }) => ({
      say: 'The die says what comes next. Each number is a place on our way.',
      lines: [
        `die ${throws(seconds, 5)} throws, shown first${byChildren(throws(seconds, 5), children)}: ${list(chosen, `${WORK_SECONDS} s`)}`,
      ],
    }),
  },
  'two dice': {
    needs: [4, 6],
    make: ({ chosen, seconds, top, children }) => ({
      say: 'One die says what, the other one says how many.',
      lines: [
        `die ${throws(seconds, 5)} throws, throw again, numbers x 2, ${low(top)} to ${top}, ask first${byChildren(throws(seconds, 5), children)}: ${list(chosen)}`,
      ],
    }),
  },
  cards: {
    needs: [4, 4],
    make: ({ chosen, seconds, top }) => ({
      say: 'Draw a card. The sign says what, the number says how many.',
      lines: [
        `cards ${throws(seconds, 7)} cards, ${low(top)} to ${top}, shown first: ${list(chosen)}`,
      ],
    }),
  },
  coin: {
    needs: [2, 2],
    make: ({ chosen, seconds }) => ({
      say: 'Heads or tails? Nobody knows what comes next.',
      lines: [
        `coin ${throws(seconds, 5)} tosses, shown first: heads = ${named(chosen[0]!, '15 s')}, tails = ${named(chosen[1]!, '15 s')}`,
      ],
    }),
  },
  'freeze and spin': {
    needs: [4, 5],
    make: ({ chosen, seconds, top }) => ({
      say: 'March to the music. When it stops, freeze! Then I spin for how many.',
      lines: [
        `leader ${whole(seconds / 35, 4, 8)} goes, fair share, no repeats, numbers of 10, ${low(top)} to ${top}, travel march 8 to 12 s: ${list(chosen)}`,
      ],
    }),
  },
  letters: {
    needs: null,
    make: ({ word }) => ({
      say: `Here is a word: ${word}. I say each letter and its sound. You do the picture with me.`,
      lines: [`letters ${word} 11 s each`],
    }),
  },
  calls: {
    needs: [4, 5],
    make: ({ chosen, seconds }) => ({
      say: 'Keep marching. When I call a place, do what belongs to it.',
      lines: [
        `calls ${whole(seconds / 16, 6, 12)} calls, travel march 4 to 8 s: ${chosen
          .map((one) => `${one.stop.name.replace(/[,:;=]/gu, '')} = ${one.move.name} 6 s`)
          .join(', ')}`,
      ],
    }),
  },
  'call and go': {
    needs: null,
    make: () => ({
      say: 'Stay in the middle and march. I call a colour: you go there and back.',
      lines: [
        'calls 6 calls, as far as the room, travel march 5 to 10 s: red = heel walks there and back, blue = giant walks there and back, green = tiptoe walks there and back, gold = marches there and back',
      ],
    }),
  },
  rhyme: {
    needs: null,
    make: () => ({
      say: 'I say a line and do it. You do it with me.',
      lines: [
        'rhyme twice 4 beats: Knees go high and knees go low = march; Down we sink and up we grow = squat; Turn to left and turn to right = trunk twist; Clap your hands with all your might = claps',
      ],
    }),
  },
  'sorting sprint': {
    needs: null,
    make: ({ seconds, children, things, metres }) => ({
      say: `The wind has blown all the ${things} about. One at a time we carry them home.`,
      lines: [
        `relay ${whole(seconds / 5, 6, Math.max(6, children * 2))} ${things} ${metres} m, ${Math.min(4, children)} at a time: walk as carrying home`,
      ],
    }),
  },
  'skill levels': {
    needs: [3, 4],
    make: ({ chosen }) => ({
      say: 'There are levels. Count for yourself, one point for each. Only you need to know how many.',
      lines: [
        `1 point for each, against yourself, circuit 1 round 30 s rest 15: ${chosen
          .map(
            (one, n) =>
              `${one.move.name} as level ${LEVELS[n]} ${one.stop.name.replace(/[,:;]/gu, '')}`,
          )
          .join(', ')}`,
      ],
    }),
  },
  'growing chain': {
    needs: [4, 5],
    make: ({ chosen }) => ({
      say: 'One thing more each time, and all of it from the first.',
      lines: [`chain: ${list(chosen)}`],
    }),
  },
  ladder: {
    needs: [1, 2],
    make: ({ chosen }) => ({
      say: 'A little, then more, then most. Rest in between.',
      lines: [`${chosen[0]!.move.plural} 6, 8, 10 rest 10 as ${chosen[0]!.stop.name}`],
    }),
  },
  'big total': {
    needs: null,
    make: () => ({
      say: 'Fifty in all! Ten of each, and we count along.',
      lines: [
        '10 squats as the first ten',
        '10 arm circles as the second ten',
        '10 high knees as the third ten',
        '10 trunk twists as the fourth ten',
        '10 claps as the last ten',
      ],
      stays: true,
    }),
  },
  echo: {
    needs: null,
    make: () => ({
      say: 'I clap it, you clap it back. Then with your knees, and with your feet.',
      lines: ['echo 4 beats: claps, knee pats, stamps'],
    }),
  },
  'follow me': {
    needs: [4, 6],
    make: ({ chosen }) => ({
      say: 'Do not lose me! Everything quickly now.',
      lines: [`list: ${list(chosen, '8 s')}`],
    }),
  },
};

export const gameNeeds = (shape: DraftShape): GameNeeds =>
  shape === 'journey' ? null : GAMES[shape].needs;

/** The game of a shape; null for a way alone. */
export function gameOf(shape: DraftShape, given: Making): Game | null {
  return shape === 'journey' ? null : GAMES[shape].make(given);
}
