import { check, unroll } from '$core';
import { mendOf, noteOf } from '$lib/findings/words';
import { loadSoundBook } from '$lib/language/sound-book';
import { readRequest } from '$lib/server/answer';
import { checkRequestSchema } from '$lib/server/requests';
import type { Answer } from './an-answer';

export const answerCheck: Answer = async (request) => {
  const read = await readRequest(request, checkRequestSchema);
  if (read instanceof Response) return read;
  const { adventure, body } = read;
  const setting = body.setting ?? adventure.setting;
  const schedule = unroll(adventure, setting, body.pace);
  const findings = check(adventure, setting, schedule, await loadSoundBook()).map((finding) => {
    const { rule, severity, source, place, atSeconds, params, setAside } = finding;
    const message = noteOf(finding);
    return {
      rule,
      severity,
      source,
      place,
      atSeconds,
      params,
      message,
      mend: mendOf(finding),
      setAside,
    };
  });
  return Response.json({ findings });
};
