import { refuseWith } from '$lib/server/answer';
import type { RequestHandler } from './$types';

/** Whatever is no route of ours; GET /api/schema lists those that are. */
export const fallback: RequestHandler = ({ url }) =>
  refuseWith(
    404,
    'no-such-route',
    `There is no ${url.pathname}. GET /api/schema lists what there is.`,
  );
