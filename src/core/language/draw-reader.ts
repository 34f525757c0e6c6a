import { dieFor } from '../chance/new-draw';
import { ageBandOf, type Ages } from '../model/ages';
import { NO_GUISE, type Showing } from '../model/beat';
import {
  MOST_ENTRIES,
  type AmountRule,
  type Device,
  type DrawRules,
  type Entry,
  type SumRule,
} from '../model/chance';
import type { Move } from '../model/move';
import { capital } from './capital';
import { readRules, type RulesRead } from './draw-rules-reader';
import { LETTER_SETS } from './letter-sounds';
import { lettersOf, proposeStrip } from './letter-strip';
import type { ReadAction } from './read-action';
import type { SoundBook } from './sounds';

/** A line of the table as it was typed; `faces` where the line says which of a die. */
export type ReadEntry = Readonly<{
  label: string;
  action: ReadAction;
  /** What follows it. */
  then: readonly ReadAction[];
  cards: Entry['cards'];
  faces: readonly number[] | null;
}>;

/** What a typed draw asks for; what it leaves open is as usual for the device. */
export type DrawReading = Readonly<{
  kind: 'draw';
  device: Device;
  entries: readonly ReadEntry[];
  amount: AmountRule;
  stop: DrawRules['stop'] | null;
  rules: RulesRead['rules'];
  standIn: ReadAction | null;
  between: DrawRules['between'];
  beforehand: boolean;
  show: Showing | null;
}>;

/** What a line is read with. */
export type DrawSource = Readonly<{
  moves: readonly Move[];
  ages: Ages;
  kit: readonly string[];
  book: SoundBook | null;
  /** One move with its dose; null where the words are not understood. */
  readAction: (text: string) => ReadAction | null;
  /** A move with its usual dose. */
  usual: (move: Move) => ReadAction;
}>;

const WORDS =
  /^(reps? die|two dice|2 dice|die|dice|spinner|wheel|cards|deck|letters|calls|leader|choice|list)\b(.*?)(?::\s*(.*))?$/iu;
const SUITS = ['suns', 'moons', 'bells', 'leaves', 'drops', 'stars'];

/** A low throw is lifted to three, so that nobody does one of something. Our own judgement. */
const USUAL_SUM = { times: 1, plus: 0, least: 3, most: 10, ask: false } as const;

function deviceOf(word: string, moves: number, read: RulesRead): Device {
  switch (word) {
    case 'die':
    case 'dice':
    case 'two dice':
    case '2 dice': {
      const dice = read.dice ?? (/two|2/u.test(word) ? 2 : 1);
      return { kind: 'die', sides: read.sides ?? (dice > 1 ? 6 : dieFor(moves)), dice };
    }
    case 'spinner':
    case 'wheel':
      return { kind: 'spinner' };
    case 'cards':
    case 'deck': {
      const [lowest, highest] = read.ranks ?? [1, 10];
      const { copies = 1, courts = 10, jokers = 0 } = read;
      return { kind: 'deck', lowest, highest, copies, courts, jokers };
    }
    case 'letters':
      return { kind: 'letters' };
    case 'calls':
      return { kind: 'calls' };
    case 'leader':
    case 'choice':
      return { kind: 'leader' };
    default:
      return { kind: 'list' };
  }
}

function amountOf(
  word: string,
  device: Device,
  { amountFrom, numberSides, sum }: RulesRead,
): AmountRule {
  const usual =
    amountFrom ??
    (word === 'reps die' ? 'number die' : device.kind === 'deck' ? 'outcome' : 'dose');
  if (usual === 'dose' || usual === 'room') return { from: usual };
  const sides = numberSides ?? 6;
  const most = usual === 'number die' ? Math.max(3, sides * (sum.times ?? 1)) : USUAL_SUM.most;
  const whole: Omit<SumRule, 'from' | 'sides' | 'dice'> = { ...USUAL_SUM, most, ...sum };
  return usual === 'outcome'
    ? { from: usual, ...whole }
    : { from: usual, sides, dice: 1, ...whole };
}

