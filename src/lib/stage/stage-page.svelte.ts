import {
  isForOthers,
  moveBookOf,
  type AdaptationKind,
  type MoveBook,
  type TypedOutcome,
  moveOf,
  pointsOf,
} from '$core';
import { today } from '$lib/store/today';
import { preferences } from '$lib/store/preference-store.svelte';
import { notices } from '$lib/ui/notices.svelte';
import { untrack } from 'svelte';
import { CHANGE_WORDS, changeOfKey, SKIP_WORDS } from './adapt-words';
import { StageClock } from './clock';
import { Companions, type RemoteKey } from './companions';
import type { StagePlan } from './stage-plan';
import { longerInWords } from './longer-in-words';
import { shownOf, stillOf } from './shown';
import { StageSound } from './sound';
import { holdStage } from './stage-lock';
import { hushSpeech, speak } from './speech';
import { StageSession } from './stage.svelte';
import { startTicker, stayAwake } from './ticker';
import { typeKey } from './typing';

export const MOST_SPEED = 60;
const START_KEYS: ReadonlySet<string> = new Set([' ', 'Enter', 'ArrowRight', 'PageDown']);
/** What was changed is said for so long. */
const TOLD_MS = 3500;

/** Where a session goes on whose script was changed meanwhile. */
const CARRIED_ON = {
  'its beat': 'The script has changed since: you go on where that beat begins now.',
  'the next': 'The beat you stopped at is gone from the script: you go on with the one after it.',
  'the end': 'None of what was left is in the script any more: you’re at its end.',
} as const;

/** The page that a session is led from: what is pressed, heard and told to other windows. */
export class StagePage {
  session = $state.raw<StageSession | null>(null);
  stepwise = $state(false);
  speed = $state(1);
  /** The screen may go dark: it can't be kept on. */
  dims = $state(false);
  /** The changes are open. */
  changing = $state(false);
  /** What was changed, said for a moment. */
  told = $state('');
  /** What became of the last outcome that was typed. */
  typed = $state<'taken' | 'again' | null>(null);

  readonly plan: StagePlan;
  #sound: StageSound | null = null;
  #companions: Companions | null = null;
  /** Music of the presenter's own, in place of the loop. */
  #own: HTMLAudioElement | null = null;

  constructor(plan: StagePlan, speed: number) {
    this.plan = plan;
    this.speed = speed >= 1 && speed <= MOST_SPEED ? speed : 1;
  }

