import { idsInOrder, type Result } from '$core';
import { decodeText } from '$lib/files/decode-text';
import { textOfDocx } from '$lib/files/docx-text';
import { PLAN_KINDS, readPlan, type PlanKind, type PlanSource } from '$lib/plan/read-plan';
import { checked, jsonIn, readBytes, refuse, refuseWith } from '$lib/server/answer';
import { MARK, readingTold } from '$lib/server/read-answer';
import { importRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

const isKind = (name: string): name is PlanKind => (PLAN_KINDS as readonly string[]).includes(name);

type Given = Readonly<{
  bytes: Uint8Array;
  title: string;
  moves: PlanSource['moves'];
}>;

/** What was sent: the file itself, or JSON with its text or its bytes. */
async function given(request: Request): Promise<Given | Response> {
  const bytes = await readBytes(request);
  if (bytes instanceof Response) return bytes;
  const type = request.headers.get('content-type') ?? '';
  if (!/\bjson\b/iu.test(type)) return { bytes, title: '', moves: [] };
  const read = jsonIn(bytes);
  if (read instanceof Response) return read;
  const asked = checked(read.value, importRequestSchema);
  if (asked instanceof Response) return asked;
  const { text, base64, title, moves } = asked.body;
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
export const answerImport: Answer = async (request, format) => {
  if (!isKind(format)) {
    const message = `There is no import “${format}”. There is: ${PLAN_KINDS.join(', ')}.`;
    return refuseWith(404, 'not-one-of', message, ['format']);
  }
  const sent = await given(request);
  if (sent instanceof Response) return sent;
  const { bytes, title, moves } = sent;
  const text: Result<string> =
    format === 'docx' ? await textOfDocx(bytes) : { ok: true, value: decodeText(bytes) };
  if (!text.ok) return refuse(text.problems, 422);
  const newId = idsInOrder(MARK);
  const source = { newId, newSeed: () => 1, moves };
  const read = await readPlan(format === 'docx' ? 'text' : format, text.value, source, title);
  if (!read.ok) return refuse(read.problems, read.problems[0]!.code === 'too-large' ? 413 : 422);
  const { adventure, lines } = read.value;
  return Response.json({
    adventure,
    lines: lines.map(({ line, text: typed, read: one, beats }) => ({
      line,
      text: typed,
      ...readingTold(one, newId),
      beats,
    })),
  });
};
