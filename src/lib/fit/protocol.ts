import type { Adventure, FitTarget, Pace, Setting } from '$core';

/** What the page asks of the worker: everything that may cross, and nothing else. */
export type FitRequest = Readonly<{
  adventure: Adventure;
  setting: Setting;
  pace: Pace;
  target: FitTarget;
}>;
