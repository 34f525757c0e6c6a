import { counted, listInWords, type FoundBeat, type Reviewed } from '$core';

/** How sure a place is, in a word. */
export function surety({ confidence, state }: Pick<FoundBeat, 'confidence' | 'state'>): string {
  if (confidence >= 0.85) return '';
  if (confidence >= 0.6) return state === 'left out' ? 'probably' : 'fairly sure';
  return 'not sure';
}

const STATES: Readonly<Record<FoundBeat['state'], string>> = {
  led: '',
  'left out': 'left out',
  twice: 'done twice',
  'out of order': 'not in its place',
};

export const stateInWords = (state: FoundBeat['state']): string => STATES[state];

/** A name with its round, from the second on: "squat, round 2". */
export const inRound = (label: string, round = 0): string =>
  round > 1 ? `${label}, round ${round}` : label;

/** What is worth knowing of a recording, in a sentence: "Two things were left out, one count got lost." */
export function whatHappened({ moments }: Pick<Reviewed, 'moments'>): string {
  const of = (kind: string) => moments.filter((moment) => moment.kind === kind).length;
  const said = (n: number, one: string, many: string) => (n > 0 ? [counted(n, one, many)] : []);
  const parts = [
    ...said(of('left out'), 'thing left out', 'things left out'),
    ...said(of('twice'), 'thing done twice', 'things done twice'),
    ...said(of('out of order'), 'thing not in its place', 'things not in their place'),
    ...said(of('count'), 'count that wasn’t as planned', 'counts that weren’t as planned'),
    ...said(of('too short'), 'rest or drink cut short', 'rests or drinks cut short'),
    ...said(of('sets'), 'move with a set too few', 'moves with sets too few'),
    ...said(of('one side'), 'move on one side only', 'moves on one side only'),
  ];
  return parts.length === 0 ? 'Everything was there, in its order.' : `${listInWords(parts)}.`;
}