/** "red = 5 squats", "1-2 = hops", "joker star jumps", "courts march 20 s". */
function readEntry(text: string, n: number, device: Device['kind'], source: DrawSource) {
  const special =
    device === 'deck' ? /^(jokers?|courts?(?: cards?)?)(?:\s*=)?\s+(.+)$/iu.exec(text) : null;
  const labelled = special ? null : /^([^=]+?)\s*=\s*(.+)$/u.exec(text);
  const [action, ...then] = (special?.[2] ?? labelled?.[2] ?? text)
    .split(/\s+(?:then|\+)\s+/iu)
    .map((one) => source.readAction(one));
  const following = then.flatMap((one) => one ?? []);
  if (!action || following.length < then.length) return null;
  const cards = special
    ? special[1]!.toLowerCase().startsWith('j')
      ? 'jokers'
      : 'courts'
    : 'suit';
  const faces =
    labelled && device === 'die' ? /^(\d+)(?:\s*(?:-|–|to)\s*(\d+))?$/u.exec(labelled[1]!) : null;
  const [from, to] = [Number(faces?.[1]), Number(faces?.[2] ?? faces?.[1])];
  const usual =
    device === 'deck'
      ? (SUITS[n] ?? `suit ${n + 1}`)
      : device === 'calls'
        ? action.guise.name || action.move.name
        : '';
  const label = special ? cards.replace(/s$/u, '') : faces ? '' : (labelled?.[1]!.trim() ?? usual);
  const list = faces
    ? Array.from({ length: Math.max(0, to - from + 1) }, (_, k) => from + k)
    : null;
  return { label, action, then: following, cards, faces: list } satisfies ReadEntry;
}

function readLetters(text: string, given: readonly ReadAction[], source: DrawSource): ReadEntry[] {
  const letters = lettersOf(text, LETTER_SETS).slice(0, MOST_ENTRIES);
  const ideas = proposeStrip(letters, source);
  return letters.flatMap((label, n): ReadEntry[] => {
    const entry = { label, then: [], cards: 'suit' as const, faces: null };
    if (given[n]) return [{ ...entry, action: given[n] }];
    const idea = ideas[n];
    if (!idea) return [];
    const { move, picture } = idea;
    const guise = { ...NO_GUISE, name: capital(picture), picture };
    const usual = source.usual(move);
    // One letter is a quick thing, about 11 s (common practice): the least that is usual.
    const [least] = move.usual.range[ageBandOf(source.ages)];
    const sides = move.sided ? ('each' as const) : usual.dose.sides;
    const dose = { ...usual.dose, amounts: [least], sides };
    return [{ ...entry, action: { ...usual, dose, guise } }];
  });
}

/**
 * A line that names a device: `die 20 throws, stand-in march 10 s: squats, hops`, `reps die: squats,
 * lunges`, `two dice`, `spinner`, `cards 11 cards, in turn: …`, `calls: red = squats, …`, `leader`,
 * `list`, `letters LAMP`, `letters A-Z`, `letters set 1`. Null for any other line; the words that
 * are not understood where there are some.
 */
export function readDraw(
  line: string,
  source: DrawSource,
): DrawReading | { unread: readonly string[] } | null {
  const match = WORDS.exec(line);
  if (!match) return null;
  const word = match[1]!.toLowerCase().replace(/^reps? die$/u, 'reps die');
  const names = (match[3] ?? '')
    .split(/,|;/u)
    .map((one) => one.trim())
    .filter(Boolean);
  if (names.length === 0 && word !== 'letters') return null;
  const { read, rest } = readRules(match[2]!);
  const standIn = read.standIn === undefined ? null : source.readAction(read.standIn);
  const travel = read.between && source.readAction(read.between.words);
  const unread = [
    ...(rest && word !== 'letters' ? rest.split(' ') : []),
    ...(read.standIn !== undefined && !standIn ? [read.standIn] : []),
    ...(read.between && !travel ? [read.between.words] : []),
  ];
  const device = deviceOf(word, names.length, read);
  const entries = names.map((name, n) => readEntry(name, n, device.kind, source));
  unread.push(...names.filter((_, n) => !entries[n]));
  if (unread.length > 0) return { unread };
  const given = entries.flatMap((entry) => entry ?? []).slice(0, MOST_ENTRIES);
  const table =
    word === 'letters'
      ? readLetters(
          rest,
          given.map(({ action }) => action),
          source,
        )
      : given;
  if (table.length === 0) return null;
  return {
    kind: 'draw',
    device,
    entries: table,
    amount: amountOf(word, device, read),
    stop: read.stop ?? null,
    rules: read.rules,
    standIn,
    between:
      read.between && travel
        ? {
            move: travel.move.id,
            leastSeconds: read.between.leastSeconds,
            mostSeconds: Math.max(read.between.leastSeconds, read.between.mostSeconds),
            tightens: read.between.tightens,
          }
        : null,
    beforehand: read.beforehand ?? false,
    show: read.show ?? null,
  };
}
