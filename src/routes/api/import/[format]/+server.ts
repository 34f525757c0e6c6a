import { problemOfIssue, type Result } from '$core';
import { json } from '@sveltejs/kit';
import { textOfDocx } from '$lib/files/docx-text';
import { MAX_BODY_BYTES, readBytes, refuse, refuseWith } from '$lib/server/answer';
import { idsInOrder, readingTold } from '$lib/server/read-answer';
import { importRequestSchema } from '$lib/server/requests';
import { PLAN_KINDS, readPlan, type PlanKind } from '$lib/shelf/read-file';
import { problem } from '$core';
import type { RequestHandler } from './$types';

const isKind = (name: string): name is PlanKind => (PLAN_KINDS as readonly string[]).includes(name);

type Given = Readonly<{
  bytes: Uint8Array;
  title: string;
  moves: Parameters<typeof readPlan>[2]['moves'];
}>;

/** What was sent: the file itself, or JSON with its text or its bytes. */
async function given(request: Request): Promise<Given | Response> {
  const bytes = await readBytes(request);
  if (bytes === null) return refuse([problem('too-large', [], { most: MAX_BODY_BYTES })], 413);
  const type = request.headers.get('content-type') ?? '';
  if (!/\bjson\b/u.test(type)) return { bytes, title: '', moves: [] };
  let value: unknown;
  try {
    value = JSON.parse(new TextDecoder().decode(bytes));
  } catch {
    return refuse([problem('not-json')]);
  }
  const parsed = importRequestSchema.safeParse(value, { reportInput: true });
  if (!parsed.success) return refuse(parsed.error.issues.map(problemOfIssue));
  const { text, base64, title, moves } = parsed.data;
  if (text === undefined && base64 === undefined) {
    return refuseWith(400, 'missing', 'Send the text as “text”, or the bytes as “base64”.', [
      'text',
    ]);
  }
  const sent =
    text === undefined
      ? new Uint8Array(Buffer.from(base64!, 'base64'))
      : new TextEncoder().encode(text);
  return { bytes: sent, title, moves };
}

/** A plan as an adventure, and what became of each of its lines. */
export const POST: RequestHandler = async ({ request, params }) => {
  const { format } = params;
  if (!isKind(format)) {
    const message = `There is no import “${format}”. There is: ${PLAN_KINDS.join(', ')}.`;
    return refuseWith(404, 'not-one-of', message, ['format']);
  }
  const sent = await given(request);
  if (sent instanceof Response) return sent;
  const { bytes, title, moves } = sent;
  const text: Result<string> =
    format === 'docx'
      ? await textOfDocx(bytes)
      : { ok: true, value: new TextDecoder().decode(bytes) };
  if (!text.ok) return refuse(text.problems, 422);
  const newId = idsInOrder();
  const source = { newId, newSeed: () => 1, moves };
  const read = await readPlan(format === 'docx' ? 'text' : format, text.value, source, title);
  if (!read.ok) return refuse(read.problems, read.problems[0]!.code === 'too-large' ? 413 : 422);
  const { adventure, lines } = read.value;
  return json({
    adventure,
    lines: lines.map(({ line, text: typed, read: one, beats }) => ({
      line,
      text: typed,
      ...readingTold(one, newId),
      beats,
    })),
  });
};
