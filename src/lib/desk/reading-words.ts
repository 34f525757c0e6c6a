import {
  amountInWords,
  beatFromReading,
  doseInWords,
  lengthInWords,
  rulesInWords,
  stopInWords,
  type Device,
  type QuickReading,
} from '$core';

const DEVICE_WORDS: Readonly<Record<Device['kind'], string>> = {
  die: 'A die',
  spinner: 'A spinner',
  deck: 'Cards',
  letters: 'A letter strip',
  calls: 'Calls',
  leader: 'The leader’s choice',
  list: 'A list in order',
};

/** More words than this, and a line that names a move is plainly prose, not a slip. */
const MOST_SLIPS = 3;

/** What was understood of a typed line, for reading back before Enter is pressed. */
export function readingInWords(reading: QuickReading): string {
  switch (reading.kind) {
    case 'nothing':
      return '';
    case 'chapter':
      return `A new chapter: ${reading.title}`;
    case 'drink':
      return `A drink, ${lengthInWords(reading.seconds)}`;
    case 'tell':
      if (reading.waitSeconds !== undefined) {
        return `A question, with ${reading.waitSeconds} s for answers`;
      }
      return reading.unread.length > 0 && reading.unread.length <= MOST_SLIPS
        ? `A line to say. As a move, “${reading.unread.join(' ')}” is not understood`
        : 'A line to say';
    case 'circuit': {
      const { stations, rounds, workSeconds, restSeconds } = reading;
      const named = stations.map(({ move, guise }) => guise.name || move.name);
      const what = named.length > 0 ? named.join(', ') : 'stations to come';
      return `A circuit: ${what}; ${rounds} × (${workSeconds} s work, ${restSeconds} s rest)`;
    }
    case 'draw': {
      // The beat that it would be says its rules itself.
      const beat = beatFromReading(reading, { show: 'none', countInSeconds: 0 }, (p) => p, 0);
      if (beat?.kind !== 'draw') return '';
      const { device, entries } = reading;
      const what = entries.map(({ label, cards, action, then }) => {
        const name = [action, ...then]
          .map(({ guise, move }) => guise.name || move.name)
          .join(' then ');
        const on = device.kind === 'letters' || cards !== 'suit' ? `${label} ` : '';
        return `${on}${name}${device.kind === 'letters' ? ` (${action.move.name})` : ''}`;
      });
      const rules = [stopInWords(beat), amountInWords(beat.amount), ...rulesInWords(beat)];
      return `${DEVICE_WORDS[device.kind]}: ${what.join(', ')}; ${rules.filter(Boolean).join('; ')}`;
    }
    case 'chain':
      return `A growing chain: ${reading.actions.map(({ move }) => move.name).join(', ')}`;
    case 'echo': {
      const what = reading.lines.map(({ action }) => action.move.name).join(', ');
      return `${reading.echo ? 'An echo' : 'A rhyme'}, ${reading.beats} beats a line: ${what}`;
    }
    case 'move': {
      const parts = reading.actions.map(({ move, dose, guise, usualAmount }) => {
        const name = guise.name ? `${guise.name} (${move.name})` : move.name;
        return `${name}, ${doseInWords(dose)}${usualAmount ? ' as usual' : ''}`;
      });
      const rounds = reading.rounds > 1 ? `, ${reading.rounds} rounds` : '';
      return `${parts.join('; then ')}${rounds}`;
    }
  }
}
