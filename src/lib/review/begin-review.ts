import { readCaptions, type Adventure, type CaptionLine, type Run } from '$core';
import { newId } from '$lib/store/new-id';
import { preferences } from '$lib/store/preference-store.svelte';
import { runs } from '$lib/store/run-store.svelte';
import { today } from '$lib/store/today';
import { problemInWords } from '$lib/words/problem-words';
import { askForReview } from './ask-for-review';
import { learnFromRuns } from './learn';
import { keepRecording, secondsOf } from './recordings';

/** A recording as it was chosen: captions, the sound or film itself, or both. */
export type Chosen = Readonly<{
  captions: File | null;
  recording: File | null;
  /** The session on the Stage that was recorded, if it was led from there. */
  session: Run | null;
  /** The day of the recording, as an ISO date. */
  day: string;
}>;

/** Something that the presenter can put right. */
export class CantReview extends Error {
  override readonly name = 'CantReview';
}

async function linesOf(captions: File | null): Promise<readonly CaptionLine[]> {
  if (!captions) return [];
  const read = readCaptions(await captions.text());
  if (read.ok) return read.value;
  throw new CantReview(`“${captions.name}” can’t be read. ${problemInWords(read.problems[0]!)}`);
}

async function lengthOf(recording: File | null): Promise<number | null> {
  if (!recording) return null;
  try {
    return await secondsOf(recording);
  } catch {
    throw new CantReview(
      `This browser can’t play “${recording.name}”. Save it as MP4, WebM, MP3 or WAV, or choose its captions.`,
    );
  }
}

/** When it was: on the day that was said, at the hour of the session or of the file, if it is known. */
function begunAt({ session, day, recording, captions }: Chosen): string {
  if (session?.startedAt.startsWith(day)) return session.startedAt;
  const file = recording ?? captions;
  const made = file ? new Date(file.lastModified) : new Date();
  const at = new Date(`${day}T00:00:00`);
  at.setHours(made.getHours(), made.getMinutes());
  return at.toISOString();
}

/** Lays what was chosen along the script, and keeps it in the logbook. Gives the run's id. */
export async function beginReview(adventure: Adventure, chosen: Chosen): Promise<string> {
  const { captions, recording, session } = chosen;
  const lines = await linesOf(captions);
  const length = await lengthOf(recording);
  const seconds = length ?? lines.at(-1)?.endSeconds ?? 0;
  if (seconds <= 0) throw new CantReview('Choose the captions or the recording first.');
  const asked = askForReview({
    adventure,
    pace: preferences.pace,
    drawn: session && { seed: session.seed ?? null, typed: session.typed },
    recording: (recording ?? captions)!.name,
    startedAt: begunAt(chosen),
    savedAt: today(),
    id: newId('run'),
    lines,
    voices: null,
    seconds,
    pins: {},
  });
  const { run } = await asked.result;
  await runs.put(run);
  if (recording) keepRecording(run.id, recording);
  await learnFromRuns();
  return run.id;
}
