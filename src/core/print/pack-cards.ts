import { capital } from '../words/capital';
import { doseInWords } from '../language/dose-words';
import { hasOwnDoses, partsOfBeat } from '../beats';
import { calledIn, moveBookOf, moveOf } from '../moves/move-book';
import { CARD_PICTURE, LETTER_PICTURE, NO_CARD, type Card } from './cards';
import { singularOf } from '../words/plurals';
import { pictureIn, type Needs, type PartSource } from './pack-source';

/** Each move in each of its guises once, with its dose where it has one of its own. */
export function moveCards(source: PartSource): Card[] {
  const { adventure } = source;
  const book = moveBookOf(adventure);
  const cards = new Map<string, Card>();
  for (const { beats } of adventure.chapters) {
    for (const beat of beats) {
      for (const part of partsOfBeat(beat)) {
        const move = moveOf(book, part);
        const name = capital(calledIn(book, part));
        const drawn = beat.kind === 'draw' && !hasOwnDoses(beat);
        const dose = 'dose' in part && !drawn ? doseInWords(part.dose) : '';
        const key = `${[part.move, ...part.also].join('+')}|${name}|${dose}`;
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

/** The cards that stand for outcomes: one deck, each of its cards once, to be printed as often as needed. */
export function outcomeCards(source: PartSource): Card[] {
  const book = moveBookOf(source.adventure);
  const cards = new Map<string, Card>();
  source.prints.cards.forEach(({ entry, sign, dots, small, kind, name = '' }, n) => {
    const called = entry ? capital(calledIn(book, entry.action)) : name;
    // Jokers are as many as there are; any other card is there once.
    const key = small && small !== 'joker' ? `${sign}|${small}|${called}` : String(n);
    if (cards.has(key)) return;
    cards.set(key, {
      ...NO_CARD,
      picture: entry && pictureIn(source, book, entry.action),
      name: called,
      sign,
      suit: source.storyPictureOf(suitWord(small)),
      dots,
      small,
      kind,
    });
  });
  return [...cards.values()];
}

/** "suns" is a sun. */
const suitWord = (label: string) => singularOf(label.trim().toLowerCase());

/** A card for each number that a number die can show. */
export function numberCards({ prints }: Needs): Card[] {
  const most = Math.max(0, ...prints.numbers.map(({ sides, dice }) => sides * dice));
  return Array.from({ length: most }, (_, n): Card => ({
    ...NO_CARD,
    sign: String(n + 1),
    dots: n + 1,
    kind: n,
  }));
}

/** A card for each letter of a strip, with its picture word and its move. */
export function letterCards(source: PartSource): Card[] {
  const book = moveBookOf(source.adventure);
  return source.prints.letters.map(({ label, action }, n): Card => {
    const { name: moveName } = moveOf(book, action);
    return {
      ...NO_CARD,
      picture: pictureIn(source, book, action, 2, LETTER_PICTURE.wide / LETTER_PICTURE.high),
      story: source.storyPictureOf(action.guise.picture),
      sign: label,
      name: action.guise.picture || action.guise.name || moveName,
      small: `${moveName}, ${doseInWords(action.dose)}`,
      kind: n,
    };
  });
}
