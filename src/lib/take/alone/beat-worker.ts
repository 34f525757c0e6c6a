import BeatWorker from '$lib/stage/beat.worker?worker&inline';

/** In a page that leads itself the worker lies in the page too. */
export const beatWorker = (): Worker => new BeatWorker();
