import { offPrice, pick, type Choice, type Row as Rule } from '../fit/programme';
import type { Adventure } from '../document/adventure';
import type { Setting } from '../model/setting';
import { lacksOf } from '../moves/fits-setting';
import { movesUsed } from '../document/moves-used';
import { countsOf, type CoveredSession } from './coverage';
import { daysBetween, type Day } from './days';
import { isGap, type Series } from './series';
import { SKILL_FAMILIES, SKILLS, skillById } from './skills';
import type { SessionSums } from './sums';

/** Where an idea for a gap comes from: the shelf, a starting point, or a story of the row with other moves. */
export type CandidateKind = 'shelf' | 'start' | 'other moves';

/** Something that could fill a gap. `lastDay` is when it was last led, as far as is known. */
export type Candidate = Readonly<{
  id: string;
  kind: CandidateKind;
  adventure: Adventure;
  sums: SessionSums;
  lastDay: Day | null;
  /** Which of its moves were changed, where it is a story with other moves. */
  swaps?: readonly Reason[];
}>;

/** Why something is proposed, as data; the words come at the edge. */
export type Reason = Readonly<
  | { kind: 'not lately'; day: Day }
  | { kind: 'new' }
  | { kind: 'brings'; skills: readonly string[] }
  | { kind: 'fits'; seconds: number; slotSeconds: number }
  | { kind: 'too long'; seconds: number; slotSeconds: number }
  | { kind: 'needs'; things: readonly string[] }
  | { kind: 'favourite'; every: number }
  | { kind: 'swaps'; from: string; to: string }
>;
export type Proposal = Readonly<{ candidate: Candidate; reasons: readonly Reason[] }>;

/** What is asked: for a gap of a series, from these. */
export type NextQuestion = Readonly<{
  series: Series;
  covered: readonly CoveredSession[];
  candidates: readonly Candidate[];
  sessionId: string;
}>;

/* Prices, in what one skill that is missing costs. All of them our own judgement. */
const MISSING_SKILL = 1;
const MISSING_FAMILY = 0.5;
const SAME_IN_TWO_GAPS = 4;
const LED_LATELY = 3;
/** The same story with other moves is half as stale. */
const SAME_STORY = 0.5;
const NEWS_DAYS = 42;
const TOO_LONG = 12;
const TOO_SHORT = 2;
const LACKS = 0.6;
const WRONG_AGE = 1.5;
const FAVOURITE_DUE = -3;
/** Of what is like a proposal that is there already. */
const ANOTHER_OF_A_KIND = 3;
/** A skill should come in one session of so many. */
const SKILL_IN = 3;
/** A family should have this share of the work. */
const FAMILY_SHARE = 0.15;
/** So many gaps are filled together, the asked one with those that follow; so many candidates for each. */
const GAPS_TOGETHER = 4;
const CANDIDATES_EACH = 16;
const PROPOSALS = 3;

type Option = Readonly<{ cost: number; candidate: Candidate }>;
type Gap = Choice<Option> & Readonly<{ sessionId: string; day: Day }>;

/** Days since an adventure last came, counted to a day; null where it never did. */
function daysSince(candidate: Candidate, { series }: NextQuestion, day: Day): number | null {
  const days = series.sessions
    .filter(({ adventureId }) => adventureId === candidate.adventure.id)
    .map((session) => session.day);
  const all = candidate.lastDay === null ? days : [...days, candidate.lastDay];
  if (all.length === 0) return null;
  return Math.min(...all.map((one) => Math.abs(daysBetween(one, day))));
}

/** What the moves of a candidate need that isn't there. */
function lackingIn({ adventure }: Candidate, setting: Setting): readonly string[] {
  return [...new Set(movesUsed(adventure).flatMap((move) => lacksOf(move, setting)))];
}

/** A favourite that should come by now. */
function favouriteDue(candidate: Candidate, question: NextQuestion, day: Day): number | null {
  const found = question.series.favourites.find(({ adventureId }) => adventureId === candidate.id);
  if (!found) return null;
  const since = daysSince(candidate, question, day);
  const isDue = since === null || since >= found.every * question.series.everyDays;
  return isDue ? found.every : null;
}

