import { dealt } from '../../devices';
import { urnOf } from '../../chance/urn';
import type { Draw } from '../../beats/draw-schema';
import type { Problem } from '../../model/problem';
import type { FindingContext } from '../context';
import type { Fix, Seen } from '../finding';
import { changeDraw } from '../mending';

function fixOf({ id }: Draw, { code }: Problem): Fix | null {
  if (code === 'unmapped-outcome') {
    return changeDraw(id, (now) => ({
      ...now,
      device: now.device.kind === 'deck' ? { ...now.device, jokers: 0 } : now.device,
      entries: dealt(now.device, now.entries),
    }));
  }
  if (code === 'no-stand-in') {
    return changeDraw(id, (now) => ({ ...now, rules: { ...now.rules, onRepeat: 'again' } }));
  }
  return null;
}

/** A table that cannot be drawn from, with the first reason. */
export function checkTables({ beats }: FindingContext): Seen[] {
  return [...beats.values()].flatMap((beat): Seen[] => {
    if (beat.kind !== 'draw') return [];
    const urn = urnOf(beat);
    const first = urn.ok ? undefined : urn.problems[0];
    if (!first) return [];
    const outcome = first.params.outcome;
    const params = {
      code: first.code,
      ...((typeof outcome === 'number' || typeof outcome === 'string') && { outcome }),
    };
    const place = { beatId: beat.id, part: null };
    return [{ place, severity: 'mend', params, fix: fixOf(beat, first) }];
  });
}
