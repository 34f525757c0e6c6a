import { clockOf } from '../words/clock';
import type { ReviewMoment } from '../log/reviewed';

/** What happened at a moment, in a few words: "counted to 8 instead of 10". */
export function momentInWords({ kind, planned, real }: ReviewMoment): string {
  switch (kind) {
    case 'left out':
      return 'left out';
    case 'twice':
      return 'done twice';
    case 'out of order':
      return 'not in its place';
    case 'count':
      return `counted to ${real} instead of ${planned}`;
    case 'too short':
      return `${real} s instead of ${planned} s`;
    case 'sets':
      return `${real} of ${planned} sets, by the time it took`;
    case 'one side':
      return 'one side only, by the sound of it';
    case 'long talk':
      return `nobody moves for ${clockOf(real ?? 0)}`;
  }
}
