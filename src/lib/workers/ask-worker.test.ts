import { describe, expect, it } from 'vitest';
import { answerRequests, askWorker, Cancelled, type WorkerLike } from './ask-worker';

type Sums = WorkerLike<readonly number[], number>;

function stub(act: (worker: Sums, request: readonly number[]) => void) {
  let ended = 0;
  const worker: Sums = {
    onmessage: null,
    onerror: null,
    terminate: () => (ended += 1),
    postMessage: (asked) => act(worker, asked),
  };
  return { start: () => worker, ended: () => ended };
}

/** A worker that adds up, joined to its page by hand. */
const adding = stub((worker, asked) => {
  const scope: Parameters<typeof answerRequests<readonly number[], number>>[0] = {
    onmessage: null,
    postMessage: (data) => worker.onmessage?.({ data } as MessageEvent),
  };
  answerRequests(scope, (numbers, onProgress) => {
    if (numbers.length === 0) throw new RangeError('nothing to add');
    return numbers.reduce((sum, one, index) => {
      onProgress((index + 1) / numbers.length);
      return sum + one;
    }, 0);
  });
  scope.onmessage?.({ data: asked } as MessageEvent);
});

describe('asking a worker', () => {
  it('gives its answer, tells how far it is, and ends it', async () => {
    const heard: number[] = [];
    const { result } = askWorker([1, 2, 3, 4], adding.start, (share) => heard.push(share));
    expect(await result).toBe(10);
    expect(heard).toEqual([0.25, 0.5, 0.75, 1]);
    expect(adding.ended()).toBe(1);
  });

  it('rejects when the work throws, the worker dies or is silent', async () => {
    await expect(askWorker([], adding.start).result).rejects.toThrow('nothing to add');
    const failing = stub((worker) => worker.onerror?.({ message: 'lost' } as ErrorEvent));
    await expect(askWorker([1], failing.start).result).rejects.toThrow('lost');
    const silent = stub(() => {});
    const asked = askWorker([1], silent.start, () => {}, 5);
    await expect(asked.result).rejects.toThrow('too long');
    expect([failing.ended(), silent.ended()]).toEqual([1, 1]);
  });

  it('can be called off', async () => {
    const { start, ended } = stub(() => {});
    const asked = askWorker([1], start);
    asked.cancel();
    await expect(asked.result).rejects.toBeInstanceOf(Cancelled);
    expect(ended()).toBe(1);
  });
});
