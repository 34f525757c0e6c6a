import { capital } from '../words/capital';
import { kitListOf } from '../prep/kit-list';
import type { Adventure } from '../document/adventure';
import { beatsOf, hasBeats } from '../document/beats-of';
import { titleOf } from '../document/title';
import type { Entry } from '../model/chance';
import { partsOfBeat } from '../beats';
import { calledIn, moveBookOf } from '../moves/move-book';
import { movesUsed } from '../document/moves-used';
import { alphabet } from './children/alphabet';
import { certificate } from './children/certificate';
import { colouring } from './children/colouring';
import { footprints } from './children/footprints';
import { posters } from './children/posters';
import { scenesOf } from './children/scenes';
import { storyStrip } from './children/story-strip';
import { tallySheet } from './children/tally';
import { timetable } from './children/timetable';
import { calledPlaces, roomPlan } from '../prep/room-plan';
import { paintCards, type Card } from './cards';
import { COIN_PICTURE, paintCoin } from './coin';
import { FACE_PICTURE, paintBigFaces, paintCube, type CubeFace } from './cube';
import { devicePrints } from './device-prints';
import { floorSheets } from './floor-sheet';
import { fridgePage, homeNotes } from './home-note';
import type { PrintText } from './document';
import { letterCards, moveCards, numberCards, outcomeCards } from './pack-cards';
import { PACK_PARTS, type PackPartId } from './pack-parts';
import { pictureIn, type Needs, type PackSource, type PartSource } from './pack-source';
import { paintRoom } from './room-sheet';
import { Sheet } from './sheet';
import { paintSpotSigns } from './spot-signs';
import { paintStickers } from './stickers';
import {
  cautionsText,
  kitText,
  runSheetText,
  scriptText,
  type MovePicture,
  type PrintedThings,
} from './pack-texts';
import { paintWheel, paintWheelBase } from './wheel';

/** A part of the pack: a text that flows over pages, or sheets that are drawn. */
export type PackPart = Readonly<{ id: PackPartId }> &
  (Readonly<{ text: PrintText }> | Readonly<{ sheets: readonly Sheet[] }>);

const isWritten = ({ adventure }: Needs) => hasBeats(adventure);

const newSheetOf =
  ({ paper, ink, type }: PackSource) =>
  () =>
    new Sheet(paper, ink, type);

const PIPS = [1, 2, 3, 4, 5, 6];
const plainFace = (pips: number): CubeFace => ({ pips, picture: null, name: '', kind: 0 });

/** The faces of each die: moves, where a face is a move; pips, where it is a number. */
function cubeFaces(
  source: PartSource,
): readonly Readonly<{ faces: readonly CubeFace[]; title: string }>[] {
  const book = moveBookOf(source.adventure);
  const { wide, high } = FACE_PICTURE;
  const faceOf = (entry: Entry | null, pips: number, entries: readonly (Entry | null)[]) =>
    entry
      ? {
          pips,
          picture: pictureIn(source, book, entry.action, 2, wide / high),
          name: capital(calledIn(book, entry.action)),
          kind: [...new Set(entries)].indexOf(entry),
        }
      : plainFace(pips);
  return source.prints.cubes.map(({ faces, title }) => {
    const named = faces?.map((entry, n) => faceOf(entry, n + 1, faces)) ?? [];
    // One move for all faces: the die only says how many.
    const isPlain = new Set(named.map(({ name }) => name)).size <= 1;
    return {
      faces: isPlain ? PIPS.map(plainFace) : named,
      title: isPlain && faces ? 'Number die' : title,
    };
  });
}

/** A net for each die, to fold. */
function cubes(source: PartSource): Sheet[] {
  return cubeFaces(source).map(({ faces, title }) => {
    const sheet = newSheetOf(source)();
    paintCube(sheet, faces, title);
    return sheet;
  });
}

/** The first die again, large, to be taped to a box: of several a presenter asks for one. */
function bigDice(source: PartSource): readonly Sheet[] {
  return cubeFaces(source)
    .slice(0, 1)
    .flatMap(({ faces, title }) => paintBigFaces(faces, title, newSheetOf(source)));
}

function wheels(source: PartSource): Sheet[] {
  const newSheet = newSheetOf(source);
  const book = moveBookOf(source.adventure);
  const painted = source.prints.wheels.map(({ sectors, title }) => {
    const sheet = newSheet();
    const shown = sectors.map(({ entry: { action, label }, weight }) => ({
      name: [label, calledIn(book, action)].filter(Boolean).join(': '),
      picture: pictureIn(source, book, action),
      strip: pictureIn(source, book, action, 2),
      weight,
    }));
    paintWheel(sheet, shown, title);
    return sheet;
  });
  if (painted.length === 0) return [];
  const base = newSheet();
  paintWheelBase(base);
  return [...painted, base];
}

function coins(source: PartSource): Sheet[] {
  const book = moveBookOf(source.adventure);
  return source.prints.coins.map((faces) => {
    const sheet = newSheetOf(source)();
    const sides = faces.map(({ name, entry }) => ({
      side: name,
      name: entry ? capital(calledIn(book, entry.action)) : '',
      picture: entry && pictureIn(source, book, entry.action, 2, COIN_PICTURE.aspect),
    }));
    paintCoin(sheet, sides);
    return sheet;
  });
}

function stickers(source: PartSource): Sheet[] {
  const sheet = newSheetOf(source)();
  const book = moveBookOf(source.adventure);
  const parts = beatsOf(source.adventure).flatMap((beat) => partsOfBeat(beat));
  const moves = new Map(parts.map((part) => [part.move, part]));
  const pictures = [...moves.values()].map((part) => pictureIn(source, book, part));
  paintStickers(sheet, pictures, source.deed);
  return [sheet];
}

