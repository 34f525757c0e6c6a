import { capital, countWord, type RuleId } from '$core';
import { seconds, type Words } from './note-words';

/** Notes on bodies in a room, on turns and kit, on what is promised and how it is said. */
export const WORDS_FOR_FLOOR = {
  crowding: {
    note: ({ name, children, fits, longer }) =>
      Number(fits) === 0
        ? `There’s no room for ${name} here.`
        : `${name}: about ${fits} fit at once here, and ${children} go. By turns it takes ${seconds(longer)} longer.`,
    mend: () => 'By turns',
    yours: () => 'Let half of them go at a time, or choose a move on the spot.',
  },
  'not-enough-kit': {
    note: ({ name, thing, count, children }) =>
      `${name} wants a ${thing} each: you have ${count} for ${children}.`,
    yours: () => 'Work in pairs, by turns or as one station; or let a rolled sock stand in for it.',
  },
  'turns-left-out': {
    note: ({ throws, children, left }) =>
      `${throws} throws for ${children} children: ${left} of them never get a turn.`,
    mend: () => 'You throw',
  },
  'dizzy-then': {
    note: ({ name, before }) => `${name} comes straight after ${before}: they’re still dizzy.`,
    yours: () => 'Put something still between them, eyes on one thing.',
  },
  'drink-then': {
    note: ({ name, seconds: after }) =>
      `${name} comes ${seconds(after)} after the drink, on full tummies.`,
    yours: () => 'Swap it with something upright.',
  },
  'long-on-hands': {
    note: ({ name, seconds: time }) =>
      `${name}: that makes ${seconds(time)} on their hands. Wrists need a rest.`,
    yours: () => 'Put one on the feet between them.',
  },
  'long-on-knees': {
    note: ({ seconds: time }) =>
      `They kneel for ${seconds(time)} here. That hurts sooner than you think.`,
    yours: () => 'Let them stand up between, or bring mats.',
  },
  'no-breather': {
    note: ({ count, seconds: time }) =>
      `${capital(countWord(Number(count), 10))} lively moves in a row, ${seconds(time)} without a breath.`,
    mend: () => 'Breathe before it',
    yours: () => 'Put something gentle between them.',
  },
  'no-stop-signal': {
    note: ({ name }) => `Before ${name} nobody has practised how to stop.`,
    mend: () => 'Practise a signal',
  },
  'no-spotter': {
    note: ({ name }) => `${name} needs somebody standing by who’s been taught how.`,
    yours: () => 'Ask a second grown-up in, or choose another move.',
  },
  'want-unmet': {
    note: () => 'At the beginning somebody wants something. At the end nobody mentions it.',
    yours: () => 'Let the last lines say what became of it.',
  },
  'rule-told-otherwise': {
    note: ({ told, least }) => `You say that it counts as ${told}; here the least is ${least}.`,
    mend: ({ told }) => `Make the least ${told}`,
  },
  'promised-time': {
    note: ({ promised, given }) =>
      `You promise ${seconds(promised)}, and ${Number(given) === 0 ? 'none are' : `${seconds(given)} are`} planned.`,
    yours: () => 'Make it longer, or say less.',
  },
  'count-beyond-age': {
    note: ({ name, amount, most }) =>
      `${name} is counted to ${amount}. Your youngest count along to about ${most}.`,
    yours: () => 'Count it in smaller sets, or do it by the clock.',
  },
  'picture-word': {
    note: ({ letter, word }) => `${letter} for “${word}”: many won’t know that word.`,
    yours: () => 'Choose a picture that they know by sight.',
  },
  'hurtful-words': {
    note: ({ said, why }) => `“${said}”: ${why}.`,
    yours: ({ instead }) => `Perhaps say ${instead}.`,
  },
  'share-moving': {
    note: ({ percent, adventure, usual, largest, minutes }) =>
      `They move for ${percent}% of it, ${adventure}% of the adventure; usual is about ${usual}%. ${capital(String(largest))} takes ${minutes} min.`,
    yours: ({ largest }) =>
      largest === 'talking'
        ? 'Say it while they move: “meanwhile” words take no time of their own.'
        : 'Let more of them move at once, or something go on meanwhile.',
  },
  'no-peak': {
    note: () => 'Nobody gets out of breath in all of this.',
    yours: () => 'Make one part of it lively, and come down from there.',
  },
  'turn-twice': {
    note: ({ throws, children, twice }) =>
      `${throws} throws for ${children} children: ${countWord(Number(twice), 10)} of them ${Number(twice) === 1 ? 'has' : 'have'} one turn more.`,
    mend: ({ even }) => `Make it ${even} throws`,
    yours: () => 'Say beforehand that all throw together at the end.',
  },
  'long-wait': {
    note: ({ thing, seconds: wait, most }) =>
      `Between two turns with the ${thing} a child waits ${seconds(wait)}. About ${seconds(most)} is as long as they can.`,
    mend: ({ more }) => `Let ${more} go at a time`,
  },
  'no-come-back': {
    note: ({ name }) =>
      `After ${name} they’re all over the room, and nobody has said where to come back to.`,
    mend: () => 'Say where',
  },
  'no-rest-place': {
    note: () => 'Nobody has said where a child may have a rest.',
    mend: () => 'Say where',
  },
  'cast-lost': {
    note: ({ name }) => `${name} is promised here, and never comes back.`,
    yours: () => 'Let them ask for a move, or say goodbye to them at the end.',
  },
  'many-new-moves': {
    note: ({ count, most }) =>
      `${count} different moves are shown. About ${most} is as much as stays with them.`,
    yours: () => 'Let one come again under another name, or leave one out.',
  },
} satisfies Partial<Record<RuleId, Words>>;
