import type { Adventure, FitResult, FitTarget, Pace, Setting } from '$core';

/** What the page asks of the worker: everything that may cross, and nothing else. */
export type FitRequest = Readonly<{
  id: number;
  adventure: Adventure;
  setting: Setting;
  pace: Pace;
  target: FitTarget;
}>;

/** What the worker answers. */
export type FitAnswer =
  | Readonly<{ id: number; ok: true; result: FitResult }>
  | Readonly<{ id: number; ok: false; reason: string }>;
