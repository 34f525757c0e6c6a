/** What a worker answers: how far it is (0 to 1), and at last the result or why there is none. */
export type WorkerAnswer<Result> =
  | Readonly<{ kind: 'progress'; share: number }>
  | Readonly<{ kind: 'done'; result: Result }>
  | Readonly<{ kind: 'failed'; reason: string }>;

/** The part of a Worker that is needed here. */
export type WorkerLike<Request, Result> = {
  postMessage: (request: Request) => void;
  terminate: () => void;
  onmessage: ((event: MessageEvent<WorkerAnswer<Result>>) => void) | null;
  onerror: ((event: ErrorEvent) => void) | null;
};

/** A worker that is silent for this long is given up. */
export const PATIENCE_MS = 15_000;

export class Cancelled extends Error {
  override readonly name = 'Cancelled';
}

export type Asked<Result> = Readonly<{ result: Promise<Result>; cancel: () => void }>;

/**
 * Asks a worker of its own. The promise always settles: by the answer, by the worker's error, by
 * `cancel`, or when it has been silent for longer than patience lasts.
 */
export function askWorker<Request, Result>(
  request: Request,
  start: () => WorkerLike<Request, Result>,
  onProgress: (share: number) => void = () => {},
  patienceMs: number = PATIENCE_MS,
): Asked<Result> {
  const worker = start();
  let cancel = () => {};
  const result = new Promise<Result>((resolve, reject) => {
    let timer: ReturnType<typeof setTimeout>;
    const end = (settle: () => void) => {
      clearTimeout(timer);
      worker.terminate();
      settle();
    };
    const wait = () => {
      timer = setTimeout(() => end(() => reject(new Error('It took too long.'))), patienceMs);
    };
    wait();
    cancel = () => end(() => reject(new Cancelled('Called off.')));
    worker.onerror = (event) => end(() => reject(new Error(event.message)));
    worker.onmessage = ({ data }) => {
      if (data.kind === 'progress') {
        clearTimeout(timer);
        wait();
        onProgress(data.share);
      } else if (data.kind === 'done') end(() => resolve(data.result));
      else end(() => reject(new Error(data.reason)));
    };
    try {
      worker.postMessage(request);
    } catch (reason) {
      end(() => reject(reason instanceof Error ? reason : new Error(String(reason))));
    }
  });
  return { result, cancel };
}

/** The worker's side: runs `work` for each request, and answers with what comes of it. */
export function answerRequests<Request, Result>(
  scope: {
    onmessage: ((event: MessageEvent<Request>) => unknown) | null;
    postMessage: (answer: WorkerAnswer<Result>) => void;
  },
  work: (request: Request, onProgress: (share: number) => void) => Result | Promise<Result>,
): void {
  scope.onmessage = async ({ data }) => {
    try {
      const result = await work(data, (share) => scope.postMessage({ kind: 'progress', share }));
      scope.postMessage({ kind: 'done', result });
    } catch (reason) {
      scope.postMessage({ kind: 'failed', reason: String(reason) });
    }
  };
}
