import { Cancelled, type Asked } from '$lib/workers/ask-worker';
import { askForFilm } from './ask-for-film';
import { filmFile, forgetFile, forgetFilms, partsName } from './film-disk';
import type { FilmAnswer, FilmRequest } from './film-protocol';

/** Where the making of a film stands. */
export type Making =
  | Readonly<{ step: 'ready' }>
  /** Broken off: a part of it is on the disk; how much, where it's known. */
  | Readonly<{ step: 'stopped'; share: number | null }>
  | Readonly<{ step: 'making'; share: number; secondsLeft: number | null }>
  | Readonly<{ step: 'done'; file: File }>
  | Readonly<{ step: 'failed'; reason: string }>;

/** How long it has been looked at before the time that's left is told, in milliseconds. */
const LOOK_MS = 3000;

/** Why it couldn't be made, as far as it can be told. */
function reasonInWords(reason: unknown): string {
  const words = reason instanceof Error ? reason.message : String(reason);
  if (/quota/iu.test(words)) return 'there’s no room left for it on this device.';
  return words.replace(/^\w*Error: /u, '');
}

/** One film at a time, in the browser's own folder. */
export class FilmMaking {
  #now = $state.raw<Making>({ step: 'ready' });
  #asked: Asked<FilmAnswer> | null = null;

  get now(): Making {
    return this.#now;
  }

  /** Looks whether a part of this film is there, from before. */
  async find(key: string): Promise<void> {
    if (this.#asked) return;
    const parts = await filmFile(partsName(key));
    if (this.#asked) return;
    this.#now = parts ? { step: 'stopped', share: null } : { step: 'ready' };
  }

  /** Begins, or carries on where it was. */
  async make(request: FilmRequest): Promise<FilmAnswer | null> {
    this.#now = { step: 'making', share: 0, secondsLeft: null };
    const began = { ms: performance.now(), share: null as number | null };
    const tell = (share: number) => {
      began.share ??= share;
      const ms = performance.now() - began.ms;
      const done = share - began.share;
      const secondsLeft = ms > LOOK_MS && done > 0 ? ((1 - share) / done) * (ms / 1000) : null;
      this.#now = { step: 'making', share, secondsLeft };
    };
    try {
      await forgetFilms(request.key);
      this.#asked = askForFilm(request, tell);
      const answer = await this.#asked.result;
      const file = await filmFile(answer.file);
      if (!file) throw new Error('The film is gone from this browser’s folder.');
      await forgetFile(partsName(request.key));
      this.#now = { step: 'done', file };
      return answer;
    } catch (reason) {
      if (reason instanceof Cancelled) {
        const { share } = this.#now.step === 'making' ? this.#now : { share: null };
        this.#now = { step: 'stopped', share };
      } else {
        this.#now = { step: 'failed', reason: reasonInWords(reason) };
      }
      return null;
    } finally {
      this.#asked = null;
    }
  }

  stop(): void {
    this.#asked?.cancel();
  }

  /** Throws away what was made. */
  async forget(): Promise<void> {
    this.stop();
    await forgetFilms();
    this.#now = { step: 'ready' };
  }
}
