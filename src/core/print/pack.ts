import { capital } from '../words/capital';
import { kitListOf } from '../prep/kit-list';
import type { Adventure } from '../document/adventure';
import { beatsOf, hasBeats } from '../document/beats-of';
import { titleOf } from '../document/title';
import type { Draw } from '../beats/draw';
import { partsOfBeat } from '../beats';
import { calledIn, moveBookOf } from '../moves/move-book';
import { movesUsed } from '../document/moves-used';
import { calledPlaces, roomPlan } from '../prep/room-plan';
import { drawCards, type Card } from './cards';
import { drawDieNet, FACE_PICTURE, type DieFace } from './die-net';
import type { PrintText } from './document';
import { letterCards, moveCards, numberCards, suitCards } from './pack-cards';
import { drawsFrom, numbersOf, pictureIn, type Needs, type PackSource } from './pack-source';
import { drawRoom } from './room-sheet';
import { Sheet } from './sheet';
import { drawSpotSigns } from './spot-signs';
import { drawStickers } from './stickers';
import {
  cautionsText,
  kitText,
  noteHomeText,
  runSheetText,
  scriptText,
  type MovePicture,
} from './texts';
import { drawWheel, drawWheelBase } from './wheel';

export const PACK_PARTS = [
  'run-sheet',
  'script',
  'kit',
  'cautions',
  'room',
  'move-cards',
  'die-nets',
  'number-cards',
  'suit-cards',
  'wheel',
  'letter-cards',
  'spots',
  'note-home',
  'stickers',
] as const;
export type PackPartId = (typeof PACK_PARTS)[number];

/** A part of the pack: a text that flows over pages, or sheets that are drawn. */
export type PackPart = Readonly<{ id: PackPartId }> &
  (Readonly<{ text: PrintText }> | Readonly<{ sheets: readonly Sheet[] }>);

const isWritten = ({ adventure }: Needs) => hasBeats(adventure);

/** Cubes are folded; of other dice a wheel with as many sectors is made. */
const CUBE = 6;
const isCube = ({ device }: Draw) => device.kind === 'die' && device.sides === CUBE;

const newSheetOf =
  ({ paper, ink, type }: PackSource) =>
  () =>
    new Sheet(paper, ink, type);

const PIPS_BY_PLACE = [1, 2, 3, 4, 5, 6];

/** A net for each die: of moves, where a face is a move; of numbers, where it is a number. */
function dieNets(source: PackSource): Sheet[] {
  const newSheet = newSheetOf(source);
  const book = moveBookOf(source.adventure);
  const sheets: Sheet[] = [];
  const net = (faces: readonly DieFace[], title: string) => {
    const sheet = newSheet();
    drawDieNet(sheet, faces, title);
    sheets.push(sheet);
  };
  const plain = PIPS_BY_PLACE.map((pips): DieFace => ({ pips, picture: null, name: '', kind: 0 }));
  for (const beat of drawsFrom(source, 'die').filter(isCube)) {
    if (beat.device.kind === 'die' && beat.device.dice > 1) {
      net(plain, `Number die: print ${beat.device.dice}`);
      continue;
    }
    const faces = PIPS_BY_PLACE.map((pips): DieFace => {
      const kind = beat.entries.findIndex((entry) => entry.faces.includes(pips));
      const entry = beat.entries[kind];
      if (!entry) return { pips, picture: null, name: '', kind: 0 };
      const picture = pictureIn(
        source,
        book,
        entry.action,
        2,
        FACE_PICTURE.wide / FACE_PICTURE.high,
      );
      return { pips, picture, name: capital(calledIn(book, entry.action)), kind };
    });
    // One move for all faces: the die only says how many.
    const named = new Set(faces.map(({ name }) => name));
    net(named.size === 1 ? plain : faces, named.size === 1 ? 'Number die' : 'Move die');
  }
  const numbers = numbersOf(source).filter(({ sides }) => sides === CUBE);
  if (numbers.length > 0) {
    const most = Math.max(...numbers.map(({ dice }) => dice));
    net(plain, most === 1 ? 'Number die' : `Number die: print ${most}`);
  }
  return sheets;
}

const wheelDraws = (needs: Needs) => [
  ...drawsFrom(needs, 'spinner'),
  ...drawsFrom(needs, 'die').filter((beat) => !isCube(beat)),
];

