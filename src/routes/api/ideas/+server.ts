import { inPool } from '$lib/server/pool';

export const POST = inPool('ideas');
