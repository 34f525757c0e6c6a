import { readingSeconds } from '$core';
import { listenTo } from '$lib/review/listen-for';
import { VOICE_RATE } from '$lib/review/hear-voices';
import { soundOf } from '$lib/review/voices';

/** What is being said into the microphone; nothing of it is kept. */
export type Listening = Readonly<{
  /** Stops, and tells for how many seconds somebody read; null where nobody was heard. */
  heard: () => Promise<number | null>;
  cancel: () => void;
}>;

/** Asks for the microphone and listens. Rejects where it is refused, or there is none. */
export async function listen(): Promise<Listening> {
  const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
  const recorder = new MediaRecorder(stream);
  const parts: Blob[] = [];
  recorder.ondataavailable = ({ data }) => parts.push(data);
  let begunAt = performance.now();
  recorder.onstart = () => (begunAt = performance.now());
  recorder.start();
  const close = () => stream.getTracks().forEach((track) => track.stop());
  return {
    heard: async () => {
      const clockSeconds = (performance.now() - begunAt) / 1000;
      await new Promise((resolve) => {
        recorder.onstop = resolve;
        recorder.stop();
      });
      close();
      const sound = await soundOf(new Blob(parts));
      const voices = await listenTo(sound).result;
      return readingSeconds(voices, sound.length / VOICE_RATE, clockSeconds);
    },
    cancel: () => {
      if (recorder.state !== 'inactive') recorder.stop();
      close();
    },
  };
}
