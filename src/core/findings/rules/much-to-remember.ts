import type { AgeBand } from '../../model/ages';
import { linksOf, type Chain } from '../../beats/chain-schema';
import { changeBeat } from '../../document/edit';
import type { FindingContext } from '../context';
import type { Seen } from '../finding';

/** Links of a growing chain that are held in mind. Our own judgement. */
export const MOST_LINKS: Readonly<Record<AgeBand, number>> = { '3-4': 4, '5': 6, '6-7': 8 };
/** Beats of a rhythm that are given back in one go. Our own judgement. */
export const MOST_ECHO_BEATS: Readonly<Record<AgeBand, number>> = { '3-4': 4, '5': 8, '6-7': 12 };

/** Links that are new at the same time. Our own judgement. */
export const MOST_NEW_LINKS: Readonly<Record<AgeBand, number>> = { '3-4': 2, '5': 3, '6-7': 4 };

function chainMemory(beat: Chain, band: AgeBand): Seen[] {
  const place = { beatId: beat.id, part: null };
  const links = linksOf(beat).length;
  if (links > MOST_LINKS[band]) {
    const params = { what: 'links', amount: links, usual: MOST_LINKS[band] };
    return [{ place, severity: 'think', params, fix: null }];
  }
  const [fresh, usual] = [Math.min(links, beat.introduce), MOST_NEW_LINKS[band]];
  if (fresh <= usual) return [];
  return [
    {
      place,
      severity: 'think',
      params: { what: 'new links', amount: fresh, usual },
      fix: (now) =>
        changeBeat(now, beat.id, (one) =>
          one.kind === 'chain' ? { ...one, introduce: usual } : one,
        ),
    },
  ];
}

/** A chain with more links, or a rhythm with more beats, than the youngest can hold in mind. */
export function checkMemory({ beats, band }: FindingContext): Seen[] {
  return [...beats.values()].flatMap((beat): Seen[] => {
    const place = { beatId: beat.id, part: null };
    if (beat.kind === 'chain') return chainMemory(beat, band);
    if (beat.kind !== 'echo' || !beat.echo) return [];
    const usual = MOST_ECHO_BEATS[band];
    const longest = Math.max(0, ...beat.lines.map((line) => line.beats));
    if (longest <= usual) return [];
    return [
      {
        place,
        severity: 'think',
        params: { what: 'beats', amount: longest, usual },
        fix: (now) =>
          changeBeat(now, beat.id, (one) =>
            one.kind === 'echo'
              ? {
                  ...one,
                  lines: one.lines.map((line) => ({ ...line, beats: Math.min(usual, line.beats) })),
                }
              : one,
          ),
      },
    ];
  });
}
