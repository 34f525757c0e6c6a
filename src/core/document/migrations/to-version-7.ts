import type { Migration } from '../../model/document-kind';
import { each, eachBeat, type Json } from './plain-json';

const withTurns = (dose: Json): Json => ({ ...dose, atOnce: null });
const action = (part: Json): Json => ({
  ...part,
  dose: each(part.dose, withTurns),
  home: each(part.home, withTurns),
});
const entry = (one: Json): Json => ({
  ...one,
  action: each(one.action, action),
  then: each(one.then, action),
});

const BEATS: Readonly<Record<string, (beat: Json) => Json>> = {
  move: (beat) => ({ ...beat, actions: each(beat.actions, action) }),
  chain: (beat) => ({ ...beat, links: each(beat.links, action) }),
  draw: (beat) => ({
    ...beat,
    entries: each(beat.entries, entry),
    rules: each(beat.rules, (rules) => ({ ...rules, standIn: each(rules.standIn, action) })),
  }),
};

/** How many go at a time, where a group goes by turns. */
export const toVersion7: Migration = {
  from: 6,
  migrate: (document) => eachBeat(document, BEATS),
};