  readonly silent = $derived.by(() => preferences.current.muted || this.speed > 1);
  readonly #book = $derived.by<MoveBook | null>(() =>
    this.session ? moveBookOf(this.session.adventure) : null,
  );
  readonly #still = $derived.by(() => {
    const { session } = this;
    const doing = session?.cue?.doing;
    return (
      session &&
      stillOf(
        session,
        (doing && this.#book?.has(doing.move) && moveOf(this.#book, doing)) || null,
        preferences.pace,
      )
    );
  });
  /** What every window shows. */
  readonly shown = $derived.by(() => this.session && shownOf(this.session, this.#still));
  /** Changes when something changes that they show. */
  readonly #news = $derived.by(() =>
    this.session?.status === 'done'
      ? 'over'
      : this.shown && JSON.stringify({ ...this.shown, share: 0, elapsed: 0 }),
  );
  /** A line to be read aloud; empty while there is none. */
  readonly #line = $derived.by(() => {
    const { session } = this;
    // What is for others is said by the leader alone.
    if (session?.status !== 'running' || (session.beat && isForOthers(session.beat))) return '';
    return session.saying;
  });

  /** What keeps going while the page is shown: called once, where effects may be made. */
  attach(): void {
    $effect(() => this.#lead());
    $effect(() => {
      if (this.#news) untrack(() => this.#tellOthers());
    });
    $effect(() => {
      if (!this.#line || this.silent || !preferences.current.speak) return;
      speak(this.#line);
      return hushSpeech;
    });
    $effect(() => this.#setVolumes());
    $effect(() => {
      if (!this.told) return;
      const timer = setTimeout(() => (this.told = ''), TOLD_MS);
      return () => clearTimeout(timer);
    });
  }

  /** The clock's beat, a screen that stays on, and the line to the other windows. */
  #lead() {
    const { session } = this;
    if (!session) return;
    const stop = startTicker(() => session.update());
    const sleep = stayAwake((dims) => (this.dims = dims));
    const giveBack = holdStage(session.adventure.id, () =>
      notices.say(
        'Another window leads this adventure too. Close one of them: each keeps a log of its own.',
        undefined,
        true,
      ),
    );
    const line = new Companions(session.adventure.id);
    this.#companions = line;
    line.listen((message) => {
      if (message.type === 'key') this.#remoteKey(message.key);
      if (message.type === 'hello') this.#tellOthers();
    });
    return () => {
      stop();
      sleep();
      giveBack();
      this.#sound?.close();
      this.#own?.pause();
      line.close();
    };
  }

  #tellOthers(): void {
    if (this.session?.status === 'done') this.#companions?.tell({ type: 'over' });
    else if (this.shown) this.#companions?.tell(this.shown);
  }

  #remoteKey(key: RemoteKey): void {
    const { session } = this;
    if (!session || session.status === 'done') return;
    if (key === 'next') session.tapOrNext();
    else if (key === 'back') session.back();
    else if (key === 'go') session.goOrPause();
    else if (key === 'skip') this.skip();
    else this.change(key);
  }

  /** Called in the press of a button: browsers let no sound begin otherwise. */
  begin(carryOn: boolean): void {
    const { adventure, left, seed, replan, keeping } = this.plan;
    const { lines, holds, counts, music } = preferences.current;
    const { speed } = this;
    const clock = new StageClock(() => performance.now() / 1000, speed);
    this.#sound = new StageSound(new AudioContext(), clock);
    this.#sound.wake();
    this.#setVolumes();
    const started = new StageSession(
      adventure,
      // A rehearsal goes on by itself.
      { lines, holds, counts, sums: speed === 1 ? 'wait for me' : 'run on' },
      {
        clock,
        speed,
        today,
        keep: keeping.keep,
        newRunId: keeping.newRunId,
        seed,
        replan,
      },
    );
    if (speed === 1) started.sound = this.#sound;
    started.withMusic = music && speed === 1;
    if (started.withMusic) void this.#playOwn(started);
    if (carryOn && left) {
      const where = started.carryOn(
        left,
        Math.max(0, (Date.now() - Date.parse(left.savedAt)) / 1000),
      );
      if (where !== 'there') notices.say(CARRIED_ON[where], undefined, true);
    } else if (speed === 1) {
      keeping.noteLed();
    }
    started.go();
    if (this.stepwise) started.pause();
    this.session = started;
  }

  async #playOwn(session: StageSession): Promise<void> {
    this.#own = await this.plan.keeping.ownMusic();
    session.ownMusic = this.#own;
    this.#setVolumes();
  }

  /** What a key does while a session is led; null for a key that does nothing. */
  #actionOf(session: StageSession, key: string, onButton: boolean): (() => void) | null {
    const lower = key.toLowerCase();
    const wanted = changeOfKey(key);
    const keys: Readonly<Record<string, () => void>> = {
      ArrowRight: () => session.tapOrNext(),
      PageDown: () => session.tapOrNext(),
      ArrowLeft: () => session.back(),
      PageUp: () => session.back(),
      m: () => this.mute(),
      c: () => (this.changing = !this.changing),
      [SKIP_WORDS.key]: () => this.skip(),
      ...(onButton ? {} : { ' ': () => session.goOrPause(), Enter: () => session.tapOrNext() }),
      ...(this.changing ? { Escape: () => (this.changing = false) } : {}),
    };
    const known = keys[key] ?? keys[lower];
    if (known) return known;
    if (wanted && !session.drawing) return () => this.change(wanted);
    if (!/^[1-9]$/u.test(key)) return null;
    if (!session.drawing) return this.#pointsOf(session, Number(key));
    return () => (this.typed = typeKey(session, Number(key)));
  }

  /** Digits call out points where some are given: those of the second team after those of the first. */
  #pointsOf(session: StageSession, digit: number): (() => void) | null {
    const points = session.beat && pointsOf(session.beat);
    if (!points || points.who === 'yourself') return null;
    const { worth, who } = points;
    const team = Math.floor((digit - 1) / worth.length);
    if (team > (who === 'teams' ? 1 : 0)) return null;
    const { points: given } = worth[(digit - 1) % worth.length]!;
    return () => session.addPoints(given, who === 'teams' ? (team as 0 | 1) : null);
  }

  /** What starts it from the ready page: any key that goes on later, and what a page-turner presses. */
  #start(event: KeyboardEvent): void {
    const onControl = event.target instanceof Element && event.target.closest('a, button, select');
    if (onControl || !START_KEYS.has(event.key) || this.plan.schedule.cues.length === 0) return;
    this.begin(this.plan.left !== null);
    event.preventDefault();
  }

  keydown(event: KeyboardEvent): void {
    const { session } = this;
    if (session?.status === 'done') return;
    if (event.ctrlKey || event.metaKey || event.altKey) return;
    if (!session) {
      this.#start(event);
      return;
    }
    const onButton = event.target instanceof HTMLButtonElement;
    const action = this.#actionOf(session, event.key, onButton);
    if (!action) return;
    action();
    event.preventDefault();
  }

  change(what: AdaptationKind): void {
    this.changing = false;
    const { label, done } = CHANGE_WORDS[what];
    const made = this.session?.adapt(what);
    if (!made) {
      this.told = `${label}: not here`;
      return;
    }
    const form = made.form && `${label}: ${made.form.name}, from here on`;
    this.told = [form || done, longerInWords(made.seconds)].filter(Boolean).join(', ');
  }

  skip(): void {
    this.changing = false;
    this.session?.skip();
    this.told = SKIP_WORDS.done;
  }

  typeDraw(outcome: TypedOutcome): void {
    this.typed = this.session?.typeDraw(outcome) ?? null;
  }

  mute(): void {
    void preferences.change({ muted: !preferences.current.muted });
  }

  /** The page goes out of sight: nothing runs on unseen. */
  hide(): void {
    if (this.session?.status === 'running') this.session.pause();
  }

  #setVolumes(): void {
    const { volume, musicVolume } = preferences.current;
    this.#sound?.setVolume(this.silent ? 0 : volume);
    this.#sound?.setMusicVolume(musicVolume);
    if (this.#own) this.#own.volume = this.silent ? 0 : musicVolume;
  }
}
