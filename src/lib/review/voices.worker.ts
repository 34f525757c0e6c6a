import fvad from '@echogarden/fvad-wasm';
import wasm from '@echogarden/fvad-wasm/fvad.wasm?url';
import type { SpeechSpan } from '$core';
import { answerRequests } from '$lib/workers/ask-worker';
import { hearVoices } from './hear-voices';

answerRequests<Int16Array<ArrayBuffer>, readonly SpeechSpan[]>(self, async (sound, onProgress) =>
  hearVoices(await fvad({ locateFile: () => wasm }), sound, onProgress),
);
