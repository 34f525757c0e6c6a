import { doseInWords } from '../language/dose-words';
import { spokenLines } from '../beats';
import type { Adventure } from '../document/adventure';
import { beatsOf } from '../document/beats-of';
import { movesUsed } from '../document/moves-used';
import { titleOf } from '../document/title';
import type { Done } from '../model/action';
import { moveBookOf, moveOf } from '../moves/move-book';
import { homeActions, homeSchedule } from '../schedule/home';
import { capital, uncapital } from '../words/capital';
import { lengthInWords } from '../words/clock';
import { paintBlanks } from './blanks';
import { CUT_INK, INK, SOFT_INK } from './inks';
import { pictureIn, type PartSource } from './pack-source';
import { millimetres } from './paper';
import { LEADING, type Sheet } from './sheet';
import { faceOfCount, type Face } from './type-case';

/** Something to do at home: how it looks, what it is called, how much of it. */
type AtHome = Readonly<{ done: Done; name: string; how: string }>;

/** What the note says, from the top down. */
export type HomeNote = Readonly<{
  title: string;
  story: readonly string[];
  heading: string;
  doing: readonly AtHome[];
  /** What the script itself says about home. */
  said: readonly string[];
  ending: string;
}>;

const AT_HOME = 3;

/** At home there is no kit, no mat and little room: what needs none of it, and is gentle. */
function gentleMoves(adventure: Adventure): readonly AtHome[] {
  const names = new Map<string, string>();
  for (const beat of beatsOf(adventure)) {
    if (beat.kind !== 'move') continue;
    for (const { move, guise } of beat.actions) {
      if (guise.name && !names.has(move)) names.set(move, guise.name);
    }
  }
  return movesUsed(adventure)
    .filter(({ kit, surface, space, wall, effort, landingsPerRep }) => {
      const bare = kit.length === 0 && surface === 'any' && !wall && landingsPerRep === 0;
      return bare && space === 'spot' && effort <= 4;
    })
    .slice(0, AT_HOME)
    .map(({ id, name, formCues }) => ({
      done: { move: id, also: [] },
      name: capital(names.get(id) ?? name),
      how: formCues.slice(0, 2).join(', ').toLowerCase(),
    }));
}

/** What was left for home, where the script leaves something. */
function leftForHome(adventure: Adventure): readonly AtHome[] {
  const book = moveBookOf(adventure);
  return homeActions(adventure).map((action) => {
    const { name } = moveOf(book, action);
    const { guise, home } = action;
    return {
      done: action,
      name: capital(guise.name || name),
      how: [doseInWords(home), guise.note].filter(Boolean).join('; '),
    };
  });
}

/** Lines of the script that speak of home: "At home, carry something light across a room." */
const saidOfHome = (adventure: Adventure) =>
  beatsOf(adventure)
    .flatMap(spokenLines)
    .filter((line) => /\bat home\b/iu.test(line));

/** The note for those at home: what was played, and some small things to do there. */
export function homeNote(adventure: Adventure): HomeNote {
  const { world, learning } = adventure;
  const left = leftForHome(adventure);
  const seconds = homeSchedule(adventure)?.totalSeconds ?? 0;
  const minutes = lengthInWords(Math.max(60, Math.round(seconds / 60) * 60));
  const onMat = homeActions(adventure).some(
    (action) => moveOf(moveBookOf(adventure), action).surface === 'mat',
  );
  return {
    title: titleOf(adventure),
    story: [
      `Today we moved through a story${world.name ? ` in ${world.name}` : ''}. ${world.want || world.place}`.trim(),
      ...(learning ? [`On the way we practised ${uncapital(learning)}.`] : []),
    ],
    heading: left.length > 0 ? `To do at home, about ${minutes}` : 'Something to do at home',
    doing: left.length > 0 ? left : gentleMoves(adventure),
    said: saidOfHome(adventure).slice(0, 2),
    ending: `On a clear floor, with a grown-up near.${onMat ? ' A mat or a folded blanket for what’s done lying or kneeling.' : ''} Stop when it stops being fun, or when anything hurts. Ask your child to show you: they’re the leader now.`,
  };
}

