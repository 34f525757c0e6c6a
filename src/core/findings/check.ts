import type { SoundBook } from '../words/phonemes';
import type { Adventure } from '../document/adventure';
import type { Setting } from '../model/setting';
import type { Schedule } from '../schedule/unroll';
import { makeContext, type FindingContext } from './context';
import { SEVERITIES, type Seen, type Source } from './finding';
import { checkAges } from './rules/before-age';
import { checkCalmEnd } from './rules/calm-end';
import { checkDrawnAmounts } from './rules/chance-amount';
import { checkNever } from './rules/chance-never';
import { checkTables } from './rules/chance-table';
import { checkDoses } from './rules/dose-for-age';
import { checkOverrun } from './rules/chance-overrun';
import { checkTakesOver } from './rules/chance-takes-over';
import { checkMemory } from './rules/much-to-remember';
import { checkGuises } from './rules/guises-alike';
import { checkHolds } from './rules/hold-unready';
import { checkLandings } from './rules/landings';
import { checkLetters } from './rules/letter-sound';
import { checkSentences } from './rules/long-sentences';
import { checkMirror } from './rules/mirror-choice';
import { checkNeighbours } from './rules/neighbours-same';
import { checkNeverUsed } from './rules/never-used';
import { checkChunks } from './rules/no-chunks';
import { checkCoolDown } from './rules/no-cool-down';
import { checkDrinks } from './rules/no-drink';
import { checkForms } from './rules/other-forms';
import { checkPromise } from './rules/promised-total';
import { checkQuestions } from './rules/question-no-wait';
import { checkRareWords } from './rules/rare-words';
import { checkSameRegion } from './rules/same-region';
import { checkSetting } from './rules/setting-gives';
import { checkSides } from './rules/side-left-out';
import { checkSitting } from './rules/sitting-long';
import { checkSlot } from './rules/slot';
import { checkSteepStart } from './rules/steep-start';
import { checkStretches } from './rules/still-stretch-first';
import { checkTalk } from './rules/talk-in-hard-work';
import { checkOutlasting } from './rules/words-outlast-work';
import { checkHome } from './rules/home-or-here';
import { checkRelays } from './rules/relay-time';
import { checkUnknown } from './rules/unknown-move';
import { checkUpsAndDowns } from './rules/ups-and-downs';
import { checkWelcome } from './rules/welcome-checks';
import { checkCrowding } from './rules/crowding';
import { checkKitCount } from './rules/not-enough-kit';
import { checkTurns } from './rules/turns-left-out';
import { checkDizzy } from './rules/dizzy-then';
import { checkDrinkThen } from './rules/drink-then';
import { checkHands } from './rules/long-on-hands';
import { checkKnees } from './rules/long-on-knees';
import { checkBreath } from './rules/no-breather';
import { checkStopSignal } from './rules/no-stop-signal';
import { checkSpotter } from './rules/no-spotter';
import { checkWant } from './rules/want-unmet';
import { checkRuleTold } from './rules/rule-told-otherwise';
import { checkPromisedTime } from './rules/promised-time';
import { checkCounts } from './rules/count-beyond-age';
import { checkPictureWords } from './rules/picture-word';
import { checkHurtful } from './rules/hurtful-words';
import { checkShare } from './rules/share-moving';
import { checkPeak } from './rules/no-peak';
import { checkCast } from './rules/cast-lost';
import { checkComeBack } from './rules/no-come-back';
import { checkNewMoves } from './rules/many-new-moves';
import { checkRestPlace } from './rules/no-rest-place';
import { checkTurnTwice } from './rules/turn-twice';
import { checkWaits } from './rules/long-wait';

type Rule = Readonly<{ check: (context: FindingContext) => readonly Seen[]; source: Source }>;