/** What a candidate costs by itself on a day, whatever else is in the row. */
export function costOf(candidate: Candidate, question: NextQuestion, day: Day): number {
  const { setting } = question.series;
  const { seconds } = candidate.sums;
  const over = seconds / setting.slotSeconds - 1;
  const { ages } = candidate.adventure.setting;
  const off = Math.max(0, ages.from - setting.ages.from) + Math.max(0, setting.ages.to - ages.to);
  const since = daysSince(candidate, question, day);
  const isDue = favouriteDue(candidate, question, day) !== null;
  const stale = candidate.kind === 'other moves' ? LED_LATELY * SAME_STORY : LED_LATELY;
  const again = since === null || isDue ? 0 : stale * Math.max(0, 1 - since / NEWS_DAYS);
  return (
    again +
    (over > 0 ? over * TOO_LONG : -over * TOO_SHORT) +
    LACKS * lackingIn(candidate, setting).length +
    WRONG_AGE * off +
    (isDue ? FAVOURITE_DUE : 0)
  );
}

const hasSkill = (sums: SessionSums, id: string) => (sums.skills[id] ?? 0) > 0;

/** Skills for the ages of a series that are missing over a row of `places` sessions, and by how many sessions. */
export function missingSkills(
  { series, covered }: Pick<NextQuestion, 'series' | 'covered'>,
  places: number,
): ReadonlyMap<string, number> {
  const sums = covered.flatMap((one) => countsOf(one) ?? []);
  const wanted = Math.max(1, Math.floor(places / SKILL_IN));
  return new Map(
    SKILLS.filter(({ often }) => often <= series.setting.ages.to).flatMap(({ id }) => {
      const there = sums.filter((one) => hasSkill(one, id)).length;
      return there < wanted ? [[id, wanted - there]] : [];
    }),
  );
}

/** Seconds of work in a family of skills. */
function familySeconds({ skills }: SessionSums, family: string): number {
  return SKILLS.filter((one) => one.family === family).reduce(
    (sum, { id }) => sum + (skills[id] ?? 0),
    0,
  );
}

const anySkill = (sums: SessionSums) =>
  Object.values(sums.skills).reduce((all, one) => all + one, 0);

/** What the row as a whole should have, once its gaps are filled. */
function rulesFor(question: NextQuestion, gaps: readonly Gap[]): Rule<Option, Gap>[] {
  const filled = question.covered.flatMap((one) => countsOf(one) ?? []);
  const missing = missingSkills(question, filled.length + gaps.length);
  const skills = [...missing].map(([id, least]): Rule<Option, Gap> => ({
    least: Math.min(least, gaps.length),
    most: Infinity,
    price: MISSING_SKILL,
    amount: ({ candidate }) => (hasSkill(candidate.sums, id) ? 1 : 0),
  }));
  const families = SKILL_FAMILIES.map((family): Rule<Option, Gap> => {
    const over = (sums: SessionSums) => familySeconds(sums, family) - FAMILY_SHARE * anySkill(sums);
    const before = filled.reduce((all, sums) => all + over(sums), 0);
    return {
      least: -before / 60,
      most: Infinity,
      price: MISSING_FAMILY,
      amount: ({ candidate }) => over(candidate.sums) / 60,
    };
  });
  const ids = new Set(gaps.flatMap(({ options }) => options.map(({ candidate }) => candidate.id)));
  const once =
    gaps.length < 2
      ? []
      : [...ids].map((id): Rule<Option, Gap> => ({
          least: 0,
          most: 1,
          price: SAME_IN_TWO_GAPS,
          amount: ({ candidate }) => (candidate.id === id ? 1 : 0),
        }));
  return [...skills, ...families, ...once];
}

/** The price of a plan as the programme has it: what each option costs, and what is missing in the row. */
export function priceOf(
  gaps: readonly Gap[],
  rules: readonly Rule<Option, Gap>[],
  plan: readonly number[],
): number {
  const own = gaps.reduce((sum, { options }, n) => sum + options[plan[n]!]!.cost, 0);
  return own + offPrice(gaps, rules, plan);
}

