import type { KeptFile } from './as-file';

/** Something that could not be written to the browser's store. It stays until it could. */
export type Trouble = Readonly<{
  /** One for each thing that is written: the next try of it takes its place. */
  key: string;
  text: string;
  /** What is in memory, as a file. */
  file: (() => KeptFile) | null;
  again: (() => Promise<unknown>) | null;
}>;

class Troubles {
  #list = $state.raw<readonly Trouble[]>([]);

  get list(): readonly Trouble[] {
    return this.#list;
  }

  report(trouble: Trouble): void {
    this.#list = [...this.#list.filter(({ key }) => key !== trouble.key), trouble];
  }

  solved(key: string): void {
    if (this.#list.some((one) => one.key === key)) {
      this.#list = this.#list.filter((one) => one.key !== key);
    }
  }
}

export const troubles = new Troubles();

const nameOf = (reason: unknown) => (reason instanceof Error ? reason.name : '');

/** Why something could not be written, and what helps. */
export function whyNot(reason: unknown): string {
  const name = nameOf(reason);
  if (name === 'QuotaExceededError') {
    return 'there’s no room left in this browser. Save a file, then delete what you don’t need.';
  }
  if (name === 'VersionError') {
    return 'a newer Arrup is open in another tab. Save a file, then reload this page.';
  }
  return `${reason instanceof Error ? reason.message : String(reason)}.`;
}

/** The store was closed under us: by a newer tab, or because its data was cleared. */
export const isClosed = (reason: unknown): boolean => nameOf(reason) === 'InvalidStateError';
