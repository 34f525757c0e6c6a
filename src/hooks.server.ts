import { base } from '$app/paths';
import type { Handle } from '@sveltejs/kit';
import { refuseWith } from '$lib/server/answer';

const isJson = ({ headers }: Response) => headers.get('content-type')?.includes('json') ?? false;

export const handle: Handle = async ({ event, resolve }) => {
  const { pathname } = event.url;
  let response = await resolve(event);
  if (response.status === 405 && pathname.startsWith(`${base}/api/`) && !isJson(response)) {
    const allowed = response.headers.get('allow') ?? '';
    const message = `${pathname} does not take ${event.request.method}. It takes ${allowed}.`;
    response = refuseWith(405, 'wrong-method', message);
    response.headers.set('allow', allowed);
  }
  return response;
};
