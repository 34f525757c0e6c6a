import { typedStation } from '../language/dosed';
import {
  bareStation,
  readLines,
  type LineTools,
  type ReadLine,
  type Unread,
} from '../language/part-reader';
import { quoted } from '../language/said';
import { numberRead } from '../words/numbers';
import type { LineFile } from './beat-file';
import type { Echo } from './echo';

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
    beats: numberRead(Number(beats?.[1] ?? 4)),
    times: times ? numberRead(TIMES[times[1]!.toLowerCase()] ?? Number(times[2])) : 2,
    beatsPerMinute: numberRead(Number(tempo?.[1] ?? RHYME_BEATS_PER_MINUTE)),
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

/** A rhyme or an echo as it is typed. */
export const echoLine: LineFile<Echo, EchoReading> = {
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
};
