/** What the rules say of small scripts, for tests. */
import { dictionary } from 'cmu-pronouncing-dictionary';
import type { Beat } from '../beats';
import type { Adventure } from '../document/adventure';
import { check, type Finding, type RuleId } from '../findings/check';
import { unroll } from '../schedule/unroll';
import { doseOf, moveBeat } from './make';

/** Everything that is told of an adventure as it is written. */
export const findings = (adventure: Adventure): readonly Finding[] =>
  check(adventure, adventure.setting, unroll(adventure), dictionary);

/** What one rule tells. */
export const toldBy = (adventure: Adventure, rule: RuleId): readonly Finding[] =>
  findings(adventure).filter((finding) => finding.rule === rule);

/** So many seconds of a move that they follow: nothing is shown before it. */
export const timed = (move: string, seconds: number): Beat =>
  moveBeat([doseOf(move, seconds, { unit: 'seconds' })], { led: 'follow me' });
export const rest = (seconds: number): Beat => ({
  kind: 'drink',
  id: 'bt_rest',
  text: '',
  seconds,
});

export const forAge = (adventure: Adventure, from: number): Adventure => ({
  ...adventure,
  setting: { ...adventure.setting, ages: { from, to: from } },
});
