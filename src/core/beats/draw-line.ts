import { newDraw } from './draw';
import type { Draw } from './draw-schema';
import type { Entry } from '../model/chance';
import type { LineFile, Making } from './beat-file';
import type { DrawSetup } from '../chance/setup';
import { deviceFile, DEVICE_KINDS, DEVICES, usualRules, type Device } from '../devices';
import type { ReadEntry, TableFrom, TypedEntry } from '../devices/device-file';
import { TABLES_FROM } from '../devices/text-tables';
import { joinThens } from '../language/dose-asides';
import { typedAmongOthers } from '../language/dosed';
import { readRules, type RulesRead } from '../language/draw-rules-reader';
import { amountInWords, rulesInWords, stopInWords } from '../language/draw-words';
import { readAction, unknownAction, type LineTools, type Unread } from '../language/part-reader';
import { inRow, namesInRow } from '../language/rows';
import type { ReadAction } from '../language/read-action';
import { quoted, saidInWords, takeDuring } from '../language/said';
import {
  isSum,
  type AmountRule,
  type DrawRules,
  type SumRule,
  type WHEN_DRAWN,
} from '../model/chance';
import type { NewId } from '../model/new-id';
import { moveIn, type MoveBook } from '../moves/move-book';
import { bareAction } from './actions-of';

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
  /** What is said while they work. */
  meanwhile: string;
}>;

type AnyDevice = (typeof DEVICES)[keyof typeof DEVICES];
type MaybeTable = TableFrom | undefined;

/** Longer words first: "two dice" is not "dice". */
const TYPED = DEVICE_KINDS.flatMap((kind) =>
  DEVICES[kind].typed.map((word) => ({ kind, word: new RegExp(`^${word}$`, 'iu'), source: word })),
).sort((a, b) => b.source.length - a.source.length);
const LINE = new RegExp(
  `^(${TYPED.map(({ source }) => source).join('|')})\\b(.*?)(?::\\s*(.*))?$`,
  'iu',
);

/** A low throw is lifted to three, so that nobody does one of something. Our own judgement. */
const USUAL_SUM = { times: 1, plus: 0, least: 3, most: 10, ask: false } as const;

function amountOf(usual: AmountRule['from'], { numberSides, sum }: RulesRead): AmountRule {
  if (usual === 'dose' || usual === 'room') return { from: usual };
  const sides = numberSides ?? 6;
  const most = usual === 'number die' ? Math.max(3, sides * (sum.times ?? 1)) : USUAL_SUM.most;
  const whole: Omit<SumRule, 'from' | 'sides' | 'dice'> = { ...USUAL_SUM, most, ...sum };
  return usual === 'outcome'
    ? { from: usual, ...whole }
    : { from: usual, sides, dice: 1, ...whole };
}

/** "red = 5 squats then a hop", "1-2 = hops", "joker star jumps", "courts march 20 s". */
function readEntry(
  { label, cards, faces, words }: TypedEntry,
  usualLabel: (action: ReadAction) => string,
  tools: LineTools,
): ReadEntry | null {
  const [action, ...then] = joinThens(words)
    .split(/\s+(?:then|\+)\s+/iu)
    .map((one) => readAction(one, tools) ?? unknownAction(one, tools));
  const following = then.flatMap((one) => one ?? []);
  if (!action || following.length < then.length) return null;
  return { label: label ?? usualLabel(action), action, then: following, cards, faces };
}

function betweenOf(read: RulesRead['between'], travel: ReadAction | null): DrawRules['between'] {
  if (!read || !travel) return null;
  const { leastSeconds, mostSeconds, tightens } = read;
  return {
    move: travel.move.id,
    leastSeconds,
    mostSeconds: Math.max(leastSeconds, mostSeconds),
    tightens,
  };
}

/** The moves that rules name: what stands in, and how they travel; or the words that are none. */
function movesInRules({ standIn, between }: RulesRead, tools: LineTools) {
  const inPlace = standIn === undefined ? null : readAction(standIn, tools);
  const travel = between ? readAction(between.words, tools) : null;
  const unread = [
    ...(standIn !== undefined && !inPlace ? [standIn] : []),
    ...(between && !travel ? [between.words] : []),
  ];
  return { standIn: inPlace, between: betweenOf(between, travel), unread };
}

