/** What can be looked at beside the script, in the order of its tabs. */
export const LOOKS = [
  ['notes', 'Notes'],
  ['expect', 'Expect'],
  ['balance', 'Body'],
  ['fit', 'Fit it'],
  ['story', 'Story'],
  ['find', 'Find'],
] as const;
export type Look = (typeof LOOKS)[number][0];

/** What is looked at beside the script; null for nothing. */
export class Looking {
  at = $state<Look | null>(null);
  #last: Look = 'notes';

  open(look: Look = this.#last): void {
    this.at = look;
  }
  close(): void {
    if (!this.at) return;
    this.#last = this.at;
    this.at = null;
  }
}