/** The gaps that are filled together, each with the candidates that are likeliest for it. */
function gapsFor(question: NextQuestion): readonly Gap[] {
  const { series, candidates, sessionId } = question;
  const asked = series.sessions.find(({ id }) => id === sessionId);
  if (!asked) return [];
  const others = series.sessions.filter(
    (session) => isGap(session) && session.id !== sessionId && session.day > asked.day,
  );
  const filled = question.covered.filter((one) => countsOf(one)).length;
  const missing = missingSkills(question, filled + 1);
  const brings = ({ sums }: Candidate) =>
    [...missing.keys()].filter((id) => hasSkill(sums, id)).length * MISSING_SKILL;
  return [asked, ...others].slice(0, GAPS_TOGETHER).map(({ id, day }) => ({
    sessionId: id,
    day,
    options: candidates
      .map((candidate): Option => ({ candidate, cost: costOf(candidate, question, day) }))
      .map((option) => ({ option, worth: option.cost - brings(option.candidate) }))
      .sort((a, b) => a.worth - b.worth)
      .slice(0, CANDIDATES_EACH)
      .map(({ option }) => option),
  }));
}

/** The gaps and the rules of a question: what the optimisation is given. */
export function programmeFor(question: NextQuestion) {
  const gaps = gapsFor(question);
  return { gaps, rules: rulesFor(question, gaps) };
}

function reasonsFor(candidate: Candidate, question: NextQuestion, day: Day): readonly Reason[] {
  const { series, covered } = question;
  const { slotSeconds } = series.setting;
  const { seconds } = candidate.sums;
  const every = favouriteDue(candidate, question, day);
  const days = series.sessions
    .filter(({ adventureId, day: at }) => adventureId === candidate.adventure.id && at < day)
    .map(({ day: at }) => at);
  const last = [...days, ...(candidate.lastDay ? [candidate.lastDay] : [])].sort().at(-1);
  const missing = missingSkills(question, covered.length);
  const skills = [...missing.keys()]
    .filter((id) => hasSkill(candidate.sums, id))
    .map((id) => skillById(id)!.name);
  const lacks = lackingIn(candidate, series.setting);
  return [
    ...(every === null ? [] : [{ kind: 'favourite', every } as const]),
    ...(skills.length > 0 ? [{ kind: 'brings', skills: skills.slice(0, 4) } as const] : []),
    last === undefined ? ({ kind: 'new' } as const) : ({ kind: 'not lately', day: last } as const),
    seconds > slotSeconds + 0.5
      ? ({ kind: 'too long', seconds, slotSeconds } as const)
      : ({ kind: 'fits', seconds, slotSeconds } as const),
    ...(lacks.length > 0 ? [{ kind: 'needs', things: lacks } as const] : []),
    ...(candidate.swaps ?? []),
  ];
}

/**
 * Three proposals for a gap, the best first: what fills this gap and those after it best together, then the
 * best without it, then without both; rather of other kinds. Deterministic. Fewer where there are fewer.
 */
export function proposalsFor(question: NextQuestion): readonly Proposal[] {
  const { gaps, rules } = programmeFor(question);
  const proposals: Proposal[] = [];
  let open = gaps;
  while (proposals.length < PROPOSALS && (open[0]?.options.length ?? 0) > 0) {
    const [choice] = pick<Option, Gap>(open, rules);
    const { candidate } = open[0]!.options[choice!]!;
    const { day } = open[0]!;
    proposals.push({ candidate, reasons: reasonsFor(candidate, question, day) });
    open = open.map((gap, n) => {
      if (n > 0) return gap;
      const options = gap.options
        .filter((option) => option.candidate.id !== candidate.id)
        .map((option) =>
          option.candidate.kind === candidate.kind
            ? { ...option, cost: option.cost + ANOTHER_OF_A_KIND }
            : option,
        );
      return { ...gap, options };
    });
  }
  return proposals;
}
