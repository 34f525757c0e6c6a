/** A timer that a hidden tab does not slow down: it only says that time has passed. */
import { BEAT_MS } from './beat-ms';

setInterval(() => postMessage(null), BEAT_MS);
