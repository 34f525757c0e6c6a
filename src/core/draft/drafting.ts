import { seededRandom, seedFor, type Random } from '../chance/random';
import { beatsFromReading, readQuickLine } from '../beats/quick-line';
import type { Beat } from '../beats';
import type { Pace } from '../cues/pace';
import type { Adventure, Chapter } from '../document/adventure';
import { newAdventure } from '../document/new-adventure';
import { usualLimits } from '../findings/usual-limits';
import { suits, type IdeaContext } from '../ideas/ideas';
import type { WordNet } from '../ideas/word-net';
import type { LineTools } from '../language/part-reader';
import { usualAction } from '../language/usual-action';
import type { ChapterKind } from '../model/chapter-kinds';
import { ageBandOf } from '../model/ages';
import { childrenIn } from '../model/setting';
import type { Move } from '../model/move';
import type { NewId } from '../model/new-id';
import type { MoveBook } from '../moves/move-book';
import { makeMoveFinder } from '../moves/move-finder';
import { capital } from '../words/capital';
import type { SoundBook } from '../words/phonemes';
import { remember } from '../words/remember';
import { chooseMoves, landingsOf, type ChosenStop } from './choose';
import { fetchedIn, gameNeeds, gameOf, gameSeconds, low, stopSeconds, throws } from './games';
import { learnedGame } from './learned';
import { CALMS, COOL_DOWNS, WARM_UPS, type Stop } from './scenes';
import { scenesFor } from './scenes-for';
import type { DraftPart, DraftTry, DraftWish } from './wish';
import {
  goodbyeLines,
  letterWord,
  shuffled,
  welcomeLines,
  wordsOf,
  type Spoken,
  type Words,
} from './words';

export type DraftTools = Readonly<{
  book: MoveBook;
  net: WordNet | null;
  /** Needed for a strip of letters only. */
  sounds: SoundBook | null;
  pace: Pace;
  newId: NewId;
  lately?: ReadonlySet<string>;
}>;

/** What comes before and after the way, in seconds, in a session of ten minutes. Our own judgement. */
const AROUND_SECONDS = 190;
const SHORT_SECONDS = 7 * 60;
/** Sets and larger amounts come later: a plan begins with this share of the landings that are usual. */
const LANDINGS_SHARE = 0.5;
/** From here on moves are done in more and more sets, and land as often. */
const LONG_SECONDS = 10 * 60;
/** Longest way without a drink, in seconds; findings allow five minutes of moving. */
const DRINK_AFTER_SECONDS = 4.2 * 60;
/** A number is thrown or drawn up to this, at the most. */
const TOP_NUMBER = 10;
const LEAST_TOP = 4;

/** Made once for all tries. */
const finderOf = remember(makeMoveFinder);

/** One try at a draft: its parts, each with chances of its own. */
export class Drafting {
  readonly #tools: DraftTools;
  readonly #wish: DraftWish;
  readonly #words: Words;
  readonly #lines: LineTools;
  readonly #context: IdeaContext;
  readonly #from: DraftTry;