/** One line a rule. */
const RULES = {
  slot: { check: checkSlot, source: 'sums of the script' },
  'steep-start': { check: checkSteepStart, source: 'common practice' },
  'no-cool-down': { check: checkCoolDown, source: 'common practice' },
  'calm-end': { check: checkCalmEnd, source: 'common practice' },
  'no-drink': { check: checkDrinks, source: 'common practice' },
  'dose-for-age': { check: checkDoses, source: 'the move’s own facts' },
  'before-age': { check: checkAges, source: 'the move’s own facts' },
  'side-left-out': { check: checkSides, source: 'common practice' },
  'same-region': { check: checkSameRegion, source: 'common practice' },
  'never-used': { check: checkNeverUsed, source: 'our judgement' },
  landings: { check: checkLandings, source: 'our judgement' },
  'still-stretch-first': { check: checkStretches, source: 'common practice' },
  'talk-in-hard-work': { check: checkTalk, source: 'our judgement' },
  'words-outlast-work': { check: checkOutlasting, source: 'sums of the script' },
  'sitting-long': { check: checkSitting, source: 'our judgement' },
  'question-no-wait': { check: checkQuestions, source: 'common practice' },
  'other-forms': { check: checkForms, source: 'common practice' },
  'welcome-checks': { check: checkWelcome, source: 'common practice' },
  'setting-gives': { check: checkSetting, source: 'common practice' },
  'ups-and-downs': { check: checkUpsAndDowns, source: 'our judgement' },
  'hold-unready': { check: checkHolds, source: 'common practice' },
  'promised-total': { check: checkPromise, source: 'sums of the script' },
  'neighbours-same': { check: checkNeighbours, source: 'common practice' },
  'no-chunks': { check: checkChunks, source: 'common practice' },
  'long-sentences': { check: checkSentences, source: 'our judgement' },
  'chance-table': { check: checkTables, source: 'sums of the script' },
  'chance-never': { check: checkNever, source: 'probability, e.g. Feller, vol. 1' },
  'chance-amount': { check: checkDrawnAmounts, source: 'the move’s own facts' },
  'chance-takes-over': { check: checkTakesOver, source: 'probability, e.g. Feller, vol. 1' },
  'chance-overrun': { check: checkOverrun, source: 'sums of the script' },
  'letter-sound': { check: checkLetters, source: 'CMU Pronouncing Dictionary (American)' },
  'much-to-remember': { check: checkMemory, source: 'our judgement' },
  'rare-words': { check: checkRareWords, source: 'word lists of Spache and of Dale and Chall' },
  'mirror-choice': { check: checkMirror, source: 'common practice' },
  'relay-time': { check: checkRelays, source: 'sums of the script' },
  'home-or-here': { check: checkHome, source: 'common practice' },
  'unknown-move': { check: checkUnknown, source: 'sums of the script' },
  'guises-alike': { check: checkGuises, source: 'common practice' },
  crowding: { check: checkCrowding, source: 'common practice' },
  'not-enough-kit': { check: checkKitCount, source: 'sums of the script' },
  'turns-left-out': { check: checkTurns, source: 'sums of the script' },
  'dizzy-then': { check: checkDizzy, source: 'common practice' },
  'drink-then': { check: checkDrinkThen, source: 'common practice' },
  'long-on-hands': { check: checkHands, source: 'our judgement' },
  'long-on-knees': { check: checkKnees, source: 'our judgement' },
  'no-breather': { check: checkBreath, source: 'our judgement' },
  'no-stop-signal': { check: checkStopSignal, source: 'common practice' },
  'no-spotter': { check: checkSpotter, source: 'common practice' },
  'want-unmet': { check: checkWant, source: 'common practice' },
  'rule-told-otherwise': { check: checkRuleTold, source: 'sums of the script' },
  'promised-time': { check: checkPromisedTime, source: 'sums of the script' },
  'count-beyond-age': { check: checkCounts, source: 'common practice' },
  'picture-word': {
    check: checkPictureWords,
    source: 'word lists of Spache and of Dale and Chall',
  },
  'hurtful-words': { check: checkHurtful, source: 'common practice' },
  'share-moving': { check: checkShare, source: 'our judgement' },
  'no-peak': { check: checkPeak, source: 'our judgement' },
  'turn-twice': { check: checkTurnTwice, source: 'sums of the script' },
  'long-wait': { check: checkWaits, source: 'our judgement' },
  'no-come-back': { check: checkComeBack, source: 'common practice' },
  'no-rest-place': { check: checkRestPlace, source: 'common practice' },
  'cast-lost': { check: checkCast, source: 'common practice' },
  'many-new-moves': { check: checkNewMoves, source: 'our judgement' },
} satisfies Record<string, Rule>;

