import type { Adventure } from '../document/adventure';
import { check, type Finding } from '../findings/check';
import { fit, FIT_SECONDS } from '../fit/fit';
import { unroll } from '../schedule/unroll';
import { Drafting, type DraftTools } from './drafting';
import type { DraftWish } from './wish';

export type Draft = Readonly<{
  adventure: Adventure;
  seconds: number;
  /** What is left to say of it; nothing above a remark, as far as any try came to that. */
  findings: readonly Finding[];
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
function finish(adventure: Adventure, { pace, sounds, newId }: DraftTools): Draft {
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
function faultsOf({ findings, seconds, adventure }: Draft): number {
  const { slotSeconds } = adventure.setting;
  const off = Math.abs(seconds - slotSeconds) / slotSeconds;
  return findings.filter(isGrave).length + (off <= NEAR_SHARE ? 0 : 1 + off);
}

/**
 * A whole first session for a wish: a way through places of its story, each with a move that an
 * integer programme chose, in the shape that was asked for, as long as the slot (3 % or less off) and
 * with nothing above a remark to say against it, as far as one of its tries comes to that. The same
 * wish with the same seed is the same draft, apart from its ids.
 */
export function draft(wish: DraftWish, tools: DraftTools): Draft {
  let best: Draft | null = null;
  let stretch = 1;
  for (let attempt = 0; attempt < MOST_TRIES; attempt += 1) {
    const made = finish(new Drafting(wish, tools, attempt, stretch).make(), tools);
    if (!best || faultsOf(made) < faultsOf(best)) best = made;
    if (faultsOf(best) === 0) break;
    // Too long or too short as it fits: fewer places next time, or more.
    const share = wish.setting.slotSeconds / made.seconds;
    if (share < 1) stretch *= Math.max(0.6, share * LESS);
    else if (share > 1 + NEAR_SHARE) stretch *= Math.min(2, share);
  }
  return best!;
}
