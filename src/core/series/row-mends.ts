import { changeParts, partsOfBeat } from '../beats';
import type { Adventure } from '../document/adventure';
import { swapMove } from '../document/swap-move';
import { withAmounts } from '../model/dose';
import { moveBookOf } from '../moves/move-book';

/** What can be done about a note: an adventure is changed by it, or another one is chosen for a session. */
export type RowMend =
  | Readonly<{ kind: 'swap'; sessionId: string; adventureId: string; from: string; to: string }>
  | Readonly<{
      kind: 'amount';
      sessionId: string;
      adventureId: string;
      move: string;
      amount: number;
    }>
  | Readonly<{ kind: 'choose'; sessionId: string }>;

/** An adventure with a mend done; as it is where the mend changes no adventure. */
export function mendInRow(adventure: Adventure, mend: RowMend): Adventure {
  if (mend.kind === 'swap') {
    const to = moveBookOf(adventure).get(mend.to);
    return to ? swapMove(adventure, mend.from, to) : adventure;
  }
  if (mend.kind !== 'amount') return adventure;
  const { move, amount } = mend;
  return {
    ...adventure,
    chapters: adventure.chapters.map((chapter) => ({
      ...chapter,
      beats: chapter.beats.map((beat) =>
        partsOfBeat(beat).some((part) => part.move === move)
          ? changeParts(beat, (part) =>
              part.move === move && 'dose' in part && Math.max(...part.dose.amounts) > amount
                ? {
                    ...part,
                    dose: withAmounts(
                      part.dose,
                      part.dose.amounts.map((one) => Math.min(one, amount)),
                    ),
                  }
                : part,
            )
          : beat,
      ),
    })),
  };
}
