import type { Migration } from '../../model/document-kind';
import { each, type Json } from './plain-json';

/** Nothing was said meanwhile before. */
function withGuise(part: Json): Json {
  return { ...part, guise: each(part.guise, (guise) => ({ ...guise, meanwhile: '' })) };
}

/** What a way of leading shows by itself needs not be said any more. */
const shown = (show: unknown, byItself: string) => (show === byItself ? null : show);
const asLed = { led: null, show: null, countIn: null };

const BEATS: Readonly<Record<string, (beat: Json) => Json>> = {
  move: ({ flowing, show, ...beat }) => ({
    ...beat,
    actions: each(beat.actions, withGuise),
    ...asLed,
    ...(flowing === true ? { led: 'follow me' } : { show: shown(show, 'each') }),
  }),
  circuit: ({ show, ...beat }) => ({
    ...beat,
    stations: each(beat.stations, withGuise),
    ...asLed,
    led: 'by the clock',
    show: shown(show, 'first'),
  }),
  chain: ({ show, ...beat }) => ({
    ...beat,
    links: each(beat.links, withGuise),
    ...asLed,
    show: shown(show, 'each'),
  }),
  relay: ({ show, ...beat }) => ({
    ...beat,
    travel: each(beat.travel, withGuise),
    ...asLed,
    show: shown(show, 'each'),
  }),
  echo: (beat) => ({ ...beat, lines: each(beat.lines, withGuise) }),
  draw: ({ show, ...beat }) => ({
    ...beat,
    meanwhile: '',
    entries: each(beat.entries, (entry) => ({
      ...entry,
      action: each(entry.action, withGuise),
      then: each(entry.then, withGuise),
    })),
    rules: each(beat.rules, ({ turns, ...rules }) => ({
      ...rules,
      standIn: each(rules.standIn, withGuise),
      thrower: turns === 'children' ? 'child' : 'presenter',
    })),
    ...asLed,
    show: shown(show, 'none'),
  }),
};

function changeBeat(beat: Json): Json {
  const change = typeof beat.kind === 'string' ? BEATS[beat.kind] : undefined;
  return change ? change(beat) : { ...beat };
}

/** A count-in that was planned before every set stays so, as long as it was; none stays none. */
function changeDefaults({ countInSeconds }: Json): Json {
  const counts = typeof countInSeconds === 'number' && countInSeconds > 0;
  return {
    led: 'show, then do',
    countIn: counts,
    countInSeconds: counts ? Math.max(0.5, countInSeconds) : 1.8,
  };
}

/**
 * How an adventure, a chapter, a beat is led, in place of flowing, shown and counted in; words said
 * meanwhile; who throws.
 */
export const toVersion5: Migration = {
  from: 4,
  migrate: (document) => ({
    ...document,
    defaults: each(document.defaults, changeDefaults),
    chapters: each(document.chapters, (chapter) => ({
      ...chapter,
      led: null,
      beats: each(chapter.beats, changeBeat),
    })),
  }),
};
