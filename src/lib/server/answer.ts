import { parseAdventure, problem, problemOfIssue, type Adventure, type Problem } from '$core';
import type { z } from 'zod';
import { problemInWords } from '$lib/words/problem-words';

/** Most that a request may carry: 2 MiB, in bytes. */
export const MAX_BODY_BYTES = 2 * 1024 * 1024;

const STATUS: Partial<Record<Problem['code'] | 'wrong-media-type', number>> = {
  'too-large': 413,
  'wrong-media-type': 415,
};

/** An answer that says what is wrong: `{error: {code, message, path}}`, and all of it in `problems`. */
export function refuse(problems: readonly Problem[], status?: number): Response {
  const first = problems[0]!;
  const spoken = problems.map((one) => ({
    code: one.code,
    message: problemInWords(one),
    path: one.path,
  }));
  return Response.json(
    { error: { ...spoken[0], problems: spoken } },
    { status: status ?? STATUS[first.code] ?? 400 },
  );
}

/** An answer that says one thing that is wrong, in words of its own. */
export function refuseWith(
  status: number,
  code: string,
  message: string,
  path: readonly string[] = [],
): Response {
  return Response.json({ error: { code, message, path } }, { status });
}

/**
 * The body's bytes, or the answer that there are too many. What is too long is read to its end and
 * thrown away, so that the sender hears the answer instead of a broken line.
 */
export async function readBytes(request: Request): Promise<Uint8Array | Response> {
  const tooLarge = () => refuse([problem('too-large', [], { most: MAX_BODY_BYTES })], 413);
  const reader = request.body?.getReader();
  if (!reader) return new Uint8Array();
  let pieces: Uint8Array[] = [];
  let bytes = 0;
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return bytes > MAX_BODY_BYTES ? tooLarge() : Buffer.concat(pieces);
      bytes += value.byteLength;
      if (bytes <= MAX_BODY_BYTES) pieces.push(value);
      else pieces = [];
    }
  } catch {
    // The server's own limit, above ours, cut it off.
    return tooLarge();
  }
}

/** The JSON in a body, or the answer that says why there is none. */
export function jsonIn(bytes: Uint8Array): { value: unknown } | Response {
  try {
    return { value: JSON.parse(new TextDecoder().decode(bytes)) as unknown };
  } catch {
    return refuse([problem('not-json')]);
  }
}

/** What was sent, as `schema` has it, or the answer that says what is wrong with it. */
export function checked<Schema extends z.ZodType>(
  value: unknown,
  schema: Schema,
): { body: z.infer<Schema> } | Response {
  const parsed = schema.safeParse(value, { reportInput: true });
  return parsed.success ? { body: parsed.data } : refuse(parsed.error.issues.map(problemOfIssue));
}

/** The adventure in a body, checked and migrated as a file is; `at` is where it stands there. */
export function adventureIn(
  document: unknown,
  at: readonly string[],
): { adventure: Adventure } | Response {
  const parsed = parseAdventure(document);
  if (parsed.ok) return { adventure: parsed.value };
  return refuse(parsed.problems.map((one) => ({ ...one, path: [...at, ...one.path] })));
}

/** The JSON in a request, or the answer that says why there is none. */
export async function readJson(request: Request): Promise<{ value: unknown } | Response> {
  const type = request.headers.get('content-type') ?? '';
  if (!/^application\/([a-z.+-]+\+)?json\b/iu.test(type)) {
    return refuseWith(
      415,
      'wrong-media-type',
      'Send JSON, with the content type application/json.',
    );
  }
  const bytes = await readBytes(request);
  return bytes instanceof Response ? bytes : jsonIn(bytes);
}

/**
 * The body checked by `schema`, its `adventure` checked and migrated as a file is. A bare
 * adventure file is taken as `{adventure}`.
 */
export async function readRequest<Schema extends z.ZodObject>(
  request: Request,
  schema: Schema,
): Promise<{ body: z.infer<Schema>; adventure: Adventure } | Response> {
  const read = await readJson(request);
  return read instanceof Response ? read : requestIn(read.value, schema);
}

/** The same for a body that was read already. */
export function requestIn<Schema extends z.ZodObject>(
  value: unknown,
  schema: Schema,
): { body: z.infer<Schema>; adventure: Adventure } | Response {
  const bare =
    typeof value === 'object' && value !== null && 'format' in value && !('adventure' in value);
  const sent = checked(bare ? { adventure: value } : value, schema);
  if (sent instanceof Response) return sent;
  const { adventure } = sent.body as { adventure?: unknown };
  const found = adventureIn(adventure, bare ? [] : ['adventure']);
  return found instanceof Response ? found : { ...sent, ...found };
}
