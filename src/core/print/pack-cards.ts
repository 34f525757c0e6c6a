import { capital } from '../words/capital';
import { doseInWords } from '../language/dose-words';
import type { Entry } from '../model/chance';
import { partsOfBeat } from '../beats';
import { calledIn, moveBookOf, moveIn } from '../moves/move-book';
import { CARD_PICTURE, LETTER_PICTURE, type Card } from './cards';
import { drawsFrom, numbersOf, pictureIn, type Needs, type PackSource } from './pack-source';

const NO_CARD: Card = {
  picture: null,
  story: null,
  sign: '',
  dots: 0,
  name: '',
  small: '',
  kind: 0,
};

/** Each move in each of its guises once, with its dose where it has one of its own. */
export function moveCards(source: PackSource): Card[] {
  const { adventure } = source;
  const book = moveBookOf(adventure);
  const cards = new Map<string, Card>();
  for (const { beats } of adventure.chapters) {
    for (const beat of beats) {
      for (const part of partsOfBeat(beat)) {
        const move = moveIn(book, part.move);
        const name = capital(calledIn(book, part));
        const drawn = beat.kind === 'draw' && beat.amount.from !== 'dose';
        const dose = 'dose' in part && !drawn ? doseInWords(part.dose) : '';
        const key = `${part.move}|${name}|${dose}`;
        if (cards.has(key)) continue;
        cards.set(key, {
          ...NO_CARD,
          picture: pictureIn(source, book, part, 2, CARD_PICTURE.aspect),
          name,
          small: [name.toLowerCase() === move.name.toLowerCase() ? '' : move.name, dose]
            .filter(Boolean)
            .join(', '),
          kind: cards.size,
        });
      }
    }
  }
  return [...cards.values()];
}

const RANKS: Readonly<Record<number, string>> = { 11: 'J', 12: 'Q', 13: 'K' };

/** One card for each rank of each suit, and the jokers: one deck, to be printed as often as needed. */
export function suitCards(source: PackSource): Card[] {
  const book = moveBookOf(source.adventure);
  return drawsFrom(source, 'deck').flatMap(({ device, entries }) => {
    if (device.kind !== 'deck') return [];
    const ofEntry = (entry: Entry, kind: number): Card => ({
      ...NO_CARD,
      picture: pictureIn(source, book, entry.action),
      name: capital(calledIn(book, entry.action)),
      kind,
    });
    const suits = entries.filter(({ cards }) => cards === 'suit');
    const courts = entries.find(({ cards }) => cards === 'courts');
    const jokers = entries.filter(({ cards }) => cards === 'jokers');
    const ranks = Array.from(
      { length: Math.max(0, device.highest - device.lowest + 1) },
      (_, n) => device.lowest + n,
    );
    return [
      ...suits.flatMap((entry, kind) =>
        ranks.map((rank): Card => {
          const isCourt = rank > 10;
          const meant = isCourt && courts ? courts : entry;
          const dots = isCourt ? (courts ? 0 : (device.courts ?? rank)) : rank;
          return {
            ...ofEntry(meant, kind),
            sign: RANKS[rank] ?? String(rank),
            dots,
            small: entry.label,
          };
        }),
      ),
      ...Array.from({ length: device.jokers }, (_, n): Card => {
        const joker = jokers[n % Math.max(1, jokers.length)];
        return joker
          ? { ...ofEntry(joker, suits.length), sign: '\u2605', small: 'joker' }
          : { ...NO_CARD, sign: '\u2605', name: 'joker' };
      }),
    ];
  });
}

export function numberCards(needs: Needs): Card[] {
  const most = Math.max(0, ...numbersOf(needs).map(({ sides, dice }) => sides * dice));
  return Array.from({ length: most }, (_, n): Card => ({
    ...NO_CARD,
    sign: String(n + 1),
    dots: n + 1,
    kind: n,
  }));
}

export function letterCards(source: PackSource): Card[] {
  const book = moveBookOf(source.adventure);
  return drawsFrom(source, 'letters').flatMap(({ entries }) =>
    entries.map(({ label, action }, kind): Card => {
      const { name: moveName } = moveIn(book, action.move);
      return {
        ...NO_CARD,
        picture: pictureIn(source, book, action, 2, LETTER_PICTURE.wide / LETTER_PICTURE.high),
        story: source.storyPictureOf(action.guise.picture),
        sign: label,
        name: action.guise.picture || action.guise.name || moveName,
        small: `${moveName}, ${doseInWords(action.dose)}`,
        kind,
      };
    }),
  );
}
