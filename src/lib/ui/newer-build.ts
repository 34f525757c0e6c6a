import { flushDrafts } from '$lib/store/tended';

/*
 * A newer build has been fetched and waits. It is told; it is taken when the presenter says so, and the
 * page is then read anew: no page ever runs on files of two builds.
 */

/** Tells when a newer build waits. `take` changes over to it. Returns the way to stop. */
export function watchForNewerBuild(tell: (take: () => Promise<void>) => void): () => void {
  const { serviceWorker } = navigator;
  if (!serviceWorker) return () => {};
  let stopped = false;
  let told: ServiceWorker | null = null;

  const offer = (worker: ServiceWorker | null) => {
    // Without one in charge this is a first visit: there is nothing newer than the page.
    if (stopped || !worker || worker === told || !serviceWorker.controller) return;
    told = worker;
    tell(async () => {
      // What was typed a moment ago is kept first.
      await flushDrafts();
      serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
      worker.postMessage('take over');
    });
  };

  void serviceWorker.ready.then((registration) => {
    offer(registration.waiting);
    registration.addEventListener('updatefound', () => {
      const worker = registration.installing;
      worker?.addEventListener('statechange', () => {
        if (worker.state === 'installed') offer(registration.waiting);
      });
    });
  });
  return () => (stopped = true);
}
