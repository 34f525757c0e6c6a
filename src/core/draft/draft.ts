import type { Adventure } from '../document/adventure';
import { check, type Finding } from '../findings/check';
import { fit, FIT_SECONDS } from '../fit/fit';
import { unroll } from '../schedule/unroll';
import { Drafting, type DraftTools } from './drafting';
import type { DraftTry, DraftWish } from './wish';

export type Draft = Readonly<{
  adventure: Adventure;
  seconds: number;
  /** What is left to say of it; nothing above a remark, as far as any try came to that. */
  findings: readonly Finding[];
  /** With what it was made, for drawing a part of it again. */
  made: Required<Pick<DraftWish, 'again' | 'from'>>;
}>;

/** So many tries, each with other chances, until nothing is above a remark and the length is right. */
const MOST_TRIES = 8;
/** As near to the slot as a draft has to be, as a share of it. */
export const NEAR_SHARE = 0.03;
const MOST_MENDS = 6;
/** What is too long even with the least of everything gets a little fewer places than it seems to need. */
const LESS = 0.92;

const isGrave = ({ severity }: Finding) => severity !== 'think';

/** Brought to the slot, and mended as far as its findings know how. */
function finish(adventure: Adventure, { pace, sounds, newId }: DraftTools): Omit<Draft, 'made'> {
  const { setting } = adventure;
  const { slotSeconds } = setting;
  const lengthOf = (one: Adventure) => unroll(one, setting, pace).totalSeconds;
  const fitTo = (seconds: number) => fit(now, setting, pace, { seconds }).adventure;
  // A fit may be some seconds below what it is asked for: too many for a short slot.
  const fitted = () => {
    const first = fitTo(slotSeconds);
    if (lengthOf(first) > slotSeconds * (1 - NEAR_SHARE)) return first;
    const second = fitTo(slotSeconds + FIT_SECONDS - 1);
    return lengthOf(second) <= slotSeconds ? second : first;
  };
  const look = () => check(now, setting, unroll(now, setting, pace), sounds);
  let now = adventure;
  now = fitted();
  let findings = look();
  for (let mend = 0; mend < MOST_MENDS; mend += 1) {
    const grave = findings.find((one) => isGrave(one) && one.rule !== 'slot' && one.fix);
    if (!grave?.fix) break;
    now = grave.fix(now, newId);
    findings = look();
    if (!findings.some((one) => isGrave(one) && one.rule !== 'slot' && one.fix)) {
      now = fitted();
      findings = look();
    }
  }
  return { adventure: now, seconds: lengthOf(now), findings };
}

/** What a try is worth: first that nothing is grave, then how near it is to the slot. */
function faultsOf({ findings, seconds, adventure }: Omit<Draft, 'made'>): number {
  const { slotSeconds } = adventure.setting;
  const off = Math.abs(seconds - slotSeconds) / slotSeconds;
  return findings.filter(isGrave).length + (off <= NEAR_SHARE ? 0 : 1 + off);
}

const FIRST_TRY: DraftTry = { attempt: 0, stretch: 1 };

/** Too long or too short as it fits: times as many places for the next try, fewer or more. */
function stretchBy(share: number): number {
  if (share < 1) return Math.max(0.6, share * LESS);
  return share > 1 + NEAR_SHARE ? Math.min(2, share) : 1;
}

/**
 * A whole first session for a wish: a way through places of its story, each with a move that an
 * integer programme chose, in the shape that was asked for, as long as the slot (3 % or less off) and
 * with nothing above a remark to say against it, as far as one of its tries comes to that. The same
 * wish with the same seed is the same draft, apart from its ids. Where a part is drawn again the words of
 * the others stay; their amounts may not, for the whole still has its length.
 */
export function draft(wish: DraftWish, tools: DraftTools): Draft {
  const { redraw, setting } = wish;
  let { again = {}, from = FIRST_TRY } = wish;
  let best: Draft | null = null;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const made = { again, from };
    const tried = { ...finish(new Drafting({ ...wish, again }, tools, from).make(), tools), made };
    if (!best || faultsOf(tried) < faultsOf(best)) best = tried;
    if (faultsOf(best) === 0) break;
    const stretch = from.stretch * stretchBy(setting.slotSeconds / tried.seconds);
    if (redraw) {
      again = { ...again, [redraw]: (again[redraw] ?? 0) + 1 };
      if (redraw === 'adventure') from = { ...from, stretch };
    } else {
      from = { attempt: from.attempt + 1, stretch };
    }
  }
  return best!;
}
