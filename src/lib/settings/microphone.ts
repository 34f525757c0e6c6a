import type { SpeechSpan } from '$core';
import { listenTo } from '$lib/review/listen-for';
import { soundOf } from '$lib/review/voices';

/** What is being said into the microphone; nothing of it is kept. */
export type Listening = Readonly<{
  /** Stops, and tells when somebody spoke. */
  heard: () => Promise<readonly SpeechSpan[]>;
  cancel: () => void;
}>;

/** Asks for the microphone and listens. Rejects where it is refused, or there is none. */
export async function listen(): Promise<Listening> {
  const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
  const recorder = new MediaRecorder(stream);
  const parts: Blob[] = [];
  recorder.ondataavailable = ({ data }) => parts.push(data);
  recorder.start();
  const close = () => stream.getTracks().forEach((track) => track.stop());
  return {
    heard: async () => {
      await new Promise((resolve) => {
        recorder.onstop = resolve;
        recorder.stop();
      });
      close();
      return listenTo(await soundOf(new Blob(parts))).result;
    },
    cancel: () => {
      if (recorder.state !== 'inactive') recorder.stop();
      close();
    },
  };
}
