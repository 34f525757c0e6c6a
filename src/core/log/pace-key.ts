export const REP = 'rep ';

/** What a presenter's pace is made of; seconds a rep by move: "rep squat". */
export type PaceKey =
  | 'wordsPerMinute'
  | 'changeSeconds'
  | 'allReps'
  | 'showTimes'
  | 'throwSeconds'
  | 'childThrowSeconds'
  | `${typeof REP}${string}`;

export const PACE_KEY =
  /^(?:wordsPerMinute|changeSeconds|allReps|showTimes|throwSeconds|childThrowSeconds|rep .+)$/u;
