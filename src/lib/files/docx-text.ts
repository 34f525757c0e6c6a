import { problem, textOfHtml, type Result } from '$core';

/** The text of a DOCX file; refused where it is none. The reader is large: it is fetched when it is needed. */
export async function textOfDocx(bytes: Uint8Array): Promise<Result<string>> {
  const { convertToHtml } = await import('mammoth');
  const plain = bytes.slice();
  try {
    const { value } = await convertToHtml(
      typeof Buffer === 'undefined'
        ? { arrayBuffer: plain.buffer }
        : { buffer: Buffer.from(plain) },
    );
    return { ok: true, value: textOfHtml(value) };
  } catch {
    return { ok: false, problems: [problem('not-docx')] };
  }
}
