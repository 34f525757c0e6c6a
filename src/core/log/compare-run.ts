import type { Run } from './run';

/** One beat, planned against real, in seconds. */
export type BeatComparison = Readonly<{
  beatId: string;
  chapterId: string;
  label: string;
  plannedSeconds: number;
  realSeconds: number;
  /** Cues of the beat that were left before their time, and that were never reached. */
  cutShort: number;
  notReached: number;
}>;

export type RunComparison = Readonly<{
  beats: readonly BeatComparison[];
  plannedSeconds: number;
  realSeconds: number;
  /** Every planned cue was reached. */
  whole: boolean;
}>;

type Row = { -readonly [Key in keyof BeatComparison]: BeatComparison[Key] };

/** Planned against real, beat by beat in the planned order. Stays at a cue add up. */
export function compareRun(run: Run): RunComparison {
  const rows = new Map<string, Row>();
  const rowOfCue = new Map<string, Row>();
  const reached = new Set(run.leading.visits.map((visit) => visit.cueId));
  for (const cue of run.plan) {
    let row = rows.get(cue.beatId);
    if (!row) {
      row = {
        beatId: cue.beatId,
        chapterId: cue.chapterId,
        label: run.labels[cue.beatId] ?? '',
        plannedSeconds: 0,
        realSeconds: 0,
        cutShort: 0,
        notReached: 0,
      };
      rows.set(cue.beatId, row);
    }
    row.plannedSeconds += cue.lengthSeconds;
    if (!reached.has(cue.id)) row.notReached += 1;
    rowOfCue.set(cue.id, row);
  }
  for (const visit of run.leading.visits) {
    const row = rowOfCue.get(visit.cueId);
    if (!row) continue;
    row.realSeconds += visit.lengthSeconds;
    if (visit.cutShort) row.cutShort += 1;
  }
  const beats = [...rows.values()];
  return {
    beats,
    plannedSeconds: beats.reduce((sum, row) => sum + row.plannedSeconds, 0),
    realSeconds: beats.reduce((sum, row) => sum + row.realSeconds, 0),
    whole: beats.every((row) => row.notReached === 0),
  };
}
