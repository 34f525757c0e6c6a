import { Drawing } from '../chance/machine';
import { urnOf, type Urn } from '../chance/urn';
import type { Random } from '../chance/random';
import { drawNext, type SecondsOf } from '../chance/resolve';
import { type ResolvedDraw } from '../model/resolved-draw';
import { type Beat, movesOfBeat, unrollBeat } from '../beats';
import { isOverThrows, openDraws } from '../beats/draw-led';
import type { Draw } from '../beats/draw-schema';
import { plainSpeechSeconds } from '../cues/speech';
import type { Chapter } from '../document/adventure';
import { isSum } from '../model/chance';
import { isOwnWork, type Cue } from '../cues/cue';
import { drawLeader, measureDraws, movesBefore, type DrawContext } from '../schedule/draw-cues';
import { resolveDraws } from '../schedule/resolve-draws';
import { isWrittenOut } from '../schedule/written-out';
import { Score } from '../cues/score';
import type { Stance } from '../cues/stance';
import { Places } from './places';
import { SPAN, spansOf } from './spans';
import { asStretch, sumOfMove, type Stretch } from './stretch';

type Take = (stretch: Stretch) => void;

/** Something of the session, played from a stance: what it comes to, chance included, and so on. */
export type Step = (stance: number, random: Random, take: Take) => number;

/** The session made ready for being played many times over. */
export type SessionPlan = Readonly<{ steps: readonly Step[]; moves: readonly string[] }>;

/** Numbers for things that are met again and again, by a word for each. */
class Numbers<Thing> {
  readonly things: Thing[] = [];
  readonly #known = new Map<string, number>();

  of(word: string, thing: Thing): number {
    const known = this.#known.get(word);
    if (known !== undefined) return known;
    this.#known.set(word, this.things.length);
    return this.things.push(thing) - 1;
  }
}

/** A list read in order, its amounts and its travel set: nothing in it is left to chance. */
export function isSettled({ rules, amount }: Draw): boolean {
  const { between } = rules;
  const travels = between && between.leastSeconds < between.mostSeconds;
  return rules.returns === 'in order' && amount.from !== 'number die' && !travels;
}

/** A beat with the chapter that it stands in. */
type InChapter<B extends Beat = Beat> = Readonly<{ chapter: Chapter; beat: B }>;

/** Words that are said over all draws of a beat, and how long they take. */
function wordsOver(beat: Draw, pace: DrawContext['pace']): number {
  return beat.meanwhile.trim() ? plainSpeechSeconds(beat.meanwhile, pace) : 0;
}

/** Talk and nothing else: words that are longer than what they were to be said over. */
function onlyTalk(seconds: number, stance: number): Stretch {
  const sums: number[] = [];
  sums[SPAN.talk] = Math.round(seconds * 1000) / 1000;
  return asStretch(sums, stance);
}

class PlanMaker {
  readonly stances = new Numbers<Stance>();
  readonly moves = new Numbers<string>();
  readonly #draws;

  constructor(readonly context: DrawContext) {
    const { adventure, setting, pace } = context;
    this.#draws = resolveDraws(adventure, setting, pace);
  }

  stance(stance: Stance): number {
    return this.stances.of(JSON.stringify(Object.values(stance)), stance);
  }

  stretch(cues: readonly Cue[], stance: Stance, overThrows = false): Stretch {
    const sums = [...spansOf(cues, overThrows)];
    for (const cue of cues) {
      if (!cue.doing || !isOwnWork(cue)) continue;
      const at = sumOfMove(this.moves.of(cue.doing.move, cue.doing.move));
      sums[at] = (sums[at] ?? 0) + cue.lengthSeconds;
      sums[at + 1] = (sums[at + 1] ?? 0) + cue.reps;
    }
    return asStretch(sums, this.stance(stance));
  }

  /** Beats in which nothing is left to chance, and the opening of the draws that follow. */
  fixed(beats: readonly InChapter[], opened: InChapter<Draw> | null): Step {
    const { adventure, setting, pace, book } = this.context;
    const known: (Stretch | undefined)[] = [];
    const make = (from: number): Stretch => {
      const score = new Score(
        adventure.defaults,
        setting,
        pace,
        book,
        ({ id }) => this.#draws.get(id) ?? [],
      );
      score.takeStance(this.stances.things[from]!);
      const first = beats[0] ?? opened;
      if (first) score.learn(movesBefore(adventure, first.beat.id));
      for (const { chapter, beat } of beats) {
        score.enter(chapter, beat, isWrittenOut(chapter));
        unrollBeat(beat, score);
        score.learn(movesOfBeat(beat));
      }
      if (opened) {
        score.enter(opened.chapter, opened.beat, isWrittenOut(opened.chapter));
        openDraws(opened.beat, score);
      }
      return this.stretch(score.cues, score.stance);
    };
    return (from, _random, take) => {
      const stretch = (known[from] ??= make(from));
      take(stretch);
      return stretch.stance;
    };
  }

