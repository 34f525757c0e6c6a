import { newDraw } from '../chance/new-draw';
import type { Defaults } from '../model/adventure';
import type { Beat, Draw } from '../model/beat';
import type { Entry } from '../model/chance';
import type { NewId } from '../model/new-adventure';
import type { DrawReading } from './draw-reader';
import type { ReadAction } from './read-action';
import type { QuickReading } from './quick-line';

/** A walking tempo, for chants and claps. Our own judgement. */
const RHYME_BEATS_PER_MINUTE = 96;

function drawFrom(reading: DrawReading, newId: NewId, seed: number): Draw {
  const { device, entries, amount, stop, standIn, between, beforehand, show } = reading;
  const bare = ({ move, guise, dose }: ReadAction) => ({ move: move.id, guise, dose });
  const given = entries.map(({ label, action, then }) => ({
    label,
    action: bare(action),
    then: then.map(bare),
  }));
  const draw = newDraw(device, given, show ?? 'none', seed, newId);
  const table = draw.entries.map((entry, n): Entry => {
    const { cards, faces } = entries[n]!;
    return { ...entry, cards, faces: faces ?? entry.faces };
  });
  const usual = draw.rules;
  return {
    ...draw,
    entries: table,
    amount,
    drawn: beforehand ? 'beforehand' : 'live',
    rules: {
      ...usual,
      ...reading.rules,
      stop: stop ?? usual.stop,
      between,
      standIn: standIn && { id: newId('ac'), ...bare(standIn) },
    },
  };
}

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
    case 'draw':
      return drawFrom(reading, newId, seed);
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
        lines: reading.lines.map(({ text, action }) => ({
          id: newId('st'),
          move: action.move.id,
          guise: action.guise,
          text,
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
        stations: reading.stations.map(({ move, guise }) => ({
          id: newId('st'),
          move: move.id,
          guise,
        })),
        rounds: reading.rounds,
        workSeconds: reading.workSeconds,
        restSeconds: reading.restSeconds,
        drinkBetweenRoundsSeconds: reading.drinkBetweenSeconds,
        restAfterLast: false,
        show: 'first',
      };
    default:
      return null;
  }
}
