import type { Adventure } from '../document/adventure';
import type { ChapterKind } from '../model/chapter-kinds';
import { NO_GUISE, PLAIN_ACTION, type Action } from '../model/action';
import { type Beat, changeParts } from '../beats';
import type { Draw } from '../beats/draw-schema';
import { type MoveBeat } from '../beats/move';
import { plainDose, type Dose } from '../model/dose';
import { addBeats, changeBeat, findBeat } from '../document/edit';
import { AS_LED } from '../model/led';
import type { NewId } from '../model/new-id';
import type { Fix } from './finding';

/* Edits that several rules mend with. */

/** A beat of one move, led as its chapter is unless it is said. */
export function beatOf(
  move: string,
  dose: Dose,
  newId: NewId,
  led: MoveBeat['led'] = null,
): MoveBeat {
  return {
    kind: 'move',
    id: newId('bt'),
    say: '',
    actions: [{ id: newId('ac'), move, guise: NO_GUISE, dose, ...PLAIN_ACTION }],
    rounds: 1,
    restBetweenRoundsSeconds: 0,
    ...AS_LED,
    led,
  };
}

/** Something for the leader to say. */
export function lineOf(text: string, newId: NewId): Beat {
  return { kind: 'tell', id: newId('bt'), text };
}

export function insertBefore(
  adventure: Adventure,
  beatId: string,
  beats: readonly Beat[],
): Adventure {
  const place = findBeat(adventure, beatId);
  if (!place) return adventure;
  return addBeats(adventure, adventure.chapters[place.chapter]!.id, place.beat, beats);
}

/** Puts beats at the end of the last chapter of one of these kinds, else of the last chapter. */
export function appendTo(
  adventure: Adventure,
  kinds: readonly ChapterKind[],
  beats: readonly Beat[],
): Adventure {
  const chapter =
    adventure.chapters.findLast(({ kind }) => kinds.includes(kind)) ?? adventure.chapters.at(-1);
  return chapter ? addBeats(adventure, chapter.id, chapter.beats.length, beats) : adventure;
}

export function changeAction(
  adventure: Adventure,
  beatId: string,
  actionId: string,
  change: (action: Action) => Action,
): Adventure {
  return changeBeat(adventure, beatId, (beat) =>
    changeParts(beat, (part) =>
      'dose' in part && part.id === actionId ? { ...part, ...change(part) } : part,
    ),
  );
}

/** A fix that changes a draw beat. */
export function changeDraw(beatId: string, change: (beat: Draw) => Draw): Fix {
  return (now) => changeBeat(now, beatId, (beat) => (beat.kind === 'draw' ? change(beat) : beat));
}

/** Gives an action or a station another move; an action takes `dose` with it. */
export function swapMove(
  adventure: Adventure,
  beatId: string,
  partId: string,
  move: string,
  dose: Dose,
): Adventure {
  return changeBeat(adventure, beatId, (beat) =>
    changeParts(beat, (part) => {
      if (part.id !== partId) return part;
      return 'dose' in part ? { ...part, move, dose } : { ...part, move };
    }),
  );
}

/** Seconds of a move, whichever side, once. */
export const forSeconds = (seconds: number): Dose => plainDose('seconds', seconds);