  constructor(wish: DraftWish, tools: DraftTools, from: DraftTry) {
    this.#wish = wish;
    this.#tools = tools;
    this.#words = wordsOf(wish);
    this.#from = from;
    const { setting } = wish;
    this.#lines = {
      finder: finderOf(tools.book),
      ages: setting.ages,
      kit: setting.kit,
      book: tools.sounds,
    };
    this.#context = { book: tools.book, setting, net: tools.net, lately: tools.lately };
  }

  /** Chances of a part: another part that is drawn again leaves it as it is. */
  #random(part: DraftPart): Random {
    const again = this.#wish.again?.[part] ?? 0;
    return seededRandom(
      seedFor(this.#wish.seed + again * 7919 + this.#from.attempt * 104_729, part),
    );
  }

  #say(text: string, wait?: number): Beat {
    const waits = wait === undefined ? {} : { waitSeconds: wait };
    return { kind: 'tell', id: this.#tools.newId('bt'), text, ...waits };
  }

  /** A move in the story, as usual for the age, on each side where it has sides. */
  #do(move: Move, { name, line }: Stop): readonly Beat[] {
    const usual = usualAction(move, this.#wish.setting.ages);
    const dose = { ...usual.dose, sides: move.sided ? ('each' as const) : ('any' as const) };
    const guise = { ...usual.guise, name, line };
    const action = { ...usual, dose, guise };
    return beatsFromReading({ kind: 'move', actions: [action], rounds: 1 }, this.#making());
  }

  #making() {
    return { newId: this.#tools.newId, seed: this.#wish.seed };
  }

  /** A line as a presenter types it. */
  #typed(line: string): readonly Beat[] {
    return beatsFromReading(readQuickLine(line, this.#lines), this.#making());
  }

  #chapter(
    kind: ChapterKind,
    title: string,
    beats: readonly Beat[],
    led: Chapter['led'] = null,
  ): Chapter {
    return { id: this.#tools.newId('ch'), kind, title, led, beats };
  }

  #spoken(lines: readonly Spoken[]): readonly Beat[] {
    return lines.map(({ text, wait }) => this.#say(text, wait));
  }

  #welcome(): Chapter {
    const filmed = this.#wish.setting.place === 'filmed';
    const lines = welcomeLines(this.#words, filmed, this.#random('welcome'));
    return this.#chapter('welcome', 'Welcome', this.#spoken(lines));
  }

  #among(
    list: typeof WARM_UPS,
    count: number,
    random: Random,
    taken: ReadonlySet<string> = new Set(),
  ): readonly Beat[] {
    const { book } = this.#tools;
    const fitting = list.filter(([id]) => {
      const move = book.get(id);
      return move && !taken.has(id) && suits(move, this.#wish.setting);
    });
    return shuffled(fitting, random)
      .slice(0, count)
      .flatMap(([id, name, line]) => this.#do(book.get(id)!, { name, line }));
  }

  #warmUp(taken: ReadonlySet<string>): Chapter {
    const random = this.#random('warm-up');
    const { place } = this.#words;
    const count = this.#wish.setting.slotSeconds < SHORT_SECONDS ? 2 : 3;
    const march = this.#do(this.#tools.book.get('march')!, {
      name: 'the way there',
      line: place ? `Off we march to ${place}. Swing your arms.` : 'Off we march. Swing your arms.',
    });
    const others = this.#among(WARM_UPS, count, random, taken);
    return this.#chapter('warm-up', 'Warm-up', [...march, ...others], 'follow me');
  }

  /** As many places as the slot has time for, those of the scene first. */
  #stops(random: Random): Stop[] {
    const { setting, shape } = this.#wish;
    const { slotSeconds } = setting;
    const around = Math.min(AROUND_SECONDS, slotSeconds * 0.45);
    const left = slotSeconds - around - gameSeconds(shape, slotSeconds);
    const [least] = gameNeeds(shape) ?? [0];
    const wanted = left / stopSeconds(setting);
    const count = Math.max(3, least, Math.round(wanted * this.#from.stretch));
    const scenes = scenesFor(this.#wish, this.#tools.net);
    const all = scenes.flatMap(({ stops }) => shuffled(stops, random));
    return all
      .filter(({ name }, n) => all.findIndex((one) => one.name === name) === n)
      .slice(0, count);
  }

  /** What the shape asks for besides the way; null for a way alone. */
  #game(chosen: readonly ChosenStop[]): Readonly<{
    chapter: Chapter;
    few: readonly ChosenStop[];
  }> | null {
    const { shape, setting } = this.#wish;
    const needs = gameNeeds(shape);
    const band = ageBandOf(setting.ages);
    const topOf = ({ move }: ChosenStop) =>
      move.usual.unit === 'hold' || move.usual.unit === 'metres' ? 0 : move.usual.range[band][1];
    const calm = chosen.filter(({ move }) => move.space !== 'room' && move.landingsPerRep === 0);
    const counted = [...calm].sort((a, b) => topOf(b) - topOf(a));
    const rest = chosen.filter((one) => !calm.includes(one));
    const few = needs ? [...counted, ...rest].slice(0, needs[1]) : [];
    if (needs && few.length < needs[0]) return null;
    const tops = few.map(topOf).filter((top) => top >= LEAST_TOP);
    const seconds = gameSeconds(shape, setting.slotSeconds) * 0.7;
    const top = Math.min(TOP_NUMBER, ...tops);
    const numbers = [low(top), top] as const;
    const making = { throws: throws(seconds, 5), numbers };
    const rides = learnedGame(this.#wish, this.#lines.finder, making);
    const [word, children] = [letterWord(this.#wish), childrenIn(setting)];
    const given = { chosen: few, seconds, word, top, children, ...fetchedIn(setting) };
    const game = rides ?? gameOf(shape, given);
    if (!game) return null;
    const typed = game.lines.flatMap((line) => this.#typed(line));
    const led = game.stays ? typed.map((beat) => ({ ...beat, fit: 'stays' as const })) : typed;
    const beats = [this.#say(game.say), ...led];
    // What's learned has moves of its own: those of the way are done on the way.
    return { chapter: this.#chapter('game', 'The game', beats), few: rides ? [] : few };
  }

  /** The way in stretches with a drink between, each with moves that are unlike those before it. */
  #way(): readonly ChosenStop[][] {
    const random = this.#random('adventure');
    const { setting } = this.#wish;
    const stops = this.#stops(random);
    const most = Math.max(3, Math.floor(DRINK_AFTER_SECONDS / stopSeconds(setting)));
    const count = Math.ceil(stops.length / most);
    const each = Math.ceil(stops.length / count);
    let landings =
      usualLimits(setting.ages).landings *
      LANDINGS_SHARE *
      Math.min(1, LONG_SECONDS / setting.slotSeconds);
    const taken = new Set<string>();
    const way: ChosenStop[][] = [];
    for (let n = 0; n < count; n += 1) {
      const part = stops.slice(n * each, (n + 1) * each);
      const context = { ...this.#context, beside: taken };
      const chosen = chooseMoves(part, context, random, landings / (count - n));
      for (const { move } of chosen) {
        taken.add(move.id);
        landings -= landingsOf(move, setting.ages);
      }
      landings = Math.max(0, landings);
      way.push([...chosen]);
    }
    return way;
  }

  #adventure(): Readonly<{ chapters: readonly Chapter[]; taken: ReadonlySet<string> }> {
    const { want, place } = this.#words;
    const way = this.#way();
    const short = this.#wish.setting.slotSeconds < SHORT_SECONDS;
    const chosen = way.flat();
    const game = this.#game(chosen);
    const there = this.#say(`We’re there, and we ${want}. All of you helped.`);
    const chapters = way.map((stops, n) => {
      const isLast = n === way.length - 1;
      const title = n === 0 ? (place ? capital(place) : 'On the way') : 'Further on';
      const drinks = !isLast || (game && !short) ? this.#typed('drink') : [];
      // With little time what the game has is done in the game alone.
      const led = short && game ? stops.filter((one) => !game.few.includes(one)) : stops;
      const beats = led.flatMap(({ stop, move }) => this.#do(move, stop));
      return this.#chapter('adventure', title, [
        ...beats,
        ...drinks,
        ...(isLast && !game ? [there] : []),
      ]);
    });
    const last = game && { ...game.chapter, beats: [...game.chapter.beats, there] };
    const taken = new Set(chosen.map(({ move }) => move.id));
    // Where the game has all of it, nothing is left for the way.
    const full = chapters.filter(({ beats }) => beats.length > 0);
    return { chapters: last ? [...full, last] : full, taken };
  }

  #end(taken: ReadonlySet<string>): readonly Chapter[] {
    const short = this.#wish.setting.slotSeconds < SHORT_SECONDS;
    const coolDown = this.#among(COOL_DOWNS, short ? 2 : 3, this.#random('cool-down'), taken);
    const calm = this.#among(CALMS, 1, this.#random('calm'));
    const random = this.#random('goodbye');
    return [
      this.#chapter('cool-down', 'Cool-down', coolDown),
      this.#chapter('calm', 'Calm', calm),
      this.#chapter('goodbye', 'Goodbye', this.#spoken(goodbyeLines(this.#words, random))),
    ];
  }

  make(): Adventure {
    const { want, place, hero } = this.#words;
    const { setting, learning } = this.#wish;
    const { chapters, taken } = this.#adventure();
    // Left and right are said as the children have them, as most leaders do.
    const empty = newAdventure(this.#tools.newId, { ...setting, mirror: setting.mirror ?? true });
    return {
      ...empty,
      title: capital(want),
      learning,
      world: {
        ...empty.world,
        place,
        want: capital(want),
        cast: hero ? [{ name: capital(hero), role: '' }] : [],
      },
      chapters: [this.#welcome(), this.#warmUp(taken), ...chapters, ...this.#end(taken)],
    };
  }
}
