import { z } from 'zod';
import { DEFAULT_PACE } from '../cues/pace';
import { LOOK_CHOICES } from '../figure/drawing/looks';
import type { DeepReadonly } from '../model/deep-readonly';
import type { DocumentKind } from '../model/document-kind';
import { INKS } from '../print/inks';
import { PACK_PARTS } from '../print/pack-parts';
import { PAPER_NAMES } from '../print/paper';
import { COUNTS_MODES, LINES_MODES } from '../stage/leading';
import { LENGTH_UNITS } from '../words/lengths';

const share = z.number().min(0).max(1);

const schema = z.strictObject({
  version: z.literal(2),
  wordsPerMinute: z.number().min(60).max(260),
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
  paper: z.enum(PAPER_NAMES),
  ink: z.enum(INKS),
  unit: z.enum(LENGTH_UNITS),
  /** Which child is in the pictures. */
  look: z.enum(LOOK_CHOICES),
  /** Parts of the print pack that are left out. */
  notPrinted: z.array(z.enum(PACK_PARTS)),
});

/** What the presenter has chosen once for all adventures. */
export type Preferences = DeepReadonly<z.infer<typeof schema>>;

export const USUAL_PREFERENCES: Preferences = {
  version: 2,
  wordsPerMinute: DEFAULT_PACE.wordsPerMinute,
  volume: 0.6,
  muted: false,
  music: false,
  musicVolume: 0.6,
  speak: false,
  lines: 'run on',
  holds: 'run on',
  counts: 'tempo',
  paper: 'a4',
  ink: 'colour',
  unit: 'metres',
  look: 'mixed',
  // To colour in, to stick on: asked for when they are wanted.
  notPrinted: ['script', 'stickers'],
};

/** Version 1 had no number, and held only what somebody had ever changed. */
export const PREFERENCES: DocumentKind<Preferences> = {
  version: 2,
  unnumbered: 1,
  migrations: [{ from: 1, migrate: (kept) => ({ ...USUAL_PREFERENCES, ...kept }) }],
  schema,
};
