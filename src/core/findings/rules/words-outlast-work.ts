import { changeParts, type Beat } from '../../beats';
import { isRoomForWords, type Cue } from '../../cues/cue';
import { changeBeat } from '../../document/edit';
import { saidTogether } from '../../words/said-together';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** Shorter than this nobody notices. Our own judgement. */
const NOTICED_SECONDS = 2;

const isWaiting = (beat: Beat) => beat.kind === 'drink' || beat.kind === 'setup';

/** The words said before the work begins, or a drink as long as its words. */
function mended(beat: Beat, part: string | null, stickingOut: number): Beat {
  if (isWaiting(beat)) {
    return { ...beat, seconds: Math.min(600, Math.ceil(beat.seconds + stickingOut)) };
  }
  return changeParts(beat, (one) => {
    if (one.id !== part) return one;
    const { line, meanwhile } = one.guise;
    return { ...one, guise: { ...one.guise, line: saidTogether(line, meanwhile), meanwhile: '' } };
  });
}

/** Whether words could be said before: not where they follow, and not over all draws of a beat. */
function canMend(beat: Beat | undefined, part: string | null, follows: boolean): boolean {
  return beat !== undefined && (isWaiting(beat) || (part !== null && !follows));
}

/** What the words were said over: cues of the same part, or of the whole beat, before they stuck out. */
function overCues(cues: readonly Cue[], at: number): readonly Cue[] {
  const { doing, beatId } = cues[at]!;
  return cues
    .slice(0, at)
    .filter(
      (cue) =>
        cue.beatId === beatId &&
        isRoomForWords(cue.kind, doing === null) &&
        (doing === null || cue.doing?.part === doing.part),
    );
}

/** Words said meanwhile that are longer than what they accompany: the children wait for the end. */
export function checkOutlasting({ schedule, beats, parts }: FindingContext): Seen[] {
  const { cues } = schedule;
  return cues.flatMap((cue, n): Seen[] => {
    if (!cue.sticksOut || cue.lengthSeconds < NOTICED_SECONDS) return [];
    const { beatId, doing, lengthSeconds } = cue;
    const over = overCues(cues, n);
    const work = over.reduce((sum, one) => sum + one.lengthSeconds, 0);
    const said = over.reduce(
      (sum, one) => sum + one.meanwhile.reduce((all, piece) => all + piece.lengthSeconds, 0),
      lengthSeconds,
    );
    const part = doing?.part ?? null;
    const used = parts.find((one) => one.part.id === part);
    const fixable = canMend(beats.get(beatId), part, used?.how.led === 'follow me');
    return [
      {
        place: { beatId, part },
        severity: 'think',
        params: { name: doing?.name ?? '', words: Math.round(said), work: Math.round(work) },
        fix: fixable
          ? (now) => changeBeat(now, beatId, (beat) => mended(beat, part, lengthSeconds))
          : null,
      },
    ];
  });
}
