import { csvText } from '../csv-text';
import type { Run } from '../../log/run';
import { clockOf } from '../../words/clock';

export const TAKES_COLUMNS = ['Beat', 'Take', 'Began at', 'Length', 'Mark'] as const;

/**
 * The takes of a film as RFC 4180 CSV with a header row, in the order of filming, for whoever cuts it:
 * take numbers count up in each beat, times of day are ISO 8601 in UTC. Cells that a spreadsheet would
 * take for a formula are quoted away with an apostrophe.
 */
export function serializeTakesCsv({ takes = [], labels }: Pick<Run, 'takes' | 'labels'>): string {
  const counts = new Map<string, number>();
  const rows = takes.map(({ beatId, startedAt, lengthSeconds, mark }) => {
    const take = (counts.get(beatId) ?? 0) + 1;
    counts.set(beatId, take);
    return [labels[beatId] ?? beatId, take, startedAt, clockOf(lengthSeconds), mark ?? ''];
  });
  return csvText(TAKES_COLUMNS, rows);
}