function room(source: PartSource): Sheet[] {
  const sheet = newSheetOf(source)();
  const { adventure, lengthOf } = source;
  paintRoom(sheet, roomPlan(adventure), `The room: ${titleOf(adventure)}`, lengthOf);
  return [sheet];
}

/** Pictures by the ids of moves, as texts ask for them. */
const pictures = (source: PartSource): MovePicture => {
  const book = moveBookOf(source.adventure);
  return (done, poses) => pictureIn(source, book, done, poses);
};

type Made = Readonly<{ text: PrintText }> | Readonly<{ sheets: readonly Sheet[] }>;
type Maker = Readonly<{ applies: (needs: Needs) => boolean; make: (source: PartSource) => Made }>;

const cards = (of: (source: PartSource) => readonly Card[]) => (source: PartSource) => ({
  sheets: paintCards(of(source), newSheetOf(source), source.backs),
});
type Draws = (source: PartSource, newSheet: () => Sheet) => readonly Sheet[];
const drawn = (draw: Draws) => (source: PartSource) => ({
  sheets: draw(source, newSheetOf(source)),
});
const hasMoves = ({ adventure }: Needs) => scenesOf(adventure).length > 0;

/** One line a part. */
const MAKERS: Readonly<Record<PackPartId, Maker>> = {
  'run-sheet': {
    applies: isWritten,
    make: (source) => ({
      text: runSheetText(source.adventure, source.schedule, pictures(source)),
    }),
  },
  'floor-sheet': { applies: isWritten, make: drawn(floorSheets) },
  script: {
    applies: isWritten,
    make: ({ adventure, schedule }) => ({ text: scriptText(adventure, schedule) }),
  },
  kit: {
    applies: ({ adventure }) => kitListOf(adventure, adventure.setting).length > 0,
    make: (source) => ({ text: kitText(source.adventure, printedThings(source)) }),
  },
  cautions: { applies: isWritten, make: (source) => ({ text: cautionsText(source) }) },
  room: { applies: isWritten, make: drawn(room) },
  'move-cards': {
    applies: ({ adventure }) => movesUsed(adventure).length > 0,
    make: cards(moveCards),
  },
  'die-nets': {
    applies: ({ prints }) => prints.cubes.length > 0,
    make: drawn(cubes),
  },
  'big-dice': {
    applies: ({ prints }) => prints.cubes.length > 0,
    make: drawn(bigDice),
  },
  'number-cards': {
    applies: ({ prints }) => prints.numbers.length > 0,
    make: cards(numberCards),
  },
  'suit-cards': {
    applies: ({ prints }) => prints.cards.length > 0,
    make: cards(outcomeCards),
  },
  wheel: {
    applies: ({ prints }) => prints.wheels.length > 0,
    make: drawn(wheels),
  },
  coin: {
    applies: ({ prints }) => prints.coins.length > 0,
    make: drawn(coins),
  },
  'letter-cards': {
    applies: ({ prints }) => prints.letters.length > 0,
    make: cards(letterCards),
  },
  spots: {
    applies: ({ adventure }) => calledPlaces(adventure).length > 0,
    make: drawn(({ adventure }, newSheet) => paintSpotSigns(calledPlaces(adventure), newSheet)),
  },
  footprints: { applies: hasMoves, make: drawn((_, newSheet) => footprints(newSheet)) },
  tally: { applies: hasMoves, make: drawn(tallySheet) },
  timetable: { applies: hasMoves, make: drawn(timetable) },
  'story-strip': { applies: hasMoves, make: drawn(storyStrip) },
  posters: { applies: hasMoves, make: drawn(posters) },
  alphabet: { applies: hasMoves, make: drawn(alphabet) },
  colouring: { applies: hasMoves, make: drawn(colouring) },
  certificate: { applies: hasMoves, make: drawn(certificate) },
  stickers: { applies: isWritten, make: drawn(stickers) },
  'note-home': { applies: isWritten, make: drawn(homeNotes) },
  fridge: { applies: hasMoves, make: drawn(fridgePage) },
};

/** The things that are drawn with, and the part that each is in. */
const ON_PAPER: readonly (readonly [thing: string, part: PackPartId])[] = [
  ['die', 'die-nets'],
  ['number die', 'die-nets'],
  ['pack of cards', 'suit-cards'],
  ['spinner', 'wheel'],
  ['coin', 'coin'],
  ['cone', 'spots'],
];
const printedThings = ({ parts }: PartSource): PrintedThings =>
  Object.fromEntries(ON_PAPER.filter(([, part]) => parts.includes(part)));

function partsFor(needs: Needs): readonly PackPartId[] {
  return PACK_PARTS.filter((id) => MAKERS[id].applies(needs));
}

/** The parts that there is something to print for, in the order in which they are printed. */
export function packPartsFor(adventure: Adventure): readonly PackPartId[] {
  return partsFor({ adventure, prints: devicePrints(adventure) });
}

/** These parts, made; those that there is nothing to print for are left out. */
export function makePack(pack: PackSource, wanted: readonly PackPartId[]): readonly PackPart[] {
  const needs = { adventure: pack.adventure, prints: devicePrints(pack.adventure) };
  const parts = partsFor(needs).filter((id) => wanted.includes(id));
  const source = { ...pack, ...needs, parts };
  return parts.map((id) => ({ id, ...MAKERS[id].make(source) }));
}
