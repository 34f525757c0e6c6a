import { beatInWords } from '../../language/beat-label';
import { doseInWords, unitWord } from '../../language/dose-words';
import { amountInWords, deviceInWords } from '../../language/draw-words';
import { clockOf, lengthInWords } from '../../language/clock';
import type { Adventure } from '../../model/adventure';
import type { Beat, Draw } from '../../model/beat';
import type { Entry } from '../../model/chance';
import type { Move } from '../../model/move';
import { calledIn, moveBookOf, moveIn, type MoveBook } from '../../moves/move-book';
import { startsBy } from '../../schedule/beat-starts';
import type { Schedule } from '../../schedule/unroll';

/** One thing to do or say, in a row of the run sheet. A beat has a row for each of its parts. */
export type RunSheetRow = Readonly<{
  beatId: string;
  /** Start of the beat, in seconds; null on the later rows of a beat. */
  startSeconds: number | null;
  /** Length of the whole beat, in seconds; null on its later rows. */
  lengthSeconds: number | null;
  chapter: string;
  kind: Beat['kind'];
  say: string;
  /** The guise's name, or the move's own. */
  name: string;
  /** The move's id; empty for a row without one. */
  moveId: string;
  /** The move's own name, where a guise hides it. */
  move: string;
  dose: string;
  formCues: string;
  /** "easier: squat; seated: arm jump"; empty where there is none. */
  forms: string;
}>;

type Content = Pick<
  RunSheetRow,
  'say' | 'name' | 'moveId' | 'move' | 'dose' | 'formCues' | 'forms'
>;
const NOTHING: Content = {
  say: '',
  name: '',
  moveId: '',
  move: '',
  dose: '',
  formCues: '',
  forms: '',
};

function partContent(
  book: MoveBook,
  part: { move: string; guise: { name: string; line: string } },
  dose: string,
): Content {
  const move = moveIn(book, part.move);
  const { name, line } = part.guise;
  return {
    say: line,
    name: name || move.name,
    moveId: move.id,
    move: name && name !== move.name ? move.name : '',
    dose,
    formCues: move.formCues.join('; '),
    forms: formsInWords(book, move),
  };
}

function formsInWords(book: MoveBook, move: Move): string {
  return (['easier', 'harder', 'seated'] as const)
    .flatMap((form) => (move[form] ? [`${form}: ${moveIn(book, move[form]).name}`] : []))
    .join('; ');
}

/** A line of the table: what is on the face, and what it means. */
function entryContent(beat: Draw, entry: Entry, book: MoveBook): Content {
  const amount = amountInWords(beat.amount);
  const dose = amount
    ? `${amount} ${unitWord(entry.action.dose.unit, 2)}`
    : doseInWords(entry.action.dose);
  const faces = beat.device.kind === 'die' ? entry.faces.join(', ') : entry.label;
  const content = partContent(book, entry.action, dose);
  const then = entry.then.map((one) => `, then ${calledIn(book, one)} (${doseInWords(one.dose)})`);
  const name = content.name + then.join('');
  return { ...content, name: faces ? `${faces}: ${name}` : name };
}

/** What was drawn beforehand for the film, in order, so that it can be laid out. */
function drawnContent(beat: Draw, schedule: Schedule): Content[] {
  if (beat.drawn !== 'beforehand') return [];
  const drawn = schedule.cues
    .filter((cue) => cue.beatId === beat.id && cue.kind === 'draw')
    .map(({ text, doing }) => (text === doing?.name ? text : `${text}: ${doing?.name}`));
  return drawn.length === 0
    ? []
    : [{ ...NOTHING, name: 'Drawn beforehand', dose: drawn.join(' · ') }];
}

const rounds = (n: number) => (n === 1 ? '' : `, ${n} rounds`);

function contentsOf(beat: Beat, book: MoveBook, schedule: Schedule): readonly Content[] {
  switch (beat.kind) {
    case 'tell': {
      const wait = beat.waitSeconds === undefined ? '' : `wait ${beat.waitSeconds} s`;
      return [{ ...NOTHING, say: beat.text, dose: wait }];
    }
    case 'drink':
      return [{ ...NOTHING, say: beat.text, name: 'Drink', dose: lengthInWords(beat.seconds) }];
    case 'move': {
      const parts = beat.actions.map((action) =>
        partContent(book, action, doseInWords(action.dose) + rounds(beat.rounds)),
      );
      return beat.say ? [{ ...NOTHING, say: beat.say }, ...parts] : parts;
    }
    case 'chain': {
      const head = { ...NOTHING, say: beat.say, name: 'Growing chain', dose: beatInWords(beat) };
      const links = beat.links.map((link, n) => {
        const content = partContent(book, link, doseInWords(link.dose));
        return { ...content, name: `${n + 1}: ${content.name}` };
      });
      return [head, ...links];
    }
    case 'echo': {
      const head = {
        ...NOTHING,
        say: beat.say,
        name: beat.echo ? 'Echo' : 'Rhyme',
        dose: beatInWords(beat),
      };
      const lines = beat.lines.map((line) => ({
        ...partContent(book, line, `${line.beats} beats`),
        say: line.text,
      }));
      return [head, ...lines];
    }
    case 'draw': {
      const head = {
        ...NOTHING,
        say: beat.say,
        name: deviceInWords(beat),
        dose: beatInWords(beat),
      };
      const { standIn } = beat.rules;
      return [
        head,
        ...beat.entries.map((entry) => entryContent(beat, entry, book)),
        ...(standIn && beat.rules.onRepeat === 'stand-in'
          ? [partContent(book, standIn, `${doseInWords(standIn.dose)}, the stand-in`)]
          : []),
        ...drawnContent(beat, schedule),
      ];
    }
    case 'circuit': {
      const dose = `${beat.workSeconds} s work, ${beat.restSeconds} s rest${rounds(beat.rounds)}`;
      const parts = beat.stations.map((station) => partContent(book, station, dose));
      return beat.say ? [{ ...NOTHING, say: beat.say }, ...parts] : parts;
    }
  }
}

/** The running order, row by row, with the clock. */
export function runSheetRows(adventure: Adventure, schedule: Schedule): readonly RunSheetRow[] {
  const book = moveBookOf(adventure);
  const starts = startsBy(schedule.cues, 'beatId');
  return adventure.chapters.flatMap((chapter) =>
    chapter.beats.flatMap((beat) =>
      contentsOf(beat, book, schedule).map((content, index) => ({
        beatId: beat.id,
        startSeconds: index === 0 ? (starts.get(beat.id) ?? null) : null,
        lengthSeconds: index === 0 ? (schedule.totals.byBeat.get(beat.id)?.seconds ?? 0) : null,
        chapter: chapter.title,
        kind: beat.kind,
        ...content,
      })),
    ),
  );
}

/** A clock reading, or nothing where there is none. */
export function clockOrBlank(seconds: number | null): string {
  return seconds === null ? '' : clockOf(seconds);
}
