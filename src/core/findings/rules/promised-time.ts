import { cueEndSeconds } from '../../cues/cue';
import { spokenLines, type Beat } from '../../beats';
import { textInDigits } from '../../words/numbers';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';
import { remember } from '../../words/remember';

/** "thirty seconds' rest", "a drink for one minute", "rest for 20 seconds". */
const AMOUNT = String.raw`(\d+|a|one|half a) (seconds?|secs?|minutes?|mins?)`;
const PAUSE = 'rest|drink|sip|water|pause|breather|break';
const PROMISES = [
  new RegExp(String.raw`\b${AMOUNT}(?: of| to| for a| for)?(?: \w+)? (?:${PAUSE})\b`, 'u'),
  new RegExp(String.raw`\b(?:${PAUSE})(?: \w+){0,2} (?:for|of) ${AMOUNT}\b`, 'u'),
] as const;
/** Less than this share of what was promised is another promise. Our own judgement. */
const LEAST_SHARE = 0.75;
/** A promise is for what comes right afterwards. */
const SOON_SECONDS = 8;

function promisedIn(text: string): number | null {
  const said = textInDigits(text);
  const found = PROMISES.map((promise) => promise.exec(said)).find(Boolean);
  if (!found) return null;
  const [, amount = '', unit = ''] = found;
  const count = amount === 'half a' ? 0.5 : /\d/u.test(amount) ? Number(amount) : 1;
  return count * (unit.startsWith('m') ? 60 : 1);
}

/** Most beats promise nothing: their cues need not be read again. */
const promises = remember((beat: Beat) =>
  spokenLines(beat).some((line) => promisedIn(line) !== null),
);

/** So many seconds are promised to rest or to drink, and fewer are planned. */
export function checkPromisedTime({ schedule, beats }: FindingContext): Seen[] {
  const { cues } = schedule;
  return cues.flatMap((cue, n): Seen[] => {
    const beat = beats.get(cue.beatId);
    const promised = beat && promises(beat) ? promisedIn(cue.text) : null;
    if (promised === null) return [];
    const isPause = ({ kind }: typeof cue) => kind === 'rest' || kind === 'drink';
    const pause = isPause(cue)
      ? cue
      : cues
          .slice(n + 1)
          .find((one) => isPause(one) && one.startSeconds - cueEndSeconds(cue) < SOON_SECONDS);
    const given = Math.round(pause?.lengthSeconds ?? 0);
    if (given >= promised * LEAST_SHARE) return [];
    const place = { beatId: cue.beatId, part: null };
    return [{ place, severity: 'mend', params: { promised, given }, fix: null }];
  });
}
