import { tellAsWritten } from '../../beats/tell';
import { addBeats } from '../../document/edit';
import type { FindingContext } from '../context';
import { WHOLE, type Seen } from '../finding';

/** What a filmed welcome says, and words that show that it does. */
const CHECKS: readonly (readonly [name: string, words: RegExp, line: string])[] = [
  ['grown-up', /grown-?up|adult|mum|dad|parent/iu, 'Is a grown-up with you? Wave to them.'],
  [
    'space',
    /space|room|arms? out|wings?|touch|in the way|stretch out/iu,
    'Stretch out your arms and turn round. Is anything in the way?',
  ],
  ['kit', /sock|shoe|feet|mat|toys?|fetch/iu, 'Socks off, or shoes on, and toys to the side.'],
];

/** Filmed, nobody is there to look: the welcome asks for a grown-up, space and kit. */
export function checkWelcome({ adventure, setting }: FindingContext): Seen[] {
  const first = adventure.chapters[0];
  if (setting.place !== 'filmed' || !first) return [];
  const said = first.beats
    .map((beat) =>
      beat.kind === 'tell' ? tellAsWritten(beat) : beat.kind === 'move' ? beat.say : '',
    )
    .join(' ');
  const missing = CHECKS.filter(([, words]) => !words.test(said));
  if (missing.length === 0) return [];
  return [
    {
      place: { ...WHOLE, beatId: first.beats[0]?.id ?? null },
      severity: 'mend',
      params: { missing: missing.map(([name]) => name).join(', ') },
      fix: (now, newId) =>
        addBeats(
          now,
          first.id,
          Math.min(1, first.beats.length),
          missing.map(([, , text]) => ({
            kind: 'tell' as const,
            id: newId('bt'),
            text,
            ...(text.endsWith('?') ? { waitSeconds: 3 } : {}),
          })),
        ),
    },
  ];
}
