import { counted } from '../words/numbers';
import { leftInWords } from '../forecast/told-length';
import { lengthInWords } from '../words/clock';
import { capital } from '../words/capital';
import { listInWords } from '../words/written-lists';
import { dayInShort } from './days';
import type { RowNote } from './row';
import type { RowMend } from './row-mends';
import type { Reason } from './next';

const text = (value: string | number | undefined) => String(value ?? '');

/** A note on a row as a colleague would say it. */
export function rowNoteInWords({ rule, params }: RowNote): string {
  const say = (key: string) => text(params[key]);
  switch (rule) {
    case 'not-lately':
      return say('since')
        ? `No ${say('skill')} since ${dayInShort(say('since'))}.`
        : `No ${say('skill')} yet in these weeks.`;
    case 'same-again':
      return `“${say('title')}” again, as on ${dayInShort(say('day'))}.`;
    case 'move-every-time':
      return `${capital(say('move'))} came in each of the last ${say('times')} sessions.`;
    case 'too-big-a-step':
      return params.amount === 0
        ? `From ${say('before')} on ${dayInShort(say('day'))} to ${say('move')}: more than one step a week.`
        : `${capital(say('move'))} from ${say('from')} on ${dayInShort(say('day'))} to ${say('to')}: more than one step a week.`;
    case 'was-too-hard':
      return `It was too hard on ${dayInShort(say('day'))}, and ${say('move')} get harder still.`;
    case 'one-side-more':
      return `More on the ${say('side')} over these weeks: ${lengthInWords(Number(params.more))} against ${lengthInWords(Number(params.less))}.`;
    case 'little-lively':
      return `Little that is lively or fast over these weeks: ${say('share')} % of the time.`;
    case 'not-here':
      return `“${say('title')}” isn’t on your shelf any more. Its place and its numbers stay.`;
    case 'gap':
      return 'Nothing planned yet.';
  }
}

/** What a mend does, as it stands on its button; empty where there is none. */
export function rowMendInWords(mend: RowMend | null, { params }: RowNote): string {
  if (!mend) return '';
  switch (mend.kind) {
    case 'swap':
      return params.to && typeof params.to === 'string'
        ? `take ${params.to}${params.from ? ` in place of ${params.from}` : ' instead'}`
        : `go back to ${text(params.before)}`;
    case 'amount':
      return `make it ${mend.amount}`;
    case 'choose':
      return 'choose another one';
  }
}

/** Why an adventure is proposed, in half a sentence. */
export function reasonInWords(reason: Reason): string {
  switch (reason.kind) {
    case 'not lately':
      return `not led since ${dayInShort(reason.day)}`;
    case 'new':
      return 'not led yet';
    case 'brings':
      return `brings ${listInWords(reason.skills)}`;
    case 'fits':
      return `${leftInWords(reason.seconds)} in a slot of ${lengthInWords(reason.slotSeconds)}`;
    case 'too long':
      return `${leftInWords(reason.seconds - reason.slotSeconds)} too long for the slot: fit it`;
    case 'needs':
      return `needs ${listInWords(reason.things)}`;
    case 'favourite':
      return reason.every === 1
        ? 'your ritual, each time'
        : `a favourite, every ${counted(reason.every, 'session', 'sessions')}`;
    case 'swaps':
      return `${reason.to} in place of ${reason.from}`;
  }
}