const MARGIN = 14;
/** Large print, and as small as a note may get. Points of 14 and more are large print; common practice. */
const LARGE_MM = millimetres(14);
const LEAST_MM = millimetres(10);

type Area = Readonly<{ x: number; y: number; width: number; height: number }>;

/** Pieces of a note, one below the other; with `paint` false only to see how high they are. */
function layNote(
  sheet: Sheet,
  note: HomeNote,
  source: PartSource,
  area: Area,
  sizeMm: number,
  paint: boolean,
): number {
  const book = moveBookOf(source.adventure);
  let top = area.y;
  const write = (text: string, size: number, face: Face, x = area.x, fill = INK) => {
    const box = { widthMm: area.x + area.width - x, sizeMm: size, leastMm: size, mostLines: 12 };
    const high = sheet.type.fit(face, text, box).lines.length * size * LEADING;
    if (paint) sheet.text(text, x, top + high / 2, { ...box, face, fill, align: 'left' });
    top += high;
  };
  write('A note for you at home', sizeMm * 0.9, 'text', area.x, SOFT_INK);
  write(note.title, sizeMm * 1.6, 'heading');
  top += sizeMm * 0.4;
  for (const line of note.story) write(line, sizeMm, 'text');
  top += sizeMm * 0.5;
  if (note.doing.length > 0) write(note.heading, sizeMm * 1.15, 'heading');
  const pictureHigh = sizeMm * 2.6;
  for (const { done, name, how } of note.doing) {
    const from = top;
    const x = area.x + sizeMm * 5;
    write(name, sizeMm, 'strong', x);
    write(how, sizeMm, faceOfCount(how), x);
    const high = Math.max(pictureHigh, top - from);
    if (paint) {
      const picture = pictureIn(source, book, done, 2, 1.6);
      sheet.picture(picture, area.x + sizeMm * 2.2, from + high / 2, sizeMm * 4.2, pictureHigh);
    }
    top = from + high + sizeMm * 0.2;
  }
  for (const line of note.said) write(`“${line}”`, sizeMm, 'text');
  top += sizeMm * 0.3;
  write(note.ending, sizeMm, 'text');
  return top - area.y;
}

const BLANKS = ['Name', 'Date', 'From'] as const;
const BLANKS_HIGH = 14;

function paintNote(
  sheet: Sheet,
  note: HomeNote,
  source: PartSource,
  area: Area,
  sizeMm: number,
): void {
  layNote(sheet, note, source, area, sizeMm, true);
  const wide = area.width / BLANKS.length;
  BLANKS.forEach((word, n) =>
    paintBlanks(sheet, [word], area.x + n * wide, area.y + area.height, wide - 4),
  );
}

/** The largest size in which a note has room in an area; null where the least has none. */
function sizeFor(
  sheet: Sheet,
  note: HomeNote,
  source: PartSource,
  area: Area,
  least: number,
): number | null {
  for (let size = LARGE_MM * 1.6; size >= least; size -= 0.2) {
    if (layNote(sheet, note, source, area, size, false) <= area.height - BLANKS_HIGH) return size;
  }
  return null;
}

/** The note, two to a page in large print where it has room there, else one. */
export function homeNotes(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const note = homeNote(source.adventure);
  const sheet = newSheet();
  const { widthMm, heightMm } = sheet.size;
  const half = { x: MARGIN, y: 9, width: widthMm - 2 * MARGIN, height: heightMm / 2 - 18 };
  const size = sizeFor(sheet, note, source, half, LARGE_MM * 0.86);
  if (size !== null) {
    paintNote(sheet, note, source, half, size);
    paintNote(sheet, note, source, { ...half, y: half.y + heightMm / 2 }, size);
    sheet.line(5, heightMm / 2, widthMm - 5, heightMm / 2, {
      stroke: CUT_INK,
      width: 0.2,
      dash: '2 2',
    });
    return [sheet];
  }
  return wholePages(source, note, newSheet);
}

