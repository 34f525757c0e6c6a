import { CURRENT_VERSION } from '$core';
import { json } from '@sveltejs/kit';

export function GET() {
  return json({ ok: true, documentVersion: CURRENT_VERSION });
}