  /** What a draw comes to, led from a stance; each that is asked for is worked out once. */
  #stretches(beat: Draw): (draw: ResolvedDraw, from: number) => Stretch {
    const lead = drawLeader(this.context, beat);
    const overThrows = isOverThrows(beat);
    const entries = beat.entries.length;
    // Keys close together keep the arrays plain: far apart they would be looked up as maps are.
    const amounts = isSum(beat.amount) ? beat.amount.most + 1 : 1;
    const known: (Stretch | undefined)[][] = [];
    return (draw, from) => {
      const { entry, standIn, amount, betweenSeconds, isFirst } = draw;
      const which = (from * entries + entry) * 4 + (standIn ? 2 : 0) + (isFirst ? 1 : 0);
      const row = (known[which] ??= []);
      const at = betweenSeconds * amounts + (amount ?? 0);
      const before = row[at];
      if (before) return before;
      const { cues, stance } = lead(draw, this.stances.things[from]!);
      return (row[at] = this.stretch(cues, stance, overThrows));
    };
  }

  /** The draws of a beat, played anew each time by the same machine as on the Stage. */
  draws(beat: Draw, urn: Urn): Step {
    const { rules, amount } = beat;
    const stretchOf = this.#stretches(beat);
    const measure = measureDraws(this.context, beat);
    const secondsOf: SecondsOf =
      rules.stop.after === 'seconds' ? (draw) => measure(draw).seconds : () => 0;
    const drawing = new Drawing(urn);
    const byMachine: Step = (from, random, take) => {
      drawing.reset();
      let stance = from;
      for (;;) {
        const draw = drawNext(beat, drawing, random, secondsOf);
        if (!draw) return stance;
        const stretch = stretchOf(draw, stance);
        take(stretch);
        stance = stretch.stance;
      }
    };
    const isPlain = !isSum(amount) && !rules.between;
    const places = new Places(urn, (draw, stance) => ({
      stretch: stretchOf(draw, stance),
      seconds: secondsOf(draw),
    }));
    const play: Step = (from, random, take) =>
      isPlain && !places.isFull ? places.play(from, random, take) : byMachine(from, random, take);
    return this.#withWordsOver(beat, play);
  }

  /** With the words that are said over all draws of a beat, where they are longer than those leave room for. */
  #withWordsOver(beat: Draw, play: Step): Step {
    const words = wordsOver(beat, this.context.pace);
    if (words === 0) return play;
    return (from, random, take) => {
      let quiet = 0;
      const stance = play(from, random, (stretch) => {
        quiet += stretch.quiet;
        take(stretch);
      });
      // Getting on from here is taken as if these words had not been said: they are rare.
      if (words > quiet) take(onlyTalk(words - quiet, stance));
      return stance;
    };
  }
}

/**
 * The adventure as steps that can be played a hundred thousand times: what chance does not touch
 * is unrolled once for each way of coming to it, and so is each draw. Played with no variation, a
 * session is exactly as long as its schedule. Draws that were made beforehand stay as they are.
 */
export function planSession(context: DrawContext): SessionPlan {
  const maker = new PlanMaker(context);
  const { adventure, setting, pace, book } = context;
  // The stance before anything has happened has the number 0.
  maker.stance(new Score(adventure.defaults, setting, pace, book).stance);
  const steps: Step[] = [];
  let fixed: InChapter[] = [];
  const all = adventure.chapters.flatMap((chapter) =>
    chapter.beats.map((beat): InChapter => ({ chapter, beat })),
  );
  for (const one of all) {
    const { chapter, beat } = one;
    const isOpen = beat.kind === 'draw' && beat.drawn === 'live' && !isSettled(beat);
    const urn = isOpen ? urnOf(beat) : null;
    if (beat.kind !== 'draw' || !urn?.ok) {
      fixed.push(one);
      continue;
    }
    steps.push(maker.fixed(fixed, { chapter, beat }), maker.draws(beat, urn.value));
    fixed = [];
  }
  if (fixed.length > 0) steps.push(maker.fixed(fixed, null));
  return { steps, moves: maker.moves.things };
}
