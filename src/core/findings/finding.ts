import type { Adventure } from '../document/adventure';
import type { NewId } from '../model/new-id';

/** Stop: a child may be hurt. Mend: it will not work as it stands. Think: worth a look. */
export const SEVERITIES = ['stop', 'mend', 'think'] as const;
export type Severity = (typeof SEVERITIES)[number];

/** Where a finding bites: a beat (and a part of it), or the whole adventure. */
export type FindingPlace = Readonly<{ beatId: string | null; part: string | null }>;
export const WHOLE: FindingPlace = { beatId: null, part: null };

/** A change of the document that mends it: pure, and one step to undo. */
export type Fix = (adventure: Adventure, newId: NewId) => Adventure;

/** What a rule has seen, as data; the words are found at the edge, by the rule's name. */
export type Seen = Readonly<{
  place: FindingPlace;
  severity: Severity;
  params: Readonly<Record<string, string | number>>;
  fix: Fix | null;
}>;

/** Where a rule's limit comes from. */
export type Source =
  | 'common practice'
  | 'our judgement'
  | 'Rowe, Wait time (1986)'
  | 'word lists of Spache and of Dale and Chall'
  | 'probability, e.g. Feller, vol. 1'
  | 'CMU Pronouncing Dictionary (American)'
  | 'sums of the script'
  | 'the move’s own facts';
