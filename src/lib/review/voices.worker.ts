import fvad from '@echogarden/fvad-wasm';
import wasm from '@echogarden/fvad-wasm/fvad.wasm?url';
import { voicesIn } from '$core';
import { answerRequests } from '$lib/workers/ask-worker';

/** How readily something is taken for a voice, 0 to 3: 3 leaves out most noise. */
const MODE = 2;
const RATE = 16_000;
/** The detector hears 30 ms at a time. */
const FRAME_SECONDS = 0.03;
const FRAME = RATE * FRAME_SECONDS;

answerRequests<Int16Array<ArrayBuffer>, readonly (readonly [number, number])[]>(
  self,
  async (sound, onProgress) => {
    const module = await fvad({ locateFile: () => wasm });
    const detector = module._fvad_new();
    module._fvad_set_mode(detector, MODE);
    module._fvad_set_sample_rate(detector, RATE);
    const memory = module._malloc(FRAME * 2);
    const frames = Math.floor(sound.length / FRAME);
    const spoken = new Uint8Array(frames);
    for (let n = 0; n < frames; n += 1) {
      module.HEAP16.set(sound.subarray(n * FRAME, (n + 1) * FRAME), memory / 2);
      spoken[n] = module._fvad_process(detector, memory, FRAME) === 1 ? 1 : 0;
      if (n % 2000 === 0) onProgress(n / frames);
    }
    module._free(memory);
    module._fvad_free(detector);
    return voicesIn(spoken, FRAME_SECONDS);
  },
);
