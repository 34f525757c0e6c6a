import { doseWith } from '../../chance/amount';
import { potOf } from '../../chance/pot';
import type { ResolvedDraw } from '../../chance/resolve';
import type { Action, Draw } from '../../model/beat';
import { moveIn } from '../../moves/move-book';
import type { Doing, Nth } from '../cue';
import type { Score } from '../score';
import { DRAW_SECONDS, QUESTION_WAIT_SECONDS, READ_OUT_SECONDS } from '../timing';
import { addSets, firstDoing } from './sets';
import { addTurn, doingOf } from './work';

/** The action that a draw comes to: the entry's or the stand-in's, with the amount drawn. */
export function actionOf(beat: Draw, draw: ResolvedDraw): Action {
  const entry = beat.entries[draw.entry]!.action;
  const action = draw.standIn ? (beat.rules.standIn ?? entry) : entry;
  return draw.amount === null ? action : { ...action, dose: doseWith(action.dose, draw.amount) };
}

/** What is on the face, the card, the sector: "5", "heron 7", "B". */
export function outcomeLabel(beat: Draw, { entry, value }: ResolvedDraw): string {
  const { label } = beat.entries[entry]!;
  if (beat.device.kind === 'die') return String(value);
  return beat.device.kind === 'deck' ? `${label} ${value}`.trim() : label;
}

/** "7 times 2": the children's sum, where there is one to ask; empty where there is none. */
function sumToAsk({ amount }: Draw, { number }: ResolvedDraw): string {
  if (amount.from === 'dose' || !amount.ask || number === null) return '';
  const times = amount.times === 1 ? '' : ` times ${amount.times}`;
  const plus =
    amount.plus === 0 ? '' : ` ${amount.plus > 0 ? 'and' : 'less'} ${Math.abs(amount.plus)}`;
  return times || plus ? `How many is ${number}${times}${plus}?` : '';
}

/** A list read in order or a call takes no throw: it is only read out. */
const drawSeconds = ({ device, rules }: Draw) =>
  rules.returns === 'in order' || device.kind === 'calls' || device.kind === 'leader'
    ? READ_OUT_SECONDS
    : DRAW_SECONDS;

function addTravel(score: Score, beat: Draw, draw: ResolvedDraw, doing: Doing): void {
  const { between } = beat.rules;
  if (!between || draw.betweenSeconds === 0) return;
  const move = moveIn(score.book, between.move);
  const part = { ...beat.entries[draw.entry]!.action, id: doing.part, move: move.id };
  const guise = { ...part.guise, name: '', picture: '' };
  const travel = doingOf(
    score,
    { ...part, guise },
    { unit: 'seconds', amount: draw.betweenSeconds, round: doing.round },
  );
  score.change(move, travel, true);
  addTurn(score, move, travel);
}

/** One draw from the throw to the end of its work. */
export function addDraw(score: Score, beat: Draw, draw: ResolvedDraw, nth: Nth): void {
  const action = actionOf(beat, draw);
  const doing = firstDoing(score, action, nth);
  addTravel(score, beat, draw, doing);
  score.add('draw', drawSeconds(beat), outcomeLabel(beat, draw), { doing });
  const sum = sumToAsk(beat, draw);
  if (sum) score.add('ask', QUESTION_WAIT_SECONDS, sum, { doing });
  score.change(score.move(action), doing, false);
  if (beat.show === 'each') score.show(action, doing);
  else score.say(action.guise.line, doing);
  addSets(score, { flowing: false }, action, doing);
}

/** Draws as they were resolved; a beat that cannot be drawn from only says its line. */
export function unrollDraw(beat: Draw, score: Score): void {
  score.say(beat.say);
  if (!potOf(beat).ok) return;
  const draws = score.drawsOf(beat);
  const of = draws.length;
  if (beat.show === 'first') {
    for (const { action } of beat.entries) {
      score.show(action, firstDoing(score, action, { n: 1, of }));
    }
  }
  draws.forEach((draw, index) => addDraw(score, beat, draw, { n: index + 1, of }));
}
