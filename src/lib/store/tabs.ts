/** What tabs tell each other. */
export type TabMessage =
  | Readonly<{ type: 'saved'; id: string; revision: number }>
  | Readonly<{ type: 'shelf' }>
  | Readonly<{ type: 'moves' }>
  | Readonly<{ type: 'series'; id: string }>;

/** The tabs of this browser; a browser without the channel simply has no news from others. */
export class Tabs {
  readonly #channel =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('arrup');

  tell(message: TabMessage): void {
    this.#channel?.postMessage(message);
  }

  /** Returns the way to stop listening. */
  listen(hear: (message: TabMessage) => void): () => void {
    const listener = (event: MessageEvent<TabMessage>) => hear(event.data);
    this.#channel?.addEventListener('message', listener);
    return () => this.#channel?.removeEventListener('message', listener);
  }
}

export const tabs = new Tabs();
