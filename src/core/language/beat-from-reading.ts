import { newDraw } from '../chance/new-draw';
import type { Defaults } from '../model/adventure';
import { NO_GUISE, type Beat } from '../model/beat';
import type { NewId } from '../model/new-adventure';
import type { QuickReading } from './quick-line';

/** A walking tempo, for chants and claps. Our own judgement. */
const RHYME_BEATS_PER_MINUTE = 96;

/** The beat that a reading asks for, draws from `seed`; null for a chapter or for nothing. */
export function beatFromReading(
  reading: QuickReading,
  defaults: Defaults,
  newId: NewId,
  seed: number,
): Beat | null {
  switch (reading.kind) {
    case 'tell': {
      const { text, waitSeconds } = reading;
      const tell = { kind: 'tell', id: newId('bt'), text } as const;
      return waitSeconds === undefined ? tell : { ...tell, waitSeconds };
    }
    case 'drink':
      return { kind: 'drink', id: newId('bt'), text: '', seconds: reading.seconds };
    case 'move':
      return {
        kind: 'move',
        id: newId('bt'),
        say: '',
        actions: reading.actions.map(({ move, guise, dose }) => ({
          id: newId('ac'),
          move: move.id,
          guise,
          dose,
        })),
        rounds: reading.rounds,
        restBetweenRoundsSeconds: 0,
        flowing: false,
        show: defaults.show,
      };
    case 'draw': {
      const given = reading.entries.map(({ label, action: { move, guise, dose } }) => ({
        label,
        action: { move: move.id, guise, dose },
      }));
      const draw = newDraw(reading.device, given, 'none', seed, newId);
      const { rules } = draw;
      const stop =
        reading.draws === null ? rules.stop : { after: 'draws' as const, draws: reading.draws };
      return { ...draw, amount: reading.amount, rules: { ...rules, stop } };
    }
    case 'chain':
      return {
        kind: 'chain',
        id: newId('bt'),
        say: '',
        links: reading.actions.map(({ move, guise, dose }) => ({
          id: newId('ac'),
          move: move.id,
          guise,
          dose,
        })),
        rehearseAfter: [3, 6].filter((n) => n < reading.actions.length),
        perform: true,
        performSay: '',
        show: 'each',
      };
    case 'echo':
      return {
        kind: 'echo',
        id: newId('bt'),
        say: '',
        beatsPerMinute: RHYME_BEATS_PER_MINUTE,
        lines: reading.moves.map((move) => ({
          id: newId('st'),
          move: move.id,
          guise: NO_GUISE,
          text: '',
          beats: reading.beats,
        })),
        times: 2,
        echo: reading.echo,
      };
    case 'circuit':
      return {
        kind: 'circuit',
        id: newId('bt'),
        say: '',
        stations: reading.moves.map((move) => ({
          id: newId('st'),
          move: move.id,
          guise: NO_GUISE,
        })),
        rounds: reading.rounds,
        workSeconds: reading.workSeconds,
        restSeconds: reading.restSeconds,
        drinkBetweenRoundsSeconds: 0,
        restAfterLast: false,
        show: 'first',
      };
    default:
      return null;
  }
}
