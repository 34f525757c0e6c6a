import { z } from 'zod';
import { DEFAULT_PACE, paceSchema, TALK_RANGE, WORDS_PER_MINUTE } from '../cues/pace';
import { PACE_KEY } from '../log/pace-key';
import { MOST_MADE_BY } from '../model/text';
import { LOOK_CHOICES } from '../figure/drawing/look-choices';
import type { DeepReadonly } from '../model/deep-readonly';
import type { DocumentKind } from '../model/document-kind';
import { INKS } from '../print/ink-choices';
import { ASKED_FOR, PACK_PARTS, type PackPartId } from '../print/pack-parts';
import { PAPER_NAMES } from '../print/paper';
import { COUNTS_MODES, LINES_MODES, THROWS_MODES } from '../stage/modes';
import { LENGTH_UNITS } from '../words/lengths';
import { within } from '../words/numbers';

const share = z.number().min(0).max(1);

export const preferencesSchema = z.strictObject({
  version: z.literal(10),
  /** The presenter's own pace, as far as it is known. */
  pace: paceSchema,
  /** What was learned of it from sessions; what is set by hand goes first. */
  learned: z
    .array(
      z.strictObject({
        key: z.string().max(80).regex(PACE_KEY),
        times: z.number().min(0.1).max(10),
        sessions: z.int().min(1),
        seen: z.int().min(1),
        trust: share,
        varies: z.number().min(0).max(10),
      }),
    )
    .max(500),
  /** What of it is set aside. */
  paceAside: z.array(z.string().max(80)).max(500),
  volume: share,
  muted: z.boolean(),
  /** A little music while they work or travel by the clock. */
  music: z.boolean(),
  musicVolume: share,
  /** The Stage reads lines aloud with the device's own voice. */
  speak: z.boolean(),
  lines: z.enum(LINES_MODES),
  holds: z.enum(LINES_MODES),
  counts: z.enum(COUNTS_MODES),
  throws: z.enum(THROWS_MODES),
  /** Words that may shame, frighten or leave somebody out are noted beside the script. */
  wordNotes: z.boolean(),
  paper: z.enum(PAPER_NAMES),
  ink: z.enum(INKS),
  unit: z.enum(LENGTH_UNITS),
  /** Which child is in the pictures. */
  look: z.enum(LOOK_CHOICES),
  /** Parts of the print pack that are left out. */
  notPrinted: z.array(z.enum(PACK_PARTS)),
  /** Cards are printed with their backs, for a printer that prints both sides. */
  backs: z.boolean(),
  /** Who made it, as what is given away says; nobody where it is empty. */
  madeBy: z.string().max(MOST_MADE_BY),
});

/** What the presenter has chosen once for all adventures. */
export type Preferences = DeepReadonly<z.infer<typeof preferencesSchema>>;

export const USUAL_PREFERENCES: Preferences = {
  version: 10,
  pace: DEFAULT_PACE,
  learned: [],
  paceAside: [],
  volume: 0.6,
  muted: false,
  music: false,
  musicVolume: 0.6,
  speak: false,
  lines: 'run on',
  holds: 'run on',
  counts: 'tempo',
  throws: 'shown',
  wordNotes: true,
  paper: 'a4',
  ink: 'colour',
  unit: 'metres',
  look: 'mixed',
  notPrinted: [...ASKED_FOR],
  backs: false,
  madeBy: '',
};

/** Words a minute of a whole session, pauses in, as version 2 had them for everybody. */
const WHOLE_SESSION = 135;

/**
 * Version 2 had words a minute of a whole session. Nobody's own choice is left out; one that was made
 * becomes words a minute while talking, as much faster or slower than usual.
 */
function toVersion3(kept: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const { wordsPerMinute: whole, ...others } = kept;
  const chosen = typeof whole === 'number' && whole !== WHOLE_SESSION;
  const talk = chosen ? Math.round((whole * WORDS_PER_MINUTE) / WHOLE_SESSION) : null;
  const wordsPerMinute = talk && within(talk, TALK_RANGE);
  return { ...others, pace: { ...DEFAULT_PACE, wordsPerMinute } };
}

/** Whoever chose what to print before these parts were there did not choose them. */
const leavingOut =
  (...since: readonly PackPartId[]) =>
  (kept: Readonly<Record<string, unknown>>): Record<string, unknown> => {
    const before = Array.isArray(kept.notPrinted) ? (kept.notPrinted as readonly unknown[]) : [];
    const notPrinted = PACK_PARTS.filter((part) => before.includes(part) || since.includes(part));
    return { backs: USUAL_PREFERENCES.backs, ...kept, notPrinted };
  };

/** Version 1 had no number, and held only what somebody had ever changed. */
export const PREFERENCES: DocumentKind<Preferences> = {
  version: 10,
  unnumbered: 1,
  migrations: [
    { from: 1, migrate: (kept) => ({ ...USUAL_PREFERENCES, ...kept }) },
    { from: 2, migrate: toVersion3 },
    { from: 3, migrate: (kept) => ({ throws: USUAL_PREFERENCES.throws, ...kept }) },
    { from: 4, migrate: (kept) => ({ wordNotes: USUAL_PREFERENCES.wordNotes, ...kept }) },
    { from: 5, migrate: leavingOut('floor-sheet') },
    {
      from: 6,
      migrate: leavingOut(
        'big-dice',
        'footprints',
        'tally',
        'timetable',
        'story-strip',
        'posters',
        'alphabet',
        'colouring',
        'certificate',
        'fridge',
      ),
    },
    { from: 7, migrate: (kept) => ({ learned: [], paceAside: [], ...kept }) },
    // How long a move is shown, in the pace: what is not there is as usual.
    { from: 8, migrate: (kept) => ({ ...kept }) },
    { from: 9, migrate: (kept) => ({ madeBy: USUAL_PREFERENCES.madeBy, ...kept }) },
  ],
  schema: preferencesSchema,
};
