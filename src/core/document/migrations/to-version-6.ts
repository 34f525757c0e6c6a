import type { Migration } from '../../model/document-kind';
import { each, eachBeat, type Json } from './plain-json';

const withDose = (dose: Json): Json => ({ ...dose, asked: null, tempo: [], directions: [] });
const withGuise = (guise: Json): Json => ({ ...guise, note: '' });

const station = (part: Json): Json => ({
  ...part,
  also: [],
  guise: each(part.guise, withGuise),
});
const action = (part: Json): Json => ({
  ...station(part),
  dose: each(part.dose, withDose),
  between: [],
  home: null,
});

const BEATS: Readonly<Record<string, (beat: Json) => Json>> = {
  move: (beat) => ({ ...beat, actions: each(beat.actions, action) }),
  circuit: (beat) => ({ ...beat, stations: each(beat.stations, station), byRound: [] }),
  chain: ({ perform, ...beat }) => ({
    ...beat,
    links: each(beat.links, (link) => ({ ...action(link), joined: false })),
    introduce: 1,
    bodyParts: [],
    perform: perform === true ? ['usual'] : [],
  }),
  relay: (beat) => ({
    ...beat,
    travel: each(beat.travel, station),
    limitSeconds: null,
    startOver: false,
  }),
  echo: (beat) => ({ ...beat, lines: each(beat.lines, station) }),
  draw: (beat) => ({
    ...beat,
    entries: each(beat.entries, (entry) => ({
      ...entry,
      action: each(entry.action, action),
      then: each(entry.then, action),
    })),
    rules: each(beat.rules, (rules) => ({
      ...rules,
      standIn: each(rules.standIn, action),
      eachSeconds: null,
    })),
  }),
};

/**
 * Amounts by age, ranges and open ones, tempo, directions, several moves at once, a dose for home and
 * the story between sets; rounds that differ, chains as they are taught, relays by the clock.
 */
export const toVersion6: Migration = {
  from: 5,
  migrate: (document) => eachBeat(document, BEATS),
};
