import type { Adventure, Chapter } from '../document/adventure';
import { check, type Finding } from '../findings/check';
import { fit, FIT_SECONDS } from '../fit/fit';
import { unroll } from '../schedule/unroll';
import { Drafting, type DraftTools } from './drafting';
import { partOfChapter, type DraftPart, type DraftTry, type DraftWish } from './wish';

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

/** The chapters of one part of `fresh`, in the place of those that `kept` has of it. */
function withPart(kept: Adventure, fresh: Adventure, part: DraftPart): Adventure {
  const isOf = (chapter: Chapter) => partOfChapter(chapter) === part;
  const at = kept.chapters.findIndex(isOf);
  const [before, after] = [kept.chapters.slice(0, at), kept.chapters.slice(at)];
  const others = (chapters: readonly Chapter[]) => chapters.filter((one) => !isOf(one));
  const chapters = [...others(before), ...fresh.chapters.filter(isOf), ...others(after)];
  return { ...kept, chapters };
}

/** All but one part is left alone by a fit. */
function held(adventure: Adventure, part: DraftPart): Adventure {
  const chapters = adventure.chapters.map((chapter) =>
    partOfChapter(chapter) === part
      ? chapter
      : { ...chapter, beats: chapter.beats.map((beat) => ({ ...beat, fit: 'stays' as const })) },
  );
  return { ...adventure, chapters };
}

/**
 * Brought to the slot, and mended as far as its findings know how. Where a part was drawn again its own
 * amounts are fitted first, and those of the others only where that isn't enough.
 */
function finish(
  adventure: Adventure,
  { pace, sounds, newId }: DraftTools,
  redrawn: DraftPart | null,
): Omit<Draft, 'made'> {
  const { setting } = adventure;
  const { slotSeconds } = setting;
  const lengthOf = (one: Adventure) => unroll(one, setting, pace).totalSeconds;
  const fitTo = (one: Adventure, seconds: number) => fit(one, setting, pace, { seconds });
  const isShort = (one: Adventure) => lengthOf(one) < slotSeconds * (1 - NEAR_SHARE);
  // A fit may be some seconds below what it is asked for: too many for a short slot.
  const fitted = (one: Adventure) => {
    const { adventure: first, most } = fitTo(one, slotSeconds);
    // With too little in it, more places are needed, not another fit.
    if (!isShort(first) || most < slotSeconds) return first;
    const { adventure: second } = fitTo(one, slotSeconds + FIT_SECONDS - 1);
    return lengthOf(second) <= slotSeconds ? second : first;
  };
  const inPart = redrawn && withPart(adventure, fitted(held(adventure, redrawn)), redrawn);
  const isRight = inPart && !isShort(inPart) && lengthOf(inPart) <= slotSeconds;
  const look = () => check(now, setting, unroll(now, setting, pace), sounds);
  let now = isRight ? inPart : fitted(adventure);
  let findings = look();
  // How long it is, the fit mends.
  const mend = () => findings.find((one) => isGrave(one) && one.rule !== 'slot' && one.fix)?.fix;
  for (let mends = 0; mends < MOST_MENDS; mends += 1) {
    const fix = mend();
    if (!fix) break;
    now = fix(now, newId);
    findings = look();
    if (!mend()) {
      now = fitted(now);
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

type Again = NonNullable<DraftWish['again']>;
const onceMore = (again: Again, part: DraftPart): Again => ({
  ...again,
  [part]: (again[part] ?? 0) + 1,
});

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
 * wish with the same seed is the same draft, apart from its ids. Where a part is drawn again
 * the others stay as they are, as long as the whole has its length; else amounts in them may change.
 */
export function draft(wish: DraftWish, tools: DraftTools): Draft {
  const { redraw = null, setting } = wish;
  let { again = {}, from = FIRST_TRY } = wish;
  if (redraw) again = onceMore(again, redraw.part);
  let best: Draft | null = null;
  for (let tries = 0; tries < MOST_TRIES; tries += 1) {
    const made = { again, from };
    const fresh = new Drafting({ ...wish, again }, tools, from).make();
    const whole = redraw ? withPart(redraw.kept, fresh, redraw.part) : fresh;
    const tried = { ...finish(whole, tools, redraw?.part ?? null), made };
    if (!best || faultsOf(tried) < faultsOf(best)) best = tried;
    if (faultsOf(best) === 0) break;
    const stretch = from.stretch * stretchBy(setting.slotSeconds / tried.seconds);
    if (redraw) {
      again = onceMore(again, redraw.part);
      if (redraw.part === 'adventure') from = { ...from, stretch };
    } else {
      from = { attempt: from.attempt + 1, stretch };
    }
  }
  return best!;
}
