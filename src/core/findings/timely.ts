import type { Adventure } from '../document/adventure';
import type { NewId } from '../model/new-id';
import type { Schedule } from '../schedule/unroll';
import { check, placeKey, type Finding, type RuleId } from './check';
import { SEVERITIES } from './finding';

/** Notes that only make sense of a whole script: that something in it is missing, or that it is too short. */
const OF_THE_WHOLE: ReadonlySet<RuleId> = new Set<RuleId>([
  'slot',
  'no-cool-down',
  'calm-end',
  'never-used',
  'other-forms',
  'welcome-checks',
  'want-unmet',
  'share-moving',
  'no-peak',
  'turn-twice',
  'no-come-back',
  'no-rest-place',
  'cast-lost',
]);

/** A script that fills this share of its slot is taken as a whole one, whatever chapter is empty. Our own judgement. */
const WHOLE_SHARE = 0.8;

/** Whether a script looks like a whole one: something in every chapter, or most of its slot filled. */
export function looksWhole(
  { chapters, setting }: Pick<Adventure, 'chapters' | 'setting'>,
  { totalSeconds }: Pick<Schedule, 'totalSeconds'>,
): boolean {
  return (
    totalSeconds >= setting.slotSeconds * WHOLE_SHARE ||
    chapters.every(({ beats }) => beats.length > 0)
  );
}

/** Findings as they are told: now, later, or not any more. Each list has the gravest first. */
export type TimelyNotes = Readonly<{
  open: readonly Finding[];
  /** For later: on a script that is not a whole one yet, or a chapter that is being written. */
  waiting: readonly Finding[];
  aside: readonly Finding[];
}>;

/**
 * Sorts findings by when they help. What can hurt a child, and what is too long, is told at once. What
 * a script lacks is told once it looks like a whole one, and the rest of a chapter once nobody is
 * writing at its end any more (`writing` is that chapter's id, or null).
 */
export function timelyNotes(
  findings: readonly Finding[],
  adventure: Pick<Adventure, 'chapters' | 'setting'>,
  schedule: Pick<Schedule, 'totalSeconds'>,
  writing: string | null,
): TimelyNotes {
  const whole = looksWhole(adventure, schedule);
  const written = adventure.chapters.find(({ id }) => id === writing);
  const beats = new Set(written?.beats.map(({ id }) => id));
  const waits = ({ rule, severity, params, place }: Finding) =>
    severity !== 'stop' &&
    ((!whole && OF_THE_WHOLE.has(rule) && params.over !== 1) ||
      (place.beatId !== null && beats.has(place.beatId)));
  const left = findings.filter(({ setAside }) => setAside === null);
  return {
    open: left.filter((one) => !waits(one)),
    waiting: left.filter(waits),
    aside: findings.filter(({ setAside }) => setAside !== null),
  };
}

/** The notes beside each beat, the gravest first. */
export function notesByBeat(notes: readonly Finding[]): ReadonlyMap<string, readonly Finding[]> {
  const lists = new Map<string, Finding[]>();
  for (const note of notes) {
    const { beatId } = note.place;
    if (beatId === null) continue;
    const list = lists.get(beatId);
    if (list) list.push(note);
    else lists.set(beatId, [note]);
  }
  for (const list of lists.values()) {
    list.sort((a, b) => SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity));
  }
  return lists;
}

/**
 * The adventure with every open finding of one rule mended, as its own mend does it, one after the
 * other: after each the script is checked anew, for a mend may do away with others. A mend that leaves
 * its finding where it is is tried once.
 */
export function mendAll(
  adventure: Adventure,
  rule: RuleId,
  tools: Readonly<{ unroll: (adventure: Adventure) => Schedule; newId: NewId }>,
): Adventure {
  const tried = new Set<string>();
  let now = adventure;
  for (;;) {
    const found = check(now, now.setting, tools.unroll(now)).find(
      (one) => one.rule === rule && one.fix && one.setAside === null && !tried.has(placeKey(one)),
    );
    if (!found?.fix) return now;
    tried.add(placeKey(found));
    now = found.fix(now, tools.newId);
  }
}
