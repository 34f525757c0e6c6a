import type { Adventure } from '../document/adventure';
import type { Schedule } from '../schedule/unroll';
import type {
  CaptionLine,
  CountedSet,
  FoundBeat,
  Pin,
  RealPace,
  ReviewMoment,
  Shares,
} from '../log/reviewed';
import { toTenth } from '../words/middle';
import { countedSets } from './counted-sets';
import type { Cue } from '../cues/cue';
import type { Pace } from '../cues/pace';
import { fittedPace } from './fitted-pace';
import { droppedLinks } from './dropped-links';
import { foundBeats } from './found-beats';
import { layAlong } from './lay';
import { missingSets } from './missing-sets';
import { momentsOf } from './moments';
import { plannedShares, realCues, sharesOf } from './real-cues';
import { speechOf, talkPace } from './talk';
import type { TimedWord } from './timed-word';
import type { SpeechSpan } from './voices';
import { shownTimes } from './shown';
import { throwsOf } from './throws';
import { timedWords } from './timed-words';

/** When a cue really was. */
export type Visited = Readonly<{ cueId: string; startSeconds: number; lengthSeconds: number }>;

/** A recording beside the adventure that was led in it. Times are seconds of the recording. */
export type Review = Readonly<{
  beats: readonly FoundBeat[];
  counts: readonly CountedSet[];
  pace: RealPace;
  shares: Shares;
  moments: readonly ReviewMoment[];
  visits: readonly Visited[];
  /** What can be set by hand: each stretch of the script, with where it was found. */
  stretches: readonly Stretch[];
  endSeconds: number;
}>;
export type Stretch = Readonly<{
  key: string;
  beatId: string;
  label: string;
  round: number;
  startSeconds: number | null;
}>;

/** What a recording is laid along, and how. */
export type ReviewQuestion = Readonly<{
  adventure: Adventure;
  schedule: Pick<Schedule, 'cues' | 'totalSeconds'>;
  /** Beats whose draws in the schedule are those that came. */
  known: ReadonlySet<string>;
  lines: readonly CaptionLine[];
  /** How long the recording is, where that is known; else to the end of the last caption. */
  endSeconds?: number | undefined;
  /** How long showing a move is planned in the schedule, as times of the usual; 1 if it isn't told. */
  plannedShowTimes?: number | undefined;
  /** Times the script in another pace, so that the real one can be told: without it that is left out. */
  replan?: ((pace: Pace) => readonly Cue[]) | undefined;
  /** What was set by hand: a stretch's start in seconds, or that it was left out. */
  pins?: ReadonlyMap<string, Pin> | undefined;
  /** When somebody speaks, as it was heard in the sound: from, to. */
  voices?: readonly SpeechSpan[] | null | undefined;
}>;

/** Dropped links stand after their chain. */
function withLinks(beats: readonly FoundBeat[], links: readonly FoundBeat[]): readonly FoundBeat[] {
  return beats.flatMap((one, n) => {
    const isLast = beats[n + 1]?.beatId !== one.beatId;
    return isLast ? [one, ...links.filter(({ beatId }) => beatId === one.beatId)] : [one];
  });
}

function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

function secondsPerRep(counts: readonly CountedSet[]): Record<string, number> {
  const byMove = new Map<string, number[]>();
  for (const { move, secondsPerCount } of counts) {
    if (secondsPerCount !== null) byMove.set(move, [...(byMove.get(move) ?? []), secondsPerCount]);
  }
  return Object.fromEntries(
    [...byMove].map(([move, values]) => [move, Math.round(mean(values) * 100) / 100]),
  );
}

/**
 * What really happened: what was said is laid along the script, and everything else is read off that.
 * Deterministic. Works without a word too, from what was set by hand and the planned lengths.
 */
export function review(question: ReviewQuestion): Review {
  const { adventure, schedule, known, lines, pins, voices } = question;
  const words = timedWords(lines);
  const endSeconds = Math.max(1, question.endSeconds ?? lines.at(-1)?.endSeconds ?? 0);
  const laid = layAlong(
    adventure,
    schedule,
    { words, voices: voices ?? [], endSeconds },
    known,
    pins,
  );
  const beats = withLinks(foundBeats(adventure, laid), droppedLinks(adventure, laid, words));
  const counts = countedSets(laid, schedule.cues);
  const real = realCues(laid, schedule.cues);
  const heard = {
    wordsPerMinute: talkPace(words, laid.counts),
    secondsPerRep: secondsPerRep(counts),
    ...throwsOf(laid, schedule.cues),
    showTimes: shownTimes(laid, schedule.cues, question.plannedShowTimes),
  };
  const shares = {
    ...sharesOf(real, voices ? asSpeech(voices) : speechOf(words), endSeconds),
    ...plannedShares(schedule.cues, schedule.totalSeconds),
  };
  const sidesHeard = (from: number, to: number) => ({
    left: said(words, 'left', from, to),
    right: said(words, 'right', from, to),
  });
  const starts = new Map(
    laid.alignment.found
      .filter(({ elsewhere }) => !elsewhere)
      .map(({ segment, fromSeconds }) => [segment, fromSeconds]),
  );
  return {
    beats,
    counts,
    pace: {
      byChapter: byChapter(adventure, laid.counts, real, words),
      ...heard,
      ...(question.replan
        ? fittedPace(adventure, laid, known, heard, question.replan)
        : { changeSeconds: null, allReps: 1 }),
      plannedSeconds: toTenth(schedule.totalSeconds),
      realSeconds: toTenth(endSeconds),
    },
    shares,
    moments: momentsOf(
      laid,
      beats,
      counts,
      real,
      shares,
      sidesHeard,
      missingSets(laid, schedule.cues),
    ),
    visits: real.map(({ cue, startSeconds, endSeconds: end }) => ({
      cueId: cue.id,
      startSeconds,
      lengthSeconds: end - startSeconds,
    })),
    stretches: laid.segments.map(({ key, beatId, label, round }, n) => ({
      key,
      beatId,
      label,
      round,
      startSeconds: starts.get(n) ?? null,
    })),
    endSeconds,
  };
}

const asSpeech = (voices: readonly SpeechSpan[]) =>
  voices.map(([startSeconds, endSeconds]) => ({ startSeconds, endSeconds }));

function said(words: readonly TimedWord[], text: string, from: number, to: number): number {
  return words.filter(
    (word) => word.text === text && word.startSeconds >= from && word.startSeconds < to,
  ).length;
}

function byChapter(
  { chapters }: Adventure,
  counts: Parameters<typeof talkPace>[1],
  real: ReturnType<typeof realCues>,
  words: readonly TimedWord[],
): Record<string, number | null> {
  return Object.fromEntries(
    chapters.map(({ id }) => {
      const own = real.filter(({ cue }) => cue.chapterId === id);
      const from = Math.min(...own.map(({ startSeconds }) => startSeconds));
      const to = Math.max(...own.map(({ endSeconds }) => endSeconds));
      const within = words.filter(({ startSeconds }) => startSeconds >= from && startSeconds < to);
      return [id, talkPace(within, counts)];
    }),
  );
}
