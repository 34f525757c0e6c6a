import { z } from 'zod';
import type { Doing, Nth } from '../cues/cue';
import type { Score } from '../cues/score';
import { addWork, doingOf, workInTempo } from '../cues/work';
import { stationSchema } from '../model/action';
import type { DeepReadonly } from '../model/deep-readonly';
import { lineSchema } from '../model/text';
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

export const echo: BeatFile<Echo> = {
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

  cues,
  rows: (beat, book) => [
    { ...EMPTY_ROW, say: beat.say, name: nameOf(beat.echo), dose: echo.inWords(beat) },
    ...beat.lines.map((line) => ({
      ...partRow(book, line, `${line.beats} beats`),
      say: line.text,
    })),
  ],
};