/** The note on pages of its own; what is left for home goes on over as many as it takes. */
function wholePages(source: PartSource, note: HomeNote, newSheet: () => Sheet): readonly Sheet[] {
  const sheet = newSheet();
  const { widthMm, heightMm } = sheet.size;
  const area = {
    x: MARGIN,
    y: MARGIN,
    width: widthMm - 2 * MARGIN,
    height: heightMm - 2 * MARGIN - 4,
  };
  for (let most = note.doing.length; ; most -= 1) {
    const shorter = { ...note, doing: note.doing.slice(0, most) };
    const fits = sizeFor(sheet, shorter, source, area, LEAST_MM);
    if (fits === null && most > 1) continue;
    paintNote(sheet, shorter, source, area, fits ?? LEAST_MM);
    const rest = note.doing.slice(Math.max(1, most));
    if (rest.length === 0) return [sheet];
    return [sheet, ...wholePages(source, { ...note, story: [], said: [], doing: rest }, newSheet)];
  }
}

/** So many rows a page for the fridge has. */
const ON_FRIDGE = 4;

/** To hang on the fridge: what to do at home in large pictures, a week of boxes beside each. */
export function fridgePage(source: PartSource, newSheet: () => Sheet): readonly Sheet[] {
  const note = homeNote(source.adventure);
  const pages = Math.max(1, Math.ceil(note.doing.length / ON_FRIDGE));
  return Array.from({ length: pages }, (_, n) => {
    const rows = note.doing.slice(n * ON_FRIDGE, (n + 1) * ON_FRIDGE);
    const sheet = newSheet();
    paintFridge(sheet, note.title, rows, source);
    return sheet;
  });
}

function paintFridge(
  sheet: Sheet,
  title: string,
  rows: readonly AtHome[],
  source: PartSource,
): void {
  const { widthMm, heightMm } = sheet.size;
  const book = moveBookOf(source.adventure);
  const look = { widthMm: widthMm - 2 * MARGIN, mostLines: 2 } as const;
  sheet.text(title, widthMm / 2, 24, { ...look, face: 'heading', sizeMm: 14, leastMm: 7 });
  sheet.text('Tick a box each day that we do it.', widthMm / 2, 40, {
    ...look,
    sizeMm: 6,
    leastMm: 4,
    fill: SOFT_INK,
  });
  const high = (heightMm - 84) / Math.max(AT_HOME, rows.length);
  rows.forEach(({ done, name, how }, n) => {
    const y = 48 + n * high;
    sheet.line(MARGIN, y, widthMm - MARGIN, y, { stroke: SOFT_INK, width: 0.3 });
    sheet.picture(pictureIn(source, book, done, 2, 1.3), MARGIN + 38, y + high / 2, 72, high - 8);
    const x = MARGIN + 82;
    const words = { widthMm: widthMm - MARGIN - x, align: 'left' } as const;
    sheet.text(name, x, y + high * 0.22, {
      ...words,
      face: 'heading',
      sizeMm: 11,
      leastMm: 6,
      mostLines: 2,
    });
    sheet.text(how, x, y + high * 0.5, {
      ...words,
      face: faceOfCount(how),
      sizeMm: 7,
      leastMm: 4.5,
      mostLines: 2,
    });
    const box = Math.min(12, (widthMm - MARGIN - x) / 8.4);
    for (let day = 0; day < 7; day += 1) {
      sheet.box(
        { x: x + day * box * 1.17, y: y + high * 0.7, width: box, height: box },
        { stroke: INK, width: 0.5 },
        2,
      );
    }
  });
  sheet.text('Stop when it stops being fun, or when anything hurts.', widthMm / 2, heightMm - 20, {
    ...look,
    sizeMm: 6,
    leastMm: 4,
    mostLines: 1,
  });
}
