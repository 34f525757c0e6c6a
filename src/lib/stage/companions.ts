import { ADAPTATIONS, MOMENTS } from '$core';
import { z } from 'zod';

/*
 * What the Stage tells other windows of this browser, and what a remote asks of it. A stand-in for a
 * second screen and for a phone in the hand: nothing leaves the machine.
 */

const nthSchema = z.strictObject({ n: z.int(), of: z.int() });

/** What is on: the same for the Stage, the children's screen and the remote. */
export const shownSchema = z.strictObject({
  type: z.literal('shown'),
  cueId: z.string(),
  kind: z.string(),
  moment: z.enum(MOMENTS),
  status: z.enum(['running', 'waiting', 'paused']),
  /** Big words for children: the move's name, or what is happening. */
  main: z.string(),
  /** What the leader says now, and what comes next: for the remote. */
  said: z.string(),
  next: z.string(),
  /** The move that is drawn; null for none. */
  move: z.string().nullable(),
  /** Moves at the same time. */
  also: z.array(z.string()),
  /** In its held pose. */
  held: z.boolean(),
  /** The figure changed over, so that children who mirror it move the right side. */
  flip: z.boolean(),
  /** Seconds a rep; seconds since the cue began, for a figure that keeps step with it. */
  secondsPerRep: z.number().positive(),
  elapsed: z.number().nullable(),
  count: z.number().nullable(),
  of: z.number().nullable(),
  share: z.number(),
  side: z.enum(['left', 'right']).nullable(),
  set: nthSchema.nullable(),
  /** Which of the groups does it, where they go by turns. */
  go: nthSchema.nullable(),
  round: nthSchema.nullable(),
  /** How many are still to come before all were seen; null where that doesn't matter. */
  left: z.int().nullable(),
  /** What a round is called here. */
  roundWord: z.string(),
  /** Which child of the circle draws. */
  turn: nthSchema.nullable(),
  /** The draw that it belongs to, as it fell; null for what is not drawn. */
  draw: z
    .strictObject({
      beatId: z.string(),
      outcome: z.int(),
      entry: z.int(),
      value: z.number().nullable(),
      standIn: z.boolean(),
      number: z.number().nullable(),
      amount: z.number().nullable(),
      isFirst: z.boolean(),
      betweenSeconds: z.number(),
    })
    .nullable(),
  /** Changes that the remote offers. */
  changes: z.array(z.strictObject({ what: z.enum(ADAPTATIONS), label: z.string() })),
});
export type Shown = z.infer<typeof shownSchema>;

export const REMOTE_KEYS = ['next', 'back', 'go', 'skip', ...ADAPTATIONS] as const;
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
