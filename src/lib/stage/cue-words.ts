import {
  AGE_NAMES,
  askedInWords,
  capital,
  uncapital,
  tempoInWords,
  unitWord,
  type Call,
  type Cue,
  type Doing,
  type Move,
} from '$core';

/** What the stage shows of a cue: one huge line, a word over it, a smaller line under it. */
export type CueWords = Readonly<{ over: string; main: string; under: string }>;

const DOWN: Partial<Record<Move['posture'], string>> = {
  'all fours': 'On hands and knees',
  kneeling: 'Kneel down',
  sitting: 'Sit down',
  lying: 'Lie down',
  crouching: 'Crouch down',
};

function dose({ unit, amount, asked }: Doing): string {
  if (asked && asked.as !== 'open') {
    const words = askedInWords(asked, unit, amount);
    return unit === 'hold' && asked.as === 'by age' ? `hold: ${words}` : words;
  }
  if (asked) return asked.words;
  const whole = Math.round(amount * 10) / 10;
  return unit === 'hold' ? `hold for ${whole}` : `${whole} ${unitWord(unit, amount)}`;
}

const joined = (...words: string[]) => words.filter(Boolean).join(' · ');

/** How fast, and which way. */
const ways = ({ tempo, direction }: Doing) =>
  joined(tempo === 'usual' ? '' : tempoInWords(tempo), direction);

/** What is to be known of it before it begins. */
const asides = (doing: Doing) => joined(ways(doing), doing.note);

function ofMove(kind: Cue['kind'], doing: Doing, move: Move, text: string): CueWords {
  const main = doing.name;
  switch (kind) {
    case 'show':
      return { over: 'Show it', main, under: text || asides(doing) || move.formCues.join('. ') };
    case 'draw': {
      // What fell, as it is read out; the move's name is the number that matters.
      const over = text && text !== doing.name ? text : 'Drawn';
      return { over, main, under: dose(doing) };
    }
    case 'count-in': {
      const over = doing.unit === 'hold' ? 'Everybody in' : 'Ready';
      return { over, main, under: joined(dose(doing), asides(doing)) };
    }
    case 'swap':
      if (text) return { over: 'Other way', main: capital(text), under: main };
      return doing.way.n > 1
        ? { over: 'Turn round', main: 'And back', under: main }
        : { over: 'Swap', main: 'Other side', under: main };
    case 'rest':
      return { over: 'Rest', main: 'Rest', under: '' };
    case 'change':
      if (doing.go.n > 1) return { over: 'Change over', main: 'Next group', under: main };
      return { over: 'Change over', main, under: DOWN[move.posture] ?? 'Stand up tall' };
    default: {
      const own = doing.name === move.name ? '' : move.name;
      const over = joined(kind === 'hold' ? 'Hold' : own, ways(doing));
      const asked = doing.asked ? dose(doing) : '';
      return { over, main, under: joined(asked, doing.note) || move.formCues.join(' · ') };
    }
  }
}

/** The words for a cue. `move` is the move that it is about, if any. */
export function cueWords(cue: Cue, move: Move | null): CueWords {
  if (cue.kind === 'drink') return { over: 'Drink', main: 'Time for a drink', under: '' };
  if (cue.kind === 'ask')
    return { over: 'Ask, and wait', main: cue.text, under: cue.doing?.name ?? '' };
  if (cue.kind === 'setup') return { over: '', main: cue.text, under: '' };
  if (cue.kind === 'say') return { over: 'Say', main: cue.text, under: '' };
  if (cue.doing && move) return ofMove(cue.kind, cue.doing, move, cue.text);
  return { over: 'Rest', main: 'Rest', under: '' };
}

/** What is called out while they work: "Halfway!", "Fours, well done: rest". */
export function callWords(call: Call): string {
  if (call === 'halfway') return 'Halfway!';
  if (call === 'ten left') return 'Ten seconds left';
  if (call === 'youngest') return 'The youngest may rest now';
  return `${capital(AGE_NAMES[Number(call.slice(-1))] ?? '')}: well done, rest`;
}

/**
 * The side that counts at a cue, the children's own; null where it does not matter. Arrow, figure and word
 * point there together on the screen, which they look at as into a mirror.
 */
export function sideOf({ kind, doing }: Pick<Cue, 'kind' | 'doing'>): 'left' | 'right' | null {
  if (!doing || doing.side === 'any') return null;
  return kind === 'rest' || kind === 'show' ? null : doing.side;
}

const LONG_LINE = 70;
const shortLine = (text: string) =>
  text.length > LONG_LINE ? `${text.slice(0, LONG_LINE - 2).trimEnd()}…` : text;

/** What a cue brings after `here`: nothing where it is still the same thing. */
function broughtBy({ kind, doing, text }: Cue, here: Cue | undefined): string {
  if (kind === 'drink') return 'Drink';
  if (kind === 'setup') return text;
  if (!doing) return kind === 'say' || kind === 'ask' ? `“${shortLine(text)}”` : '';
  const { part, side, direction, set } = doing;
  const name = capital(doing.name);
  const was = here?.doing;
  if (part !== was?.part) return name;
  if (doing.go.n !== was.go.n) return 'The next group';
  if (kind !== 'work' && kind !== 'hold') return '';
  if (side !== was.side) return `${name}, ${side}`;
  if (direction !== was.direction) return `${name}, ${direction}`;
  if (set.n !== was.set.n) return `${name}, set ${set.n}`;
  return here?.kind === 'rest' ? name : '';
}

/**
 * What comes next, in a few words: the first cue after this one that is about something else, with a rest
 * before it told too. What a draw will bring is not told before it is drawn, where it is secret.
 */
export function nextWords(
  cues: readonly Cue[],
  index: number,
  isSecret: (cue: Cue) => boolean = () => false,
): string {
  const here = cues[index];
  let rests = false;
  for (let n = index + 1; n < cues.length; n += 1) {
    const cue = cues[n]!;
    if (cue.kind === 'rest') {
      rests ||= here?.kind !== 'rest';
      continue;
    }
    const brought =
      cue.kind === 'draw' && isSecret(cue)
        ? 'The next draw'
        : broughtBy(cue, rests ? undefined : here);
    if (brought) return rests ? `A rest, then ${uncapital(brought)}` : brought;
  }
  return 'The end';
}
