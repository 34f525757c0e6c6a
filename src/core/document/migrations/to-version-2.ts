import type { Migration } from '../../model/document-kind';
import { each, type Json } from './plain-json';

/** The object at a key changed, the objects in a list each; what is not there stays so. */
function at(object: Json, key: string, change: (value: Json) => Json): Json {
  return key in object ? { ...object, [key]: each(object[key], change) } : object;
}

function changeDraw(beat: Json): Json {
  if (beat.kind !== 'draw') return beat;
  const withDeck = at(beat, 'device', (device) =>
    device.kind === 'deck' ? { ...device, courts: null, jokers: 0 } : device,
  );
  const withCards = at(withDeck, 'entries', (entry) => ({
    ...entry,
    cards: 'suit',
    then: [],
  }));
  return at(withCards, 'rules', (rules) => ({
    ...at(rules, 'between', (between) => ({ ...between, tightens: false })),
    mostAhead: null,
    noPattern: false,
  }));
}

/** A setting of before grown-ups and what is kept clear; what it has already stays. */
export function changeSetting(setting: Json): Json {
  const room = (one: Json) => ({
    noGoMetres: { front: 0, back: 0, left: 0, right: 0 },
    marks: [],
    ...one,
  });
  return { grownUps: 1, ...at(setting, 'room', room) };
}

/**
 * Court cards and jokers, sequences, a fair share without a bag, calls without a pattern, gaps that
 * tighten; grown-ups, what is kept clear and put by hand in the room, what things stand for.
 */
export const toVersion2: Migration = {
  from: 1,
  migrate: (document) => ({
    ...at(
      at(document, 'chapters', (chapter) => at(chapter, 'beats', changeDraw)),
      'setting',
      changeSetting,
    ),
    props: [],
  }),
};