/** The lines of the table; the names that are none. */
function readTable(names: readonly string[], file: AnyDevice, tools: LineTools) {
  const entries = names.map((name, n) =>
    readEntry(file.readEntry(name), (action) => file.usualLabel(n, action), tools),
  );
  return {
    entries: entries.flatMap((entry) => entry ?? []),
    unread: names.filter((_, n) => !entries[n]),
  };
}

/** A device alone begins a table: its faces are chosen where it stands. */
const beginsTable = (rest: string, file: AnyDevice) => rest === '' && Boolean(file.kit);

/** The words that no rule, no move and no text of the device takes. */
function unreadOf(rest: string, tableFrom: MaybeTable, ...others: readonly (readonly string[])[]) {
  return [...(rest && !tableFrom ? rest.split(' ') : []), ...others.flat()];
}

/**
 * A line that names a device: `die 20 throws, stand-in march 10 s: squats, hops`, `reps die: squats,
 * lunges`, `two dice`, `spinner`, `cards 11 cards, in turn: …`, `calls: red = squats, …`, `leader`,
 * `list`, `letters LAMP`, `letters A-Z`, `letters set 1`, `coin: …`. Null for any other line; the
 * words that are not understood where there are some.
 */
function readDraw(typed: string, tools: LineTools): DrawReading | Unread | null {
  const [line, meanwhile] = takeDuring(typed);
  const match = LINE.exec(line);
  if (!match) return null;
  const word = match[1]!.toLowerCase();
  const names = namesInRow(match[3] ?? '');
  const { kind } = TYPED.find((one) => one.word.test(word))!;
  const [file, tableFrom] = [DEVICES[kind], TABLES_FROM[kind]];
  const { read, rest } = readRules(match[2]!);
  const begins = match[3] === undefined && beginsTable(rest, file);
  if (names.length === 0 && !tableFrom && !begins) return null;
  const { standIn, between, ...ruled } = movesInRules(read, tools);
  const { entries: given, ...listed } = readTable(names, file, tools);
  const unread = unreadOf(rest, tableFrom, ruled.unread, listed.unread);
  if (unread.length > 0) return { unread };
  const actions = given.map(({ action }) => action);
  const entries = tableFrom ? tableFrom(rest, actions, tools) : given;
  if (entries.length === 0 && !begins) return null;
  return {
    kind: 'draw',
    device: file.read(word, names.length, read),
    entries,
    amount: amountOf(read.amountFrom ?? file.amountFrom(word), read),
    stop: read.stop ?? null,
    rules: read.rules,
    standIn,
    between,
    beforehand: read.beforehand ?? false,
    meanwhile,
  };
}

/** The rules that a typed draw is drawn by: what it says, and what is usual for its device. */
function rulesFrom(reading: DrawReading, newId: NewId): DrawRules {
  const { device, entries, stop, standIn, between, rules } = reading;
  const usual = usualRules(device, entries.length);
  return {
    ...usual,
    ...rules,
    stop: stop ?? usual.stop,
    between,
    standIn: standIn && { id: newId('ac'), ...bareAction(standIn) },
  };
}

/** What was understood of a typed draw: its device, its table, its rules. */
function readBackDraw(reading: DrawReading): string {
  const { device, entries, amount } = reading;
  const file = deviceFile(device);
  const ruled = { rules: rulesFrom(reading, (prefix) => prefix) };
  const what = entries.map(({ label, cards, action, then }) => {
    const name = [action, ...then].map(({ guise, move }) => guise.name || move.name).join(' then ');
    const told = TABLES_FROM[device.kind] ? ` (${action.move.name})` : '';
    return `${file.readBackMark({ label, cards })}${name}${told}`;
  });
  const rules = [stopInWords(ruled), amountInWords(amount), ...rulesInWords(ruled)];
  const said = saidInWords({ line: '', meanwhile: reading.meanwhile });
  return `${file.readBack(device)}: ${what.join(', ')}; ${rules.filter(Boolean).join('; ')}${said}`;
}

