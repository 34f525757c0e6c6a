import { doseWith } from '../../chance/amount';
import { potOf } from '../../chance/pot';
import type { ResolvedDraw } from '../../chance/resolve';
import type { Action, Draw } from '../../model/beat';
import { isSum } from '../../model/chance';
import { plainDose } from '../../model/dose';
import type { Setting } from '../../model/setting';
import { moveIn } from '../../moves/move-book';
import { metresToPlaces } from '../../room/spots';
import type { Doing, Nth } from '../cue';
import type { Score } from '../score';
import { DRAW_SECONDS, QUESTION_WAIT_SECONDS, READ_OUT_SECONDS } from '../timing';
import { addSets, firstDoing } from './sets';
import { addTurn, doingOf } from './work';

/**
 * The action that a draw comes to: the entry's or the stand-in's, with the amount drawn. Where the
 * room says how far, `actionInRoom` puts the metres in.
 */
export function actionOf(beat: Draw, draw: ResolvedDraw): Action {
  const entry = beat.entries[draw.entry]!.action;
  const action = draw.standIn ? (beat.rules.standIn ?? entry) : entry;
  return draw.amount === null ? action : { ...action, dose: doseWith(action.dose, draw.amount) };
}

/** The same, with the metres from the middle of the room to the spot of the entry. */
function actionInRoom(beat: Draw, draw: ResolvedDraw, room: Setting['room']): Action {
  const action = actionOf(beat, draw);
  if (beat.amount.from !== 'room' || draw.standIn) return action;
  const metres = metresToPlaces(
    room,
    beat.entries.map(({ label }) => label),
  )[draw.entry]!;
  const { ways } = action.dose;
  return { ...action, dose: { ...plainDose('metres', metres), ways } };
}

/** What is on the face, the card, the sector: "5", "heron 7", "B". */
export function outcomeLabel(beat: Draw, { entry, value }: ResolvedDraw): string {
  const { label } = beat.entries[entry]!;
  if (beat.device.kind === 'die') return String(value);
  return value === null ? label : `${label} ${value}`.trim();
}

/** "7 times 2": the children's sum, where there is one to ask; empty where there is none. */
function sumToAsk({ amount }: Draw, { number }: ResolvedDraw): string {
  if (!isSum(amount) || !amount.ask || number === null) return '';
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

/** A move that was drawn: getting there, showing it or saying its line, and its sets. */
function addAction(score: Score, beat: Draw, action: Action, nth: Nth): void {
  const doing = firstDoing(score, action, nth);
  score.change(score.move(action), doing, false);
  if (beat.show === 'each') score.show(action, doing);
  else score.say(action.guise.line, doing);
  addSets(score, { flowing: false }, action, doing);
}

/** One draw from the throw to the end of its work. */
export function addDraw(score: Score, beat: Draw, draw: ResolvedDraw, nth: Nth): void {
  const action = actionInRoom(beat, draw, score.setting.room);
  const doing = firstDoing(score, action, nth);
  addTravel(score, beat, draw, doing);
  score.add('draw', drawSeconds(beat), outcomeLabel(beat, draw), { doing });
  const sum = sumToAsk(beat, draw);
  if (sum) score.add('ask', QUESTION_WAIT_SECONDS, sum, { doing });
  const following = draw.standIn ? [] : beat.entries[draw.entry]!.then;
  for (const one of [action, ...following]) addAction(score, beat, one, nth);
}

/** What is said and shown before the first draw. */
export function openDraws(beat: Draw, score: Score): void {
  score.say(beat.say);
  if (!potOf(beat).ok || beat.show !== 'first') return;
  for (const { action, then } of beat.entries) {
    for (const one of [action, ...then]) {
      score.show(one, firstDoing(score, one, { n: 1, of: 1 }));
    }
  }
}

/** Draws as they were resolved; a beat that cannot be drawn from only says its line. */
export function unrollDraw(beat: Draw, score: Score): void {
  openDraws(beat, score);
  if (!potOf(beat).ok) return;
  const draws = score.drawsOf(beat);
  draws.forEach((draw, index) => addDraw(score, beat, draw, { n: index + 1, of: draws.length }));
}
