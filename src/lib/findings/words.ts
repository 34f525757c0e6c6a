import {
  capital,
  countWord,
  leftInWords,
  type Finding,
  type ProblemCode,
  type RuleId,
} from '$core';
import { seconds, type Words } from './note-words';
import { WORDS_FOR_FLOOR } from './words-for-floor';
import { problemInWords } from '$lib/words/problem-words';

const LACKS: Readonly<Record<string, string>> = {
  mat: 'needs a mat, and there’s none on the list',
  wall: 'needs a wall with nothing on it, and there isn’t one',
  height: 'jumps, and the ceiling is low here',
  room: 'needs a larger room than this',
};

/** Every rule's words. */
export const FINDING_WORDS: Readonly<Record<RuleId, Words>> = {
  slot: {
    yours: ({ over }) =>
      over
        ? '“Fit it” can shorten it, or take a line out.'
        : 'Add a line, or make the slot shorter.',
    note: ({ over, seconds: by }) =>
      over
        ? capital(`${leftInWords(Number(by))} too long for the slot.`)
        : capital(`${leftInWords(Number(by))} of the slot are still empty.`),
  },
  'steep-start': {
    note: ({ name, gentle }) =>
      Number(gentle) < 1
        ? `Straight into ${name}, with nothing gentle before it.`
        : `${name} comes early: only ${seconds(gentle)} of gentle moving before it.`,
    mend: () => 'March first',
  },
  'no-cool-down': {
    note: () => 'They work hard, and nobody stretches afterwards.',
    mend: () => 'Add two stretches',
  },
  'calm-end': {
    note: ({ name, calm }) =>
      `After ${name} only ${seconds(calm)} to come down. A whole minute is kinder.`,
    mend: () => 'Add a calm end',
  },
  'no-drink': {
    note: ({ minutes }) => `By here they’ve moved for ${minutes} minutes without a drink.`,
    mend: () => 'Drink here',
  },
  'dose-for-age': {
    note: ({ above, amount, least, most, name, who }) =>
      above
        ? `${name}: ${amount} is a lot for ${who}. ${least} to ${most} is usual.`
        : `${name}: ${amount} is very little. ${least} to ${most} is usual.`,
    mend: ({ above, least, most }) => `Make it ${above ? most : least}`,
    many: 'amounts',
  },
  'before-age': {
    yours: () => 'Choose another move for them.',
    note: ({ name, age, youngest }) =>
      `Most children manage a ${name} from about ${age}. Your youngest are ${youngest}.`,
    mend: ({ easier }) => `Make it a ${easier}`,
  },
  'side-left-out': {
    note: ({ name, side }) =>
      side === 'any'
        ? `${name}: on which side? Both want a turn.`
        : `${name} is only done on the ${side}.`,
    mend: () => 'Each side',
    many: 'sides',
  },
  'same-region': {
    yours: () => 'Put something else between, or a rest.',
    note: ({ region, name }) => `${name} is the third in a row for tired ${region}.`,
  },
  'never-used': {
    yours: () => 'You know whether another session has it.',
    note: ({ what, missing }) =>
      what === 'region' ? `No turn yet for: ${missing}.` : `No move yet of this kind: ${missing}.`,
  },
  landings: {
    yours: () => 'Make them fewer, or step where you’d jump.',
    note: ({ landings, most }) =>
      `${landings} landings are a lot for small knees. Up to ${most} is plenty.`,
  },
  'still-stretch-first': {
    note: ({ name, seconds: held }) =>
      `${name}: ${seconds(held)} still, before anybody is warm. Move first, hold later.`,
    mend: () => 'Move it to the cool-down',
  },
  'talk-in-hard-work': {
    yours: () => 'Say it before they start, or say less.',
    note: ({ name, words, most }) =>
      `${words} words during ${name}: you’ll be out of breath. ${most} will do.`,
  },
  'sitting-long': {
    note: ({ seconds: still }) => `They’ve been listening for ${seconds(still)} here.`,
    mend: () => 'Shake it out first',
  },
  'words-outlast-work': {
    note: ({ name, words, work }) =>
      `${name ? `${name}: your` : 'Your'} words take ${seconds(words)}, and there are ${seconds(work)} to say them in.`,
    mend: ({ name }) => (name ? 'Say them first' : 'As long as you talk'),
  },
  'question-no-wait': {
    note: () => 'You ask a question, but leave no time to answer.',
    mend: ({ seconds: wait }) => `Wait ${seconds(wait)}`,
    many: 'questions',
  },
  'other-forms': {
    yours: ({ form }) =>
      form === 'easier'
        ? 'Decide what they may do instead, and say so.'
        : 'Think of one for whoever wants more.',
    note: ({ form, name }) =>
      form === 'easier'
        ? `${name} has no easier and no seated form. What does a tired child do?`
        : 'Nothing here can be made harder for the sevens.',
  },
  'welcome-checks': {
    note: ({ missing }) => `You can’t see them: ask about ${missing} in the welcome.`,
    mend: () => 'Ask it',
  },
  'setting-gives': {
    yours: () => 'Choose a move that doesn’t need it.',
    note: ({ what, name }) =>
      `${name} ${LACKS[String(what)] ?? `needs a ${what}, and there’s none on the list`}.`,
    mend: ({ what }) => (what === 'wall' ? 'There’s a free wall' : `There is a ${what}`),
  },
  'ups-and-downs': {
    yours: () => 'Put what’s done on the floor in one place.',
    note: ({ times }) =>
      `They go down to the floor or get up ${times} times. That’s a lot of getting up.`,
  },
  'hold-unready': {
    note: ({ name }) => `The clock of ${name} starts before everybody is in it.`,
    mend: () => 'Show it, then do it',
  },
  'promised-total': {
    yours: () => 'Change your words, or the amounts.',
    note: ({ promised, real }) =>
      `You promise ${promised}, and it comes to ${real}. Sides count twice.`,
  },
  'neighbours-same': {
    yours: () => 'Put something else between them.',
    note: ({ name }) => `Another ${name}, straight after the last.`,
  },
  'no-chunks': {
    note: ({ name, amount, chunks }) =>
      `${name}: ${amount} in one go is long. ${chunks} has a breather.`,
    mend: () => 'In tens, with a breather',
    many: 'long counts',
  },
  'long-sentences': {
    yours: () => 'Break it in two.',
    note: ({ words, most }) => `A sentence of ${words} words. Small ears hold about ${most}.`,
  },
  'chance-table': {
    note: ({ code, outcome }) =>
      problemInWords({
        code: code as ProblemCode,
        path: [],
        params: outcome === undefined ? {} : { outcome },
      }),
    mend: ({ code, outcome }) =>
      code === 'no-stand-in'
        ? 'Draw again instead'
        : outcome === 'joker'
          ? 'Leave the jokers out'
          : 'Deal the faces out anew',
  },
  'chance-never': {
    note: ({ name, tenths }) =>
      Number(tenths) >= 10
        ? `${name} can hardly come at all.`
        : `${name} won’t come at all in ${tenths} of 10 sessions.`,
    mend: () => 'Each once before any twice',
  },
  'chance-amount': {
    note: ({ above, name, amount, usual }) =>
      above
        ? `${name}: it can come to ${amount}, and ${usual} is plenty for the youngest.`
        : `${name}: it can come to only ${amount}.`,
    mend: ({ above, limit }) => (above ? `Never more than ${limit}` : `At least ${limit}`),
  },
  'chance-takes-over': {
    note: ({ name, tenths }) =>
      `${name || 'One of them'} may be more than half of all this, in ${tenths} of 10 sessions.`,
    mend: ({ name, cap }) => (name ? `None more often than ${cap} times` : 'A fair share each'),
  },
  'chance-overrun': {
    note: ({ tenths }) =>
      `It fits as drawn here, but with chance and children it runs over in ${tenths} of 10 sessions.`,
    mend: ({ draws }) => `Draw ${draws} times here`,
  },
  'letter-sound': {
    yours: () => 'Choose another picture word.',
    note: ({ letter, word, why }) =>
      why === 'letter'
        ? `For ${letter}: “${word}” isn’t written with it.`
        : `For ${letter}: “${word}” doesn’t have its sound, by an American dictionary. If it does in yours, write the sound beside it.`,
    mend: ({ letter }) => `Another picture for ${letter}`,
  },
  'much-to-remember': {
    note: ({ what, amount, usual }) =>
      `${amount} ${what} to hold in mind. At this age ${usual} is plenty.`,
    mend: ({ what, usual }) =>
      what === 'beats' ? `No more than ${usual} beats` : `Only ${usual} new at a time`,
  },
  'rare-words': {
    yours: () => 'You know your children’s words.',
    note: ({ words }) =>
      `Will they know “${words}”? Say it plainer, or make it a word of the story.`,
  },
  'mirror-choice': {
    note: () => 'Left and right are spoken from here. Theirs, or yours? They face you.',
    mend: () => 'Say theirs',
  },
  'relay-time': {
    yours: () => 'Fewer things, or more time.',
    note: ({ thing, things, there, seconds: given, needed }) =>
      `In ${seconds(given)} they fetch ${there} of the ${things} ${thing}. For all of them they need ${seconds(needed)}.`,
    mend: ({ needed }) => `Give it ${seconds(needed)}`,
  },
  'home-or-here': {
    note: ({ name, here, home }) =>
      here === home
        ? `${name}: as much here as at home. To show it, a few will do.`
        : `${name}: ${here} here, and only ${home} at home. Are the two swapped?`,
    mend: () => 'Swap the two',
  },
  'unknown-move': {
    note: ({ name }) =>
      `${name}: Arrup doesn’t know this move. Its time is a guess, and it has no cautions.`,
    mend: ({ nearest }) => `Do it as a ${nearest}`,
  },
  'guises-alike': {
    yours: () => 'Give one of them another name.',
    note: ({ name }) => `Two different moves are both called ${name}.`,
  },
  ...WORDS_FOR_FLOOR,
};

