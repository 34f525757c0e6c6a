import { json } from '@sveltejs/kit';
import { EXPORTS, fileNameOf } from '$lib/prep/exports';
import { readRequest } from '$lib/server/answer';
import { exportRequestSchema } from '$lib/server/requests';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, params }) => {
  const format = EXPORTS.find(({ id }) => id === params.format);
  if (!format) {
    const message = `There is no export “${params.format}”. There is: ${EXPORTS.map(({ id }) => id).join(', ')}.`;
    return json({ error: { code: 'not-one-of', message, path: ['format'] } }, { status: 404 });
  }
  const read = await readRequest(request, exportRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const name = encodeURIComponent(fileNameOf(adventure, format));
  return new Response(format.write(adventure, body.setting, body.pace), {
    headers: {
      'content-type': format.mediaType,
      'content-disposition': `attachment; filename*=UTF-8''${name}`,
    },
  });
};
