import { z } from 'zod';

/*
 * What the Stage tells other windows of this browser, and what a remote asks of it. A stand-in for a
 * second screen and for a phone in the hand: nothing leaves the machine.
 */

/** What the children's screen shows: no script, no clock of the leader's. */
export const shownSchema = z.strictObject({
  type: z.literal('shown'),
  /** Big words: the move's name, or what is happening. */
  main: z.string(),
  kind: z.string(),
  /** The move that is drawn; null for none. */
  move: z.string().nullable(),
  /** Moves at the same time. */
  also: z.array(z.string()),
  /** In its held pose. */
  held: z.boolean(),
  /** The figure's left side, so that children who mirror it move theirs. */
  flip: z.boolean(),
  /** Seconds a rep; seconds since the cue began, for a figure that keeps step with it. */
  secondsPerRep: z.number().positive(),
  elapsed: z.number().nullable(),
  /** The clock of the Stage goes. */
  running: z.boolean(),
  count: z.number().nullable(),
  of: z.number().nullable(),
  share: z.number(),
  side: z.enum(['left', 'right']).nullable(),
  round: z.string(),
});
export type Shown = z.infer<typeof shownSchema>;

export const REMOTE_KEYS = [
  'next',
  'back',
  'go',
  'again',
  'fewer',
  'easier',
  'drink',
  'skip',
] as const;
export type RemoteKey = (typeof REMOTE_KEYS)[number];

const messageSchema = z.discriminatedUnion('type', [
  shownSchema,
  z.strictObject({ type: z.literal('over') }),
  /** A window has opened and knows nothing yet. */
  z.strictObject({ type: z.literal('hello') }),
  z.strictObject({ type: z.literal('key'), key: z.enum(REMOTE_KEYS) }),
]);
export type CompanionMessage = z.infer<typeof messageSchema>;

/** The line between the windows that belong to the leading of one adventure. */
export class Companions {
  readonly #channel: BroadcastChannel | null;

  constructor(adventureId: string) {
    this.#channel =
      typeof BroadcastChannel === 'undefined'
        ? null
        : new BroadcastChannel(`arrup.stage.${adventureId}`);
  }

  tell(message: CompanionMessage): void {
    this.#channel?.postMessage(message);
  }

  listen(hear: (message: CompanionMessage) => void): void {
    this.#channel?.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
      // Another version of the application in another tab may say something else.
      const read = messageSchema.safeParse(data);
      if (read.success) hear(read.data);
    });
  }

  close(): void {
    this.#channel?.close();
  }
}