export function noteOf(finding: Pick<Finding, 'rule' | 'params'>): string {
  return capital(FINDING_WORDS[finding.rule].note(finding.params));
}

/** What the button that mends says; null where there is no mend. */
export function mendOf(finding: Pick<Finding, 'rule' | 'params' | 'fix'>): string | null {
  return finding.fix ? (FINDING_WORDS[finding.rule].mend?.(finding.params) ?? 'Mend it') : null;
}

/** What only a person can do about it; empty where there is a mend. */
export function yoursOf({ rule, params, fix }: Pick<Finding, 'rule' | 'params' | 'fix'>): string {
  return fix ? '' : (FINDING_WORDS[rule].yours?.(params) ?? '');
}

/** "Mend all nine usual amounts": what one step for all findings of a rule says. */
export function mendAllOf(rule: RuleId, count: number): string {
  const what = FINDING_WORDS[rule].many ?? 'of these';
  return `Mend all ${countWord(count, 10)} ${what}`;
}

/**
 * Notes with what tells one from another beside the same beat: the rule, the part, and which of
 * several alike. Not what they say: a note whose number changes is the same note.
 */
export function keyedNotes(
  notes: readonly Finding[],
): readonly Readonly<{ key: string; finding: Finding }>[] {
  const seen = new Map<string, number>();
  return notes.map((finding) => {
    const alike = `${finding.rule} ${finding.place.part ?? ''}`;
    const nth = seen.get(alike) ?? 0;
    seen.set(alike, nth + 1);
    return { key: `${alike} ${nth}`, finding };
  });
}
