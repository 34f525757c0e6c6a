import { terrainOf, startsBy, type Cue } from '$core';

/** What the terrain needs of a cue: a plan in a log has no more. */
export type LandCue = Pick<
  Cue,
  'id' | 'kind' | 'beatId' | 'chapterId' | 'startSeconds' | 'lengthSeconds' | 'effort'
>;

export type Size = Readonly<{ width: number; height: number }>;
export type Stretch = Readonly<{ id: string; x: number; width: number }>;

/** Room above the highest ridge and below the lowest land, in pixels. */
const SKY = 16;
const EARTH = 10;
const SAMPLES_PER_PIXEL = 0.5;
/** Points at which the height of the ridge is known for marks on it. */
const HEIGHTS = 600;

const one = (n: number) => Math.round(n * 10) / 10;

/** The terrain of a session in pixels: time across, effort up. `spanSeconds` is the full width. */
export class Landscape {
  readonly totalSeconds: number;
  /** Kept: the stage asks at every frame. */
  #heights: readonly number[] | null = null;
  #ridge: string | null = null;

  constructor(
    readonly cues: readonly LandCue[],
    readonly size: Size,
    readonly spanSeconds: number,
  ) {
    const last = cues.at(-1);
    this.totalSeconds = last ? last.startSeconds + last.lengthSeconds : 0;
  }

  x(seconds: number): number {
    return one((seconds / (this.spanSeconds || 1)) * this.size.width);
  }

  seconds(x: number): number {
    return (x / (this.size.width || 1)) * this.spanSeconds;
  }

  /** Effort 1 to 5 as a height; 0 is the ground under everything. */
  y(effort: number): number {
    const rise = this.size.height - SKY - EARTH;
    return one(this.size.height - EARTH - ((effort - 1) / 4) * rise);
  }

  /** The ridge as a line, from the start to the end of the session. */
  get ridge(): string {
    this.#ridge ??= this.#drawRidge();
    return this.#ridge;
  }

  #drawRidge(): string {
    const across = this.x(this.totalSeconds);
    const samples = Math.max(2, Math.round(across * SAMPLES_PER_PIXEL));
    const points = terrainOf(this.cues as readonly Cue[], samples);
    return points
      .map((p, n) => `${n ? 'L' : 'M'}${this.x(p.atSeconds)} ${this.y(p.height)}`)
      .join('');
  }

  /** The land under the ridge, closed at the ground. */
  get land(): string {
    const { ridge } = this;
    if (!ridge) return '';
    const ground = this.size.height;
    return `${ridge}V${ground}H0Z`;
  }

  /** Stretches of the way, one for each chapter or beat that has a cue. */
  stretches(key: 'beatId' | 'chapterId'): readonly Stretch[] {
    const starts = [...startsBy(this.cues as readonly Cue[], key)];
    return starts.map(([id, start], n) => {
      const end = starts[n + 1]?.[1] ?? this.totalSeconds;
      return { id, x: this.x(start), width: one(this.x(end) - this.x(start)) };
    });
  }

  /** Every drink, as a stretch. */
  get waters(): readonly Stretch[] {
    return this.cues
      .filter((cue) => cue.kind === 'drink')
      .map((cue) => ({
        id: cue.id,
        x: this.x(cue.startSeconds),
        width: this.x(cue.lengthSeconds),
      }));
  }

  /** The height of the ridge at a moment. */
  ridgeAt(seconds: number): number {
    this.#heights ??= terrainOf(this.cues as readonly Cue[], HEIGHTS).map(({ height }) => height);
    const n = Math.round((seconds / (this.totalSeconds || 1)) * (HEIGHTS - 1));
    return this.y(this.#heights[Math.min(HEIGHTS - 1, Math.max(0, n))] ?? 1);
  }

  /** Minutes that get a mark on the way, no closer than 46 pixels. */
  get minutes(): readonly number[] {
    const perMinute = this.x(60);
    const step = [1, 2, 5, 10, 15, 30].find((n) => n * perMinute >= 46) ?? 60;
    const most = Math.floor(this.spanSeconds / 60);
    return Array.from({ length: Math.floor(most / step) }, (_, n) => (n + 1) * step);
  }
}
