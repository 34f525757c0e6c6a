import type { Adventure } from './adventure';
import type { Beat } from '../beats';
import type { Draw } from '../beats/draw-schema';

type Script = Pick<Adventure, 'chapters'>;

/** Every beat, in the order of the script. */
export function beatsOf({ chapters }: Script): readonly Beat[] {
  return chapters.flatMap(({ beats }) => beats);
}

export function hasBeats({ chapters }: Script): boolean {
  return chapters.some(({ beats }) => beats.length > 0);
}

/** Every draw beat, in the order of the script. */
export function drawsOf(adventure: Script): readonly Draw[] {
  return beatsOf(adventure).flatMap((beat) => (beat.kind === 'draw' ? [beat] : []));
}