export type RuleId = keyof typeof RULES;
export const RULE_IDS = Object.keys(RULES) as readonly RuleId[];

/** Where the limit of a rule comes from. */
export const sourceOf = (rule: RuleId): Source => RULES[rule].source;

/** A judgement on the script: which rule, where, why, from what source, and how to mend it. */
export type Finding = Seen &
  Readonly<{
    rule: RuleId;
    source: Source;
    /** When it bites, in seconds from the start; null for the whole adventure. */
    atSeconds: number | null;
    /** The presenter's reason for leaving it as it is; null while it is open. */
    setAside: string | null;
  }>;

/** A part that chance brings up several times is written down once: so is what there is to say. */
function saidOnce(list: readonly Seen[]): readonly Seen[] {
  if (list.length < 2) return list;
  const said = new Set<string>();
  return list.filter(({ place, params }) => {
    const key = JSON.stringify([place, params]);
    return !said.has(key) && said.add(key);
  });
}

/**
 * Everything worth saying about an adventure as it would be led in `setting`, the gravest first, then
 * in the order of the script. What was set aside is there too, with its reason. Without `sounds`,
 * the pronouncing dictionary, letters are not held against their sounds.
 */
export function check(
  adventure: Adventure,
  setting: Setting,
  schedule: Schedule,
  sounds: SoundBook | null = null,
): readonly Finding[] {
  const context = makeContext(adventure, setting, schedule, sounds);
  const starts = new Map<string, number>();
  for (const cue of schedule.cues) {
    if (!starts.has(cue.beatId)) starts.set(cue.beatId, cue.startSeconds);
    const part = cue.doing?.part;
    if (part !== undefined && !starts.has(part)) starts.set(part, cue.startSeconds);
  }
  const reasons = new Map(
    adventure.setAside.map((one) => [`${one.rule}.${one.place}`, one.reason]),
  );
  return RULE_IDS.flatMap((rule) =>
    saidOnce(RULES[rule].check(context)).map((seen): Finding => {
      const { part, beatId } = seen.place;
      const at = starts.get(part ?? '') ?? starts.get(beatId ?? '') ?? null;
      const setAside = reasons.get(`${rule}.${placeKey(seen)}`) ?? null;
      return { ...seen, rule, source: RULES[rule].source, atSeconds: at, setAside };
    }),
  ).sort(
    (a, b) =>
      SEVERITIES.indexOf(a.severity) - SEVERITIES.indexOf(b.severity) ||
      (a.atSeconds ?? -1) - (b.atSeconds ?? -1),
  );
}

/** A finding's place as one word, by which it is set aside: a part, a beat, or nothing. */
export function placeKey({ place }: Pick<Finding, 'place'>): string {
  return place.part ?? place.beatId ?? '';
}

/** Sets a finding aside with a reason, or, with `null`, opens it again. */
export function setAside(
  adventure: Adventure,
  finding: Pick<Finding, 'rule' | 'place'>,
  reason: string | null,
): Adventure {
  const place = placeKey(finding);
  const others = adventure.setAside.filter(
    (one) => one.rule !== finding.rule || one.place !== place,
  );
  const list = reason === null ? others : [...others, { rule: finding.rule, place, reason }];
  return { ...adventure, setAside: list };
}
