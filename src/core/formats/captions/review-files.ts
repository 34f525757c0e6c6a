import { csvText } from '../csv-text';
import type { Run } from '../../log/run';
import type { Reviewed } from '../../log/reviewed';
import { momentInWords } from '../../review/moment-words';
import { capital } from '../../words/capital';
import { clockOf } from '../../words/clock';
import { serializeTimedText } from '../webvtt/webvtt';

const REVIEW_COLUMNS = ['From', 'To', 'Seconds', 'Beat', 'What'] as const;

/**
 * What to cut, to film again or to think about, as RFC 4180 CSV with a header row, in the order of the
 * recording. Cells that a spreadsheet would take for a formula are quoted away with an apostrophe.
 */
export function reviewCsv({ moments }: Pick<Reviewed, 'moments'>, labels: Run['labels']): string {
  const rows = moments.map((moment) => [
    clockOf(moment.startSeconds),
    clockOf(moment.endSeconds),
    Math.round((moment.endSeconds - moment.startSeconds) * 10) / 10,
    moment.label || labels[moment.beatId] || '',
    momentInWords(moment),
  ]);
  return csvText(REVIEW_COLUMNS, rows);
}

/** The beats that were led as chapters of the recording (WebVTT), each to the start of the next. */
export function reviewChapters({ beats, seconds }: Pick<Reviewed, 'beats' | 'seconds'>): string {
  const led = beats
    .filter(({ part, state }) => part === undefined && state !== 'left out')
    .sort((a, b) => a.startSeconds - b.startSeconds);
  return serializeTimedText(
    led.map(({ startSeconds, label }, n) => ({
      startSeconds,
      endSeconds: led[n + 1]?.startSeconds ?? seconds,
      text: capital(label),
    })),
  );
}
