import { fit } from '$core';
import type { FitAnswer, FitRequest } from './protocol';

self.onmessage = ({ data }: MessageEvent<FitRequest>) => {
  const { id, adventure, setting, pace, target } = data;
  let answer: FitAnswer;
  try {
    answer = { id, ok: true, result: fit(adventure, setting, pace, target) };
  } catch (reason) {
    answer = { id, ok: false, reason: String(reason) };
  }
  self.postMessage(answer);
};
