import { z } from 'zod';
import type { Doing, Nth } from '../cues/cue';
import type { Score } from '../cues/score';
import { addWork, doingOf, workInTempo } from '../cues/work';
import { typedStation } from '../language/dosed';
import {
  bareStation,
  readLines,
  type LineTools,
  type ReadLine,
  type Unread,
} from '../language/part-reader';
import { quoted } from '../language/said';
import { stationSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { lineSchema } from '../model/text';
import { within } from '../words/numbers';
import { beatBase } from './beat-base';
import { PLAIN, partsIn, shortened, saidTo, type BeatFile } from './beat-file';
import { EMPTY_ROW, partRow } from './sheet-row';

/** A line of a rhyme, or a rhythm, with its action for so many beats. */
const echoLineSchema = z.strictObject({
  ...stationSchema.shape,
  text: lineSchema,
  beats: z.int().min(1).max(64),
});
export type EchoLine = DeepReadonly<z.infer<typeof echoLineSchema>>;

/**
 * Lines on the beat, `times` over: a rhyme with an action on each line, or, with `echo`, a rhythm
 * that the leader does first and the children give back.
 */
const schema = z.strictObject({
  ...beatBase('echo'),
  say: lineSchema,
  beatsPerMinute: z.int().min(40).max(180),
  lines: z.array(echoLineSchema).max(40),
  times: z.int().min(1).max(20),
  echo: z.boolean(),
});
export type Echo = DeepReadonly<z.infer<typeof schema>>;

export type EchoReading = Readonly<{
  kind: 'echo';
  lines: readonly ReadLine[];
  beats: number;
  times: number;
  beatsPerMinute: number;
  echo: boolean;
}>;

/** A walking tempo, for chants and claps. Our own judgement. */
const RHYME_BEATS_PER_MINUTE = 96;

const TIMES_RANGE = { least: 1, most: 20 } as const;
const TIMES: Readonly<Record<string, number>> = { once: 1, twice: 2 };

/** "once 4 beats at 100": how often, how many beats a line, how fast. */
function readHead(text: string): Pick<EchoReading, 'beats' | 'times' | 'beatsPerMinute'> | Unread {
  const times = /\b(once|twice|(\d+) times)\b/iu.exec(text);
  const beats = /\b(\d+)\s*beats?\b/iu.exec(text);
  const tempo = /\bat (\d+)(?: a minute)?\b/iu.exec(text);
  const left = [times, beats, tempo].reduce((rest, one) => rest.replace(one?.[0] ?? '', ' '), text);
  const unread = left.split(/[\s,]+/u).filter(Boolean);
  if (unread.length > 0) return { unread };
  return {
    beats: within(Number(beats?.[1] ?? 4), { least: 1, most: 64 }),
    times: times ? within(TIMES[times[1]!.toLowerCase()] ?? Number(times[2]), TIMES_RANGE) : 2,
    beatsPerMinute: within(Number(tempo?.[1] ?? RHYME_BEATS_PER_MINUTE), { least: 40, most: 180 }),
  };
}

/** `echo 4 beats: claps, stamps`; `rhyme: Lamps in a row = march; Out = squat`. */
function read(line: string, tools: LineTools): EchoReading | Unread | null {
  const match = /^(echo|rhyme)\b([^:]*):\s*(.+)$/iu.exec(line);
  if (!match) return null;
  const head = readHead(match[2]!);
  if ('unread' in head) return head;
  const lines = readLines(match[3]!, tools);
  if ('unread' in lines) return lines;
  return {
    kind: 'echo',
    lines,
    ...head,
    echo: match[1]!.toLowerCase() === 'echo',
  };
}

function doingAt(score: Score, beat: Echo, line: EchoLine, round: Nth): Doing {
  const doing = doingOf(score, line, { unit: 'reps', amount: line.beats, round });
  const name = line.text.trim() || doing.name;
  return { ...doing, name, secondsPerCount: 60 / beat.beatsPerMinute };
}

/** Each line takes its beats at the tempo; with `echo` the leader's turn first, as long again. */
function cues(beat: Echo, score: Score): void {
  score.say(beat.say);
  for (let n = 1; n <= beat.times; n += 1) {
    const round = { n, of: beat.times };
    beat.lines.forEach((line, index) => {
      const move = score.move(line);
      const doing = doingAt(score, beat, line, round);
      const seconds = (line.beats * 60) / beat.beatsPerMinute;
      score.flowTo(move, doing);
      if (n === 1 && index === 0) score.countIn(doing);
      if (beat.echo) score.add('show', seconds, line.text, { doing });
      addWork(score, workInTempo(move, seconds, score.secondsPerRep(move)), doing, line.text);
    });
  }
}

const nameOf = (echoes: boolean) => (echoes ? 'Echo' : 'Rhyme');

export const echo: BeatFile<Echo, EchoReading> = {
  ...PLAIN,
  isLed: false,
  ...partsIn('lines'),
  schema,
  spoken: ({ say, lines }) => [say, ...lines.map(({ text }) => text), ...lines.flatMap(saidTo)],
  label: (beat) => {
    const first = beat.lines[0]?.text.trim() || beat.say;
    const name = nameOf(beat.echo);
    return shortened(first ? `${name}: ${first}` : name);
  },
  inWords: ({ lines, beatsPerMinute, times }) => {
    const beats = lines.reduce((sum, line) => sum + line.beats, 0);
    return `${beats} beats at ${beatsPerMinute} a minute${times === 1 ? '' : `, ${times} times`}`;
  },

  read,
  make: (reading, { newId }) => ({
    kind: 'echo',
    id: newId('bt'),
    say: '',
    beatsPerMinute: reading.beatsPerMinute,
    lines: reading.lines.map(({ text, action }) => ({
      id: newId('st'),
      ...bareStation(action),
      text,
      beats: reading.beats,
    })),
    times: reading.times,
    echo: reading.echo,
  }),
  readBack: (reading) => {
    const what = reading.lines.map(({ action }) => action.move.name).join(', ');
    const { echo: isEcho, beats, times } = reading;
    const often = times === 1 ? 'once' : `${times} times`;
    return `${isEcho ? 'An echo' : 'A rhyme'}, ${often}, ${beats} beats a line: ${what}`;
  },
  line: (beat, book) => {
    const lines = beat.lines.map(
      (one) => `${one.text.trim() ? `${quoted(one.text)} = ` : ''}${typedStation(book, one)}`,
    );
    const { beatsPerMinute, times } = beat;
    const often = times === 1 ? 'once' : `${times} times`;
    const tempo = beatsPerMinute === RHYME_BEATS_PER_MINUTE ? '' : ` at ${beatsPerMinute}`;
    return `${beat.echo ? 'echo' : 'rhyme'} ${often} ${beat.lines[0]?.beats ?? 4} beats${tempo}: ${lines.join('; ')}`;
  },

  cues,
  rows: (beat, book) => [
    { ...EMPTY_ROW, say: beat.say, name: nameOf(beat.echo), dose: echo.inWords(beat) },
    ...beat.lines.map((line) => ({
      ...partRow(book, line, `${line.beats} beats`),
      say: line.text,
    })),
  ],
};
