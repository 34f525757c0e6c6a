import { dieFor } from '../chance/new-draw';
import type { Ages } from '../model/ages';
import { NO_GUISE } from '../model/beat';
import { MOST_DRAWS, MOST_ENTRIES, type AmountRule, type Device } from '../model/chance';
import type { Move } from '../model/move';
import type { ReadAction } from './read-action';
import { capital } from './capital';

/** What a typed draw asks for. */
export type DrawReading = Readonly<{
  kind: 'draw';
  device: Device;
  entries: readonly Readonly<{ label: string; action: ReadAction }>[];
  draws: number | null;
  amount: AmountRule;
}>;

const WORDS =
  /^(reps? die|die|dice|spinner|wheel|cards|deck|letters|calls|leader|choice|list)\b(.*?)(?::\s*(.*))?$/iu;
const DRAWS = /(\d+)\s*(?:throws?|rolls?|draws?|spins?|cards?|calls?|times|goes)\b/iu;
const SUITS = ['suns', 'moons', 'bells', 'leaves', 'drops', 'stars'];

/** A low throw is lifted to three, so that nobody does one of something. Our own judgement. */
const REPS_DIE: AmountRule = {
  from: 'number die',
  sides: 6,
  dice: 1,
  times: 1,
  plus: 0,
  least: 3,
  most: 6,
  ask: false,
};
const RANKS: AmountRule = { from: 'outcome', times: 1, plus: 0, least: 3, most: 10, ask: false };

function deviceOf(word: string, entries: number): Device {
  switch (word) {
    case 'die':
    case 'dice':
      return { kind: 'die', sides: dieFor(entries), dice: 1 };
    case 'spinner':
    case 'wheel':
      return { kind: 'spinner' };
    case 'cards':
    case 'deck':
      return { kind: 'deck', lowest: 1, highest: 10, copies: 1 };
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

/** A move for a letter: one whose picture word begins with it, that the youngest can usually do. */
function moveForLetter(
  letter: string,
  moves: readonly Move[],
  ages: Ages,
  taken: ReadonlySet<string>,
) {
  const fits = moves.filter(({ fromAge, kit }) => fromAge <= ages.from && !kit.length);
  const starts = (text: string) => text.toLowerCase().startsWith(letter.toLowerCase());
  const pictured = (move: Move) => move.pictureWords.find(starts);
  const move =
    fits.find((one) => !taken.has(one.id) && pictured(one)) ??
    fits.find((one) => !taken.has(one.id) && starts(one.name)) ??
    fits.find((one) => !taken.has(one.id));
  return move ? { move, picture: pictured(move) ?? '' } : null;
}

/**
 * A line that names a device: `die 20 throws: squats, hops, march 30 s`, `reps die: squats, lunges`,
 * `spinner: …`, `cards: …`, `calls: …`, `list: …`, `letters LAMP`. `readAction` reads one move with
 * its dose; `usual` is a move with its usual dose. Null for any other line; the words that are not
 * understood where a move is not.
 */
export function readDraw(
  line: string,
  moves: readonly Move[],
  ages: Ages,
  readAction: (text: string) => ReadAction | null,
  usual: (move: Move) => ReadAction,
): DrawReading | { unread: readonly string[] } | null {
  const match = WORDS.exec(line);
  if (!match) return null;
  const word = match[1]!.toLowerCase().replace(/^reps? die$/u, 'reps die');
  const between = match[2]!.trim();
  const draws = DRAWS.exec(between);
  const count = draws ? Math.min(MOST_DRAWS, Math.max(1, Number(draws[1]))) : null;
  const names = (match[3] ?? '')
    .split(/,|;/u)
    .map((one) => one.trim())
    .filter(Boolean);
  if (names.length === 0 && word !== 'letters') return null;
  const read = names.map((name) => ({ name, action: readAction(name) }));
  const unread = read.filter(({ action }) => !action).map(({ name }) => name);
  if (unread.length > 0) return { unread };
  const actions = read.map(({ action }) => action!).slice(0, MOST_ENTRIES);

  if (word === 'letters') {
    const letters = [
      ...between
        .replace(DRAWS, '')
        .replace(/[^\p{L}]/gu, '')
        .toUpperCase(),
    ];
    if (letters.length === 0) return null;
    const taken = new Set<string>();
    const entries = letters.slice(0, MOST_ENTRIES).flatMap((label, n) => {
      if (actions[n]) return [{ label, action: actions[n] }];
      const found = moveForLetter(label, moves, ages, taken);
      if (!found) return [];
      taken.add(found.move.id);
      const guise = { ...NO_GUISE, name: capital(found.picture), picture: found.picture };
      return [{ label, action: { ...usual(found.move), guise } }];
    });
    return {
      kind: 'draw',
      device: { kind: 'letters' },
      entries,
      draws: count,
      amount: { from: 'dose' },
    };
  }
  const device = deviceOf(word, actions.length);
  const suited = device.kind === 'deck';
  const entries = actions.map((action, n) => ({
    label: suited
      ? (SUITS[n] ?? `suit ${n + 1}`)
      : device.kind === 'calls'
        ? action.guise.name || action.move.name
        : '',
    action,
  }));
  const amount = word === 'reps die' ? REPS_DIE : suited ? RANKS : ({ from: 'dose' } as const);
  return { kind: 'draw', device, entries, draws: count, amount };
}