const RETURNS = {
  back: 'goes back',
  out: 'stays out',
  bag: 'each once',
  'in order': 'in order',
} as const;
const THROWN = { child: 'children in turn', presenter: '', 'on screen': 'on screen' } as const;
const AMOUNTS = { dose: '', outcome: 'by its number', room: 'as far as the room' } as const;

function stopAsTyped({ stop }: DrawRules): string {
  if (stop.after === 'draws') return `${stop.draws} times`;
  if (stop.after === 'seconds') return `for ${stop.seconds} s`;
  return `until all were seen, ${stop.most} at most`;
}

function amountAsTyped(amount: AmountRule): string[] {
  const from = amount.from === 'number die' ? `numbers of ${amount.sides}` : AMOUNTS[amount.from];
  if (!isSum(amount)) return [from];
  const { times, plus, least, most, ask } = amount;
  const more = plus > 0 ? `plus ${plus}` : '';
  return [from, `x ${times}`, more, `${least} to ${most}`, ask ? 'ask first' : ''];
}

/** A move with commas of its own stands in brackets. */
function standInAsTyped(
  standIn: NonNullable<DrawSetup['rules']['standIn']>,
  book: MoveBook,
): string {
  const typed = typedAmongOthers(book, standIn);
  return `stand-in ${typed.includes(',') ? `(${typed})` : typed}`;
}

function rulesAsTyped({ rules, amount }: DrawSetup, book: MoveBook): string[] {
  const { between, standIn } = rules;
  const tightens = between?.tightens ? ' shorter and shorter' : '';
  return [
    stopAsTyped(rules),
    RETURNS[rules.returns],
    rules.onRepeat === 'again' ? 'draw again' : '',
    rules.onRepeat === 'stand-in' && standIn ? standInAsTyped(standIn, book) : '',
    rules.mostOfOne === null ? '' : `at most ${rules.mostOfOne} of one`,
    rules.mostAhead === null ? '' : 'fair share',
    rules.noPattern ? 'no pattern' : '',
    rules.eachSeconds === null ? '' : `${rules.eachSeconds} s each`,
    THROWN[rules.thrower],
    ...amountAsTyped(amount),
    between
      ? `travel ${moveIn(book, between.move).name} ${between.leastSeconds} to ${between.mostSeconds} s${tightens}`
      : '',
  ];
}

/** What of a draw beat can be typed. */
type TypedDraw = DrawSetup & Readonly<{ drawn: (typeof WHEN_DRAWN)[number]; meanwhile: string }>;

/** The draw as it is typed: its device, its rules, its table. */
function drawInLine(beat: TypedDraw, book: MoveBook): string {
  const file = deviceFile(beat.device);
  const entries = beat.entries.map((entry) => {
    const actions = [entry.action, ...entry.then];
    return file.entryLine(entry, actions.map((one) => typedAmongOthers(book, one)).join(' then '));
  });
  const head = [
    file.line(beat),
    ...rulesAsTyped(beat, book),
    beat.drawn === 'beforehand' ? 'for the film' : '',
  ].filter(Boolean);
  const said = beat.meanwhile.trim() && ` … ${quoted(beat.meanwhile)}`;
  return `${head.join(', ')}${said}: ${inRow(entries)}`;
}

/** The beat that a typed draw asks for. */
function make(reading: DrawReading, { newId, seed }: Making): Draw {
  const { device, entries, amount, beforehand, meanwhile } = reading;
  const given = entries.map(({ label, action, then }) => ({
    label,
    action: bareAction(action),
    then: then.map(bareAction),
  }));
  const begun = newDraw(device, given, seed, newId);
  return {
    ...begun,
    meanwhile,
    entries: begun.entries.map((entry, n): Entry => {
      const { cards, faces } = entries[n]!;
      return { ...entry, cards, faces: faces ?? entry.faces };
    }),
    amount,
    drawn: beforehand ? 'beforehand' : 'live',
    rules: rulesFrom(reading, newId),
  };
}

/** A draw as it is typed. */
export const drawLine: LineFile<Draw, DrawReading> = {
  read: readDraw,
  make,
  readBack: readBackDraw,
  line: drawInLine,
};
