import { cueEndSeconds, type Cue } from '../cues/cue';

/** Cues laid end to end again from `from` on, in whole milliseconds. */
export function retimed(cues: readonly Cue[], from: number): readonly Cue[] {
  let startMs = Math.round((from === 0 ? 0 : cueEndSeconds(cues[from - 1]!)) * 1000);
  return cues.map((cue, n) => {
    if (n < from) return cue;
    const lengthMs = Math.round(cue.lengthSeconds * 1000);
    const laid = { ...cue, startSeconds: startMs / 1000, lengthSeconds: lengthMs / 1000 };
    startMs += lengthMs;
    return laid;
  });
}

/** An id that no cue has yet. */
export function freshId(cues: readonly Cue[], id: string): string {
  for (let n = 1; ; n += 1) {
    const fresh = `${id}~${n}`;
    if (!cues.some((cue) => cue.id === fresh)) return fresh;
  }
}

/** The list with more cues after one of them, under ids of their own. */
export function inserted(
  cues: readonly Cue[],
  after: number,
  more: readonly Cue[],
): readonly Cue[] {
  const fresh: Cue[] = [];
  for (const cue of more) fresh.push({ ...cue, id: freshId([...cues, ...fresh], cue.id) });
  return retimed([...cues.slice(0, after + 1), ...fresh, ...cues.slice(after + 1)], after + 1);
}

/** The list with one cue in place of another, what follows laid after it. */
export function replaced(cues: readonly Cue[], index: number, cue: Cue): readonly Cue[] {
  return retimed(
    cues.map((one, n) => (n === index ? cue : one)),
    index,
  );
}
