import { isWork, type Cue, type Doing } from '../cues/cue';
import { figureOfMove } from '../figure/catalogue/figure-of-move';
import { moveIn, type MoveBook } from '../moves/move-book';
import { capital } from '../words/capital';
import { unitWord } from '../language/dose-words';

/** What the presenter has to think of while filming a line. */
export type PromptMark = 'side on' | 'pause the film here';

/** One line of the script as it runs before a camera; `atSeconds` from the start of its beat. */
export type PromptLine = Readonly<{
  cueId: string;
  kind: 'say' | 'do';
  text: string;
  atSeconds: number;
  mark: PromptMark | null;
}>;

/** A beat as one take films it. */
export type ToFilm = Readonly<{
  beatId: string;
  chapterId: string;
  lengthSeconds: number;
  lines: readonly PromptLine[];
}>;

const PAUSES: Partial<Record<Cue['kind'], string>> = { drink: 'Drink', rest: 'Rest' };

/** "Frog jump: 8 reps, left". */
function doseInLine({ name, unit, amount, side }: Doing): string {
  const whole = Math.round(amount * 10) / 10;
  const dose = unit === 'hold' ? `hold for ${whole}` : `${whole} ${unitWord(unit, whole)}`;
  return `${capital(name)}: ${dose}${side === 'any' ? '' : `, ${side}`}`;
}

/** What is done at a cue, in a line; nothing where it is still the same thing. */
function doneAt(cue: Cue, before: Cue | undefined): string {
  const { kind, doing } = cue;
  const pause = PAUSES[kind];
  if (pause || !doing) return pause ?? '';
  if (kind === 'draw') return `${cue.text || 'Next'}: ${capital(doing.name)}`;
  if (!isWork(cue)) return '';
  const isSame =
    before?.doing?.part === doing.part && before.doing.side === doing.side && isWork(before);
  return isSame ? '' : doseInLine(doing);
}

/** Children at home need the film to stand still: to drink, or to fetch and set things up. */
const STANDS_STILL: ReadonlySet<Cue['kind']> = new Set(['drink', 'setup']);

/** A move that is drawn from the side is understood from the side. Our own judgement. */
function isSideOn({ doing, kind }: Cue, book: MoveBook): boolean {
  if (!doing || kind === 'rest') return false;
  return figureOfMove(moveIn(book, doing.move))?.view === 'side';
}

function linesOf(cues: readonly Cue[], book: MoveBook): readonly PromptLine[] {
  const from = cues[0]?.startSeconds ?? 0;
  const lines: PromptLine[] = [];
  cues.forEach((cue, n) => {
    const atSeconds = cue.startSeconds - from;
    const isSpoken = ['say', 'ask', 'show', 'setup'].includes(cue.kind);
    const mark = STANDS_STILL.has(cue.kind)
      ? 'pause the film here'
      : isSideOn(cue, book)
        ? 'side on'
        : null;
    const done = doneAt(cue, cues[n - 1]);
    if (isSpoken && cue.text)
      lines.push({ cueId: cue.id, kind: 'say', text: cue.text, atSeconds, mark });
    else if (cue.kind === 'show' && cue.doing) {
      const text = `Show: ${capital(cue.doing.name)}`;
      lines.push({ cueId: cue.id, kind: 'do', text, atSeconds, mark });
    } else if (done) lines.push({ cueId: cue.id, kind: 'do', text: done, atSeconds, mark });
    for (const piece of cue.meanwhile) {
      if (piece.goesOn) continue;
      const at = atSeconds + piece.atSeconds;
      lines.push({ cueId: cue.id, kind: 'say', text: piece.text, atSeconds: at, mark: null });
    }
  });
  return lines;
}

/** The script in beats to be filmed one by one, with everything that is said and done in order. */
export function beatsToFilm(cues: readonly Cue[], book: MoveBook): readonly ToFilm[] {
  const beats: Cue[][] = [];
  for (const cue of cues) {
    const last = beats.at(-1);
    if (last && last[0]!.beatId === cue.beatId) last.push(cue);
    else beats.push([cue]);
  }
  return beats.map((own) => ({
    beatId: own[0]!.beatId,
    chapterId: own[0]!.chapterId,
    lengthSeconds: own.reduce((sum, { lengthSeconds }) => sum + lengthSeconds, 0),
    lines: linesOf(own, book),
  }));
}

/** The line that is on so many seconds into its beat; the first before anything is said. */
export function lineAt({ lines }: ToFilm, intoSeconds: number): number {
  const at = lines.findLastIndex(({ atSeconds }) => atSeconds <= intoSeconds + 1e-6);
  return Math.max(0, at);
}
