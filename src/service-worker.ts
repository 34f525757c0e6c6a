/// <reference types="@sveltejs/kit" />
/// <reference no-default-lib="true"/>
/// <reference lib="esnext" />
/// <reference lib="webworker" />
// After the first visit Arrup works without a network: the built files are kept, and any page is
// the same shell.
import { base, build, files, version } from '$service-worker';

const self = globalThis.self as unknown as ServiceWorkerGlobalScope;
const CACHE = `arrup-${version}`;
const SHELL = `${base}/`;

/** What workers load in turn, listed when the application was built. */
async function ofWorkers(): Promise<string[]> {
  const answer = await fetch(`${base}/offline-files.json`);
  return answer.ok ? ((await answer.json()) as string[]) : [];
}

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches
      .open(CACHE)
      .then(async (cache) =>
        cache.addAll([...new Set([SHELL, ...build, ...files, ...(await ofWorkers())])]),
      ),
  );
});

// The page says when it is a quiet moment to change over: never by itself, never on the Stage.
self.addEventListener('message', ({ data }) => {
  if (data === 'take over') void self.skipWaiting();
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    caches.keys().then(async (names) => {
      // Pages that are still open are of the build before: its files stay until the next one comes.
      const others = names.filter((name) => name !== CACHE);
      await Promise.all(others.slice(0, -1).map((name) => caches.delete(name)));
      await self.clients.claim();
    }),
  );
});

async function answer(request: Request, path: string): Promise<Response> {
  const cache = await caches.open(CACHE);
  const kept = (await cache.match(path)) ?? (path ? await caches.match(path) : undefined);
  if (kept) return kept;
  try {
    return await fetch(request);
  } catch {
    // No network: a page is the shell, which reads its address and finds the adventure here.
    const shell = request.mode === 'navigate' ? await cache.match(SHELL) : undefined;
    return shell ?? Response.error();
  }
}

self.addEventListener('fetch', (event) => {
  const { method, url } = event.request;
  const { origin, pathname } = new URL(url);
  if (method !== 'GET' || origin !== location.origin || pathname.startsWith(`${base}/api/`)) return;
  // A page comes from the network where there is one, so that it is never older than its files.
  if (event.request.mode === 'navigate') event.respondWith(answer(event.request, ''));
  else event.respondWith(answer(event.request, pathname));
});
