import { capital } from '../../words/capital';
import { hasSoundOf, isWrittenWith } from '../../words/reading-scheme';
import { proposeForEntry } from '../../language/letter-strip';
import type { Draw } from '../../beats/draw-schema';
import { NO_GUISE } from '../../model/action';
import type { Entry } from '../../model/chance';
import { doseForMove } from '../../moves/usual-dose';
import type { FindingContext } from '../context';
import type { Fix, Seen } from '../finding';
import { changeDraw } from '../mending';

/** Why a picture word does not do for its letter; null where it does, or where nobody can tell. */
function fault({ label, action }: Entry, book: FindingContext['sounds']) {
  const { picture, name, sound } = action.guise;
  const word = picture || name;
  if (!label || !word) return null;
  // What the presenter says of the sound goes before the dictionary.
  if (sound) return sound.toLowerCase().startsWith(label.toLowerCase()) ? null : 'sound';
  if (!isWrittenWith(label, word)) return 'letter';
  return book && hasSoundOf(label, word, book) === false ? 'sound' : null;
}

function swap(beat: Draw, entry: Entry, context: FindingContext): Fix | null {
  const { book, setting, sounds } = context;
  const [idea] = proposeForEntry(beat, entry, book, setting, sounds, 1);
  if (!idea) return null;
  const { move, picture } = idea;
  const guise = { ...NO_GUISE, name: capital(picture), picture };
  const dose = doseForMove(entry.action.dose, move, setting.ages);
  const action = { ...entry.action, move: move.id, guise, dose };
  return changeDraw(beat.id, (now) => ({
    ...now,
    entries: now.entries.map((one) => (one.id === entry.id ? { ...one, action } : one)),
  }));
}

/** A letter whose picture word is not written with it, or does not have its sound. */
export function checkLetters(context: FindingContext): Seen[] {
  return [...context.beats.values()].flatMap((beat): Seen[] => {
    if (beat.kind !== 'draw' || beat.device.kind !== 'letters') return [];
    return beat.entries.flatMap((entry): Seen[] => {
      const why = fault(entry, context.sounds);
      if (!why) return [];
      const word = entry.action.guise.picture || entry.action.guise.name;
      return [
        {
          place: { beatId: beat.id, part: entry.action.id },
          severity: 'mend',
          params: { letter: entry.label, word, why },
          fix: swap(beat, entry, context),
        },
      ];
    });
  });
}
