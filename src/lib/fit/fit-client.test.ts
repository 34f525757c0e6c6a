import { DEFAULT_PACE, DEFAULT_SETTING, fit, newAdventure } from '$core';
import { describe, expect, it } from 'vitest';
import { askToFit, FitCancelled, type WorkerLike } from './fit-client';
import type { FitRequest } from './protocol';

const adventure = newAdventure((prefix) => `${prefix}_1`);
const request = {
  adventure,
  setting: DEFAULT_SETTING,
  pace: DEFAULT_PACE,
  target: { seconds: 60 },
};

function stub(act: (worker: WorkerLike, request: FitRequest) => void) {
  let ended = 0;
  const worker: WorkerLike = {
    onmessage: null,
    onerror: null,
    terminate: () => (ended += 1),
    postMessage: (asked) => act(worker, asked),
  };
  return { start: () => worker, ended: () => ended };
}

describe('asking a worker to fit', () => {
  it('gives its answer, and ends it', async () => {
    const { start, ended } = stub((worker, { id, ...asked }) => {
      const result = fit(asked.adventure, asked.setting, asked.pace, asked.target);
      worker.onmessage?.({ data: { id, ok: true, result } } as MessageEvent);
    });
    const result = await askToFit(request, start).result;
    expect(result).toMatchObject({ met: false, target: 60, before: 0, changes: [] });
    expect(ended()).toBe(1);
  });

  it('rejects when the worker fails, says no, dies or is silent', async () => {
    const failing = stub((worker) => worker.onerror?.({ message: 'lost' } as ErrorEvent));
    await expect(askToFit(request, failing.start).result).rejects.toThrow('lost');
    const refusing = stub((worker, { id }) =>
      worker.onmessage?.({ data: { id, ok: false, reason: 'no' } } as MessageEvent),
    );
    await expect(askToFit(request, refusing.start).result).rejects.toThrow('no');
    const silent = stub(() => {});
    await expect(askToFit(request, silent.start, 5).result).rejects.toThrow('too long');
    expect([failing.ended(), refusing.ended(), silent.ended()]).toEqual([1, 1, 1]);
  });

  it('can be called off', async () => {
    const { start, ended } = stub(() => {});
    const asked = askToFit(request, start);
    asked.cancel();
    await expect(asked.result).rejects.toBeInstanceOf(FitCancelled);
    expect(ended()).toBe(1);
  });
});
