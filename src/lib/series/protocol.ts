import type { NextQuestion, OnShelf, Pace, Proposal, Result, SeriesFormatId } from '$core';
import type { ReadDate, SeriesJob } from '$core/files';

/** What the page asks of the worker for series: everything that may cross, and nothing else. */
export type SeriesRequest =
  | Readonly<{
      as: 'next';
      question: Omit<NextQuestion, 'candidates'>;
      shelf: readonly OnShelf[];
      pace: Pace;
    }>
  | Readonly<{ as: 'file'; format: SeriesFormatId; job: Omit<SeriesJob, 'world'>; now: Date }>
  | Readonly<{ as: 'dates'; text: string }>;

/** What comes back, by what was asked. */
export type SeriesAnswer =
  | Readonly<{ as: 'next'; proposals: readonly Proposal[] }>
  | Readonly<{ as: 'file'; bytes: Uint8Array }>
  | Readonly<{ as: 'dates'; read: Result<readonly ReadDate[]> }>;
