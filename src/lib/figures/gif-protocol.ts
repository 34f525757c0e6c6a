import type { LookChoice, Move } from '$core';

/** A move as a moving picture, as the page asks for it; its bytes are the answer. */
export type GifRequest = Readonly<{ move: Move; look: LookChoice }>;
export type GifAnswer = Uint8Array<ArrayBuffer>;
