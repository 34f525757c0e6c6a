import { doseWith } from '../chance/amount';
import { urnOf } from '../chance/urn';
import type { DrawSetup } from '../chance/setup';
import type { Doing, Nth } from '../cues/cue';
import type { Pace } from '../cues/pace';
import { TOLD, type LeadIn, type Score } from '../cues/score';
import { addAction, firstDoing } from '../cues/sets';
import { speechSeconds } from '../cues/speech';
import { TIMINGS } from '../cues/timing';
import { addTurn, doingOf, sidesOf } from '../cues/work';
import { deviceFile } from '../devices';
import type { Action } from '../model/action';
import { isSum } from '../model/chance';
import { showsEach } from '../model/led';
import { plainDose } from '../model/dose';
import type { ResolvedDraw } from '../model/resolved-draw';
import type { Setting } from '../model/setting';
import { moveIn } from '../moves/move-book';
import { metresToPlaces } from '../room/spots';
import { saidTogether } from '../words/said-together';
import type { Draw } from './draw-schema';

/**
 * The action that a draw comes to: the entry's or the stand-in's, with the amount drawn. Where the
 * room says how far, `actionInRoom` puts the metres in.
 */
export function actionOf(beat: DrawSetup, draw: ResolvedDraw): Action {
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
export function outcomeLabel({ device, entries }: DrawSetup, draw: ResolvedDraw): string {
  return deviceFile(device).outcomeLabel(entries[draw.entry]!, draw.value);
}

/** "7 times 2": the children's sum, where there is one to ask; empty where there is none. */
function sumToAsk({ amount }: Draw, { number }: ResolvedDraw): string {
  if (!isSum(amount) || !amount.ask || number === null) return '';
  const times = amount.times === 1 ? '' : ` times ${amount.times}`;
  const plus =
    amount.plus === 0 ? '' : ` ${amount.plus > 0 ? 'and' : 'less'} ${Math.abs(amount.plus)}`;
  return times || plus ? `How many is ${number}${times}${plus}?` : '';
}

/** A list read in order or a call takes no throw, unless a number is thrown for it. */
function isReadOut({ device, rules, amount }: Draw): boolean {
  const named = rules.returns === 'in order' || deviceFile(device).isReadOut;
  return named && amount.from !== 'number die';
}

/** Seconds from the end of the work before to the read-out: by who throws. */
function throwSeconds(beat: Draw, { pace, how }: Score): number {
  // A list that they follow is named as it is done.
  if (isReadOut(beat) && beat.rules.returns === 'in order' && how.led === 'follow me') return 0;
  if (isReadOut(beat)) return TIMINGS.readOut.usual;
  const { thrower } = beat.rules;
  if (thrower === 'child') return pace.childThrowSeconds ?? TIMINGS.childThrow.usual;
  return (
    pace.throwSeconds ?? TIMINGS[thrower === 'presenter' ? 'presenterThrow' : 'screenThrow'].usual
  );
}

/** Seconds of the children's sum: all of them do it where a child has thrown. */
function sumSeconds({ rules }: Draw, question: string, pace: Pace): number {
  const alone = speechSeconds(question, pace);
  const withChild = TIMINGS.childThrowWithSum.usual - TIMINGS.childThrow.usual;
  return rules.thrower === 'child' ? Math.max(alone, withChild) : alone;
}

/** However little time getting there leaves, there is a moment to do it. */
const SHORTEST_TURN_SECONDS = 1;

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
  score.flowTo(move, travel);
  addTurn(score, move, travel);
}

/**
 * What comes before a move that was drawn: the first time its line, and its showing where the beat asks
 * for that itself; after that only its name, which is read out.
 */
function leadInto(beat: Draw, { isFirst }: ResolvedDraw, action: Action, score: Score): LeadIn {
  if (!isFirst || score.how.show === 'first') return TOLD;
  return { line: score.lineBefore(action), shown: beat.show !== null && showsEach(beat.show) };
}

/**
 * Moves straight on in `seconds`, all told: getting down and up is in it, two sides share it, and what
 * is to be said is said meanwhile.
 */
function addByTheClock(score: Score, actions: readonly Action[], nth: Nth, seconds: number): void {
  const began = score.totalSeconds;
  actions.forEach((action, n) => {
    const move = score.move(action);
    const unit = action.dose.unit === 'hold' ? 'hold' : 'seconds';
    const doing = doingOf(score, action, { unit, amount: seconds, round: nth });
    score.flowTo(move, doing);
    const left = (seconds * (n + 1)) / actions.length - (score.totalSeconds - began);
    const sides = sidesOf(action.dose.sides);
    const amount = Math.max(SHORTEST_TURN_SECONDS, left) / sides.length;
    const from = score.cues.length;
    for (const side of sides) addTurn(score, move, { ...doing, amount, side });
    const { line, meanwhile } = action.guise;
    score.sayMeanwhile(saidTogether(line, meanwhile), from, doing);
  });
}

/**
 * One draw from the throw to the end of its work. A line that is said or a move that is shown comes the
 * first time only. Nobody counts in before a call, unless the beat says so.
 */
export function addDraw(score: Score, beat: Draw, draw: ResolvedDraw, nth: Nth): void {
  if (isReadOut(beat)) score.how = { ...score.how, countIn: beat.countIn ?? false };
  const action = actionInRoom(beat, draw, score.setting.room);
  const doing = firstDoing(score, action, nth);
  addTravel(score, beat, draw, doing);
  const reading = throwSeconds(beat, score);
  score.add('draw', reading, outcomeLabel(beat, draw), { doing });
  const { eachSeconds } = beat.rules;
  const following = draw.standIn ? [] : beat.entries[draw.entry]!.then;
  const actions = [action, ...following].map((one) =>
    draw.isFirst ? one : { ...one, guise: { ...one.guise, line: '', meanwhile: '' } },
  );
  if (eachSeconds !== null) return addByTheClock(score, actions, nth, eachSeconds - reading);
  const sum = sumToAsk(beat, draw);
  if (sum) score.add('ask', sumSeconds(beat, sum, score.pace), sum, { doing });
  for (const one of actions) {
    addAction(score, one, firstDoing(score, one, nth), leadInto(beat, draw, one, score));
  }
}

/** What is said and shown before the first draw. */
export function openDraws(beat: Draw, score: Score): void {
  score.say(beat.say);
  if (!urnOf(beat).ok || score.how.show !== 'first') return;
  for (const { action, then } of beat.entries) {
    for (const one of [action, ...then]) {
      score.show(one, firstDoing(score, one, { n: 1, of: 1 }));
    }
  }
}

/** Draws as they were resolved; a beat that cannot be drawn from only says its line. */
export function leadDraws(beat: Draw, score: Score): void {
  openDraws(beat, score);
  if (!urnOf(beat).ok) return;
  const draws = score.drawsOf(beat);
  const from = score.cues.length;
  draws.forEach((draw, index) => addDraw(score, beat, draw, { n: index + 1, of: draws.length }));
  score.sayMeanwhile(beat.meanwhile, from, null, isOverThrows(beat));
}

/** While a child gets up and throws, the leader can talk. */
export const isOverThrows = ({ rules }: Draw) => rules.thrower === 'child';
