import { putNow } from '$lib/store/db';
import { onStore, written } from '$lib/store/written';

/** What has been gathered for an adventure: ticked off here, and still ticked tomorrow morning. */
export class Gathered {
  #things = $state.raw<readonly string[]>([]);
  readonly #key: string;

  constructor(adventureId: string) {
    this.#key = `gathered.${adventureId}`;
  }

  async load(): Promise<void> {
    const kept = await onStore((db) => db.get('settings', this.#key));
    if (Array.isArray(kept)) this.#things = kept.filter((one) => typeof one === 'string');
  }

  has(thing: string): boolean {
    return this.#things.includes(thing);
  }

  async tick(thing: string, there: boolean): Promise<void> {
    const others = this.#things.filter((one) => one !== thing);
    this.#things = there ? [...others, thing] : others;
    const ticked = [...this.#things];
    await written('What you have ticked off', (db) => putNow(db, 'settings', ticked, this.#key));
  }
}