function wheels(source: PackSource): Sheet[] {
  const newSheet = newSheetOf(source);
  const book = moveBookOf(source.adventure);
  const drawn = wheelDraws(source).map(({ entries, device }) => {
    const sheet = newSheet();
    const isDie = device.kind === 'die';
    const sectors = entries.map(({ action, label, weight, faces }) => ({
      name: [label, calledIn(book, action)].filter(Boolean).join(': '),
      picture: pictureIn(source, book, action),
      strip: pictureIn(source, book, action, 2),
      weight: isDie ? faces.length : weight,
    }));
    drawWheel(sheet, sectors, isDie ? `In place of a die of ${device.sides}` : 'The spinner');
    return sheet;
  });
  if (drawn.length === 0) return [];
  const base = newSheet();
  drawWheelBase(base);
  return [...drawn, base];
}

function stickers(source: PackSource): Sheet[] {
  const sheet = newSheetOf(source)();
  const book = moveBookOf(source.adventure);
  const parts = beatsOf(source.adventure).flatMap((beat) => partsOfBeat(beat));
  const moves = new Map(parts.map((part) => [part.move, part]));
  const pictures = [...moves.values()].map((part) => pictureIn(source, book, part));
  drawStickers(sheet, pictures, titleOf(source.adventure));
  return [sheet];
}

function room(source: PackSource): Sheet[] {
  const sheet = newSheetOf(source)();
  const { adventure, lengthOf } = source;
  drawRoom(sheet, roomPlan(adventure), `The room: ${titleOf(adventure)}`, lengthOf);
  return [sheet];
}

/** Pictures by the ids of moves, as texts ask for them. */
const pictures = (source: PackSource): MovePicture => {
  const book = moveBookOf(source.adventure);
  return (move, poses) => pictureIn(source, book, { move }, poses);
};

type Made = Readonly<{ text: PrintText }> | Readonly<{ sheets: readonly Sheet[] }>;
type Maker = Readonly<{ applies: (needs: Needs) => boolean; make: (source: PackSource) => Made }>;

const cards = (of: (source: PackSource) => readonly Card[]) => (source: PackSource) => ({
  sheets: drawCards(of(source), newSheetOf(source)),
});

/** One line a part. */
const MAKERS: Readonly<Record<PackPartId, Maker>> = {
  'run-sheet': {
    applies: isWritten,
    make: (source) => ({
      text: runSheetText(source.adventure, source.schedule, pictures(source)),
    }),
  },
  script: {
    applies: isWritten,
    make: ({ adventure, schedule }) => ({ text: scriptText(adventure, schedule) }),
  },
  kit: {
    applies: ({ adventure }) => kitListOf(adventure, adventure.setting).length > 0,
    make: ({ adventure }) => ({ text: kitText(adventure) }),
  },
  cautions: { applies: isWritten, make: ({ adventure }) => ({ text: cautionsText(adventure) }) },
  room: { applies: isWritten, make: (source) => ({ sheets: room(source) }) },
  'move-cards': {
    applies: ({ adventure }) => movesUsed(adventure).length > 0,
    make: cards(moveCards),
  },
  'die-nets': {
    applies: (needs) =>
      drawsFrom(needs, 'die').some(isCube) || numbersOf(needs).some(({ sides }) => sides === CUBE),
    make: (source) => ({ sheets: dieNets(source) }),
  },
  'number-cards': { applies: (needs) => numbersOf(needs).length > 0, make: cards(numberCards) },
  'suit-cards': { applies: (needs) => drawsFrom(needs, 'deck').length > 0, make: cards(suitCards) },
  wheel: {
    applies: (needs) => wheelDraws(needs).length > 0,
    make: (source) => ({ sheets: wheels(source) }),
  },
  'letter-cards': {
    applies: (needs) => drawsFrom(needs, 'letters').length > 0,
    make: cards(letterCards),
  },
  spots: {
    applies: ({ adventure }) => calledPlaces(adventure).length > 0,
    make: (source) => ({
      sheets: drawSpotSigns(calledPlaces(source.adventure), newSheetOf(source)),
    }),
  },
  'note-home': {
    applies: isWritten,
    make: (source) => ({ text: noteHomeText(source.adventure, pictures(source)) }),
  },
  stickers: { applies: isWritten, make: (source) => ({ sheets: stickers(source) }) },
};

/** The parts that there is something to print for, in the order in which they are printed. */
export function packPartsFor(adventure: Adventure): readonly PackPartId[] {
  return PACK_PARTS.filter((id) => MAKERS[id].applies({ adventure }));
}

/** These parts, made; those that there is nothing to print for are left out. */
export function makePack(source: PackSource, wanted: readonly PackPartId[]): readonly PackPart[] {
  return packPartsFor(source.adventure)
    .filter((id) => wanted.includes(id))
    .map((id) => ({ id, ...MAKERS[id].make(source) }));
}
