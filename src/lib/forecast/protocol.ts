import type { Adventure, Forecast, Pace } from '$core';

/** What the page asks of the forecast's worker: everything that may cross, and nothing else. */
export type ForecastRequest = Readonly<{
  adventure: Adventure;
  pace: Pace;
  seed: number;
  sessions: number;
}>;
export type ForecastAnswer = Forecast;
