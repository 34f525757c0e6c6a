import { read } from '$app/server';
import type { RequestHandler } from '@sveltejs/kit';
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import { pool as newPool, type Pool } from 'workerpool';
import { readBytes, refuseWith } from './answer';
import { answer, type AnswerName, type Answered, type Asked } from './heavy/answers';

/**
 * What one request may take; no adventure that a file may hold comes near. By the clock on the wall, so a
 * machine that has much else to do may be given more.
 */
const LIMITS = { seconds: Number(process.env.ANSWER_SECONDS ?? 9), megabytes: 400 } as const;
/** Waiting and working together: whoever asks has an answer by then. */
const MOST_SECONDS_IN_ALL = LIMITS.seconds + 0.8;
/** Requests that wait while all workers are at it. */
const MOST_WAITING = 30;
/** Requests of one caller in a minute: far above what a page of ours asks, below what wears a machine. */
const CALLS = { points: Number(process.env.CALLS_A_MINUTE ?? 1200), duration: 60 } as const;

/** Set by the server that starts us; without it, while developing, answers are made right here. */
const WORKER = process.env.ARRUP_WORKER;

let workers: Pool | null = null;
function workersOf(script: string): Pool {
  workers ??= newPool(script, {
    workerType: 'thread',
    maxWorkers: Number(process.env.ARRUP_WORKERS ?? 2),
    maxQueueSize: MOST_WAITING,
    workerThreadOpts: { resourceLimits: { maxOldGenerationSizeMb: LIMITS.megabytes } },
  });
  return workers;
}

/** Answers in a worker. Rejects where it takes too long or too much, or too many wait. */
async function answered(asked: Asked): Promise<Answered> {
  if (!WORKER) return answer(asked, async (url) => read(url));
  const task = workersOf(WORKER).exec('answer', [asked]);
  // The time limit begins when a worker takes it; what waits for too long is told to come back.
  const waited = setTimeout(() => task.cancel(), MOST_SECONDS_IN_ALL * 1000);
  try {
    return (await task.timeout(LIMITS.seconds * 1000)) as Answered;
  } finally {
    clearTimeout(waited);
  }
}

const callers = new RateLimiterMemory(CALLS);

/** Null where the caller may go on, or the answer that it is too often. */
async function tooOften(address: string): Promise<Response | null> {
  try {
    await callers.consume(address);
    return null;
  } catch (reason) {
    if (!(reason instanceof RateLimiterRes)) throw reason;
    const seconds = Math.max(1, Math.ceil(reason.msBeforeNext / 1000));
    const answer = refuseWith(
      429,
      'too-often',
      `That’s more than ${CALLS.points} requests in a minute. Try again in ${seconds} s.`,
    );
    answer.headers.set('retry-after', String(seconds));
    return answer;
  }
}

/** Why a worker gave no answer, as one. */
function noAnswer(reason: unknown): Response {
  const message = reason instanceof Error ? `${reason.name} ${reason.message}` : String(reason);
  if (/Max queue size|cancel/iu.test(message)) {
    const answer = refuseWith(503, 'busy', 'Too many are asking just now. Try again in a moment.');
    answer.headers.set('retry-after', '2');
    return answer;
  }
  if (/timeout/iu.test(message)) {
    return refuseWith(
      422,
      'too-heavy',
      `This takes more than ${LIMITS.seconds} s to work out. Send less of it.`,
    );
  }
  if (/memory|terminated|exit/iu.test(message)) {
    return refuseWith(422, 'too-heavy', 'This takes too much memory to work out. Send less of it.');
  }
  throw reason;
}

/** A route that may take its time: done beside, within limits, so that all others stay quick. */
export function inPool(name: AnswerName): RequestHandler {
  return async ({ request, params, getClientAddress }) => {
    const refused = await tooOften(getClientAddress());
    if (refused) return refused;
    const bytes = await readBytes(request);
    if (bytes instanceof Response) return bytes;
    const contentType = request.headers.get('content-type') ?? '';
    const asked: Asked = { name, format: params.format ?? '', contentType, bytes };
    let given: Answered;
    try {
      given = await answered(asked);
    } catch (reason) {
      return noAnswer(reason);
    }
    return new Response(given.bytes, {
      status: given.status,
      headers: given.headers.map(([key, value]): [string, string] => [key, value]),
    });
  };
}
