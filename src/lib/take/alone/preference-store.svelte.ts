import { USUAL_PREFERENCES, type Pace, type Preferences } from '$core';
import type { preferences as ofTheApp } from '$lib/store/preference-store.svelte';

/** In a page that leads itself choices last as long as it is open: nothing of it is kept anywhere. */
class PreferencesAlone implements Pick<
  typeof ofTheApp,
  'current' | 'pace' | 'othersPace' | 'change'
> {
  #current = $state.raw<Preferences>(USUAL_PREFERENCES);

  get current(): Preferences {
    return this.#current;
  }

  get pace(): Pace {
    return this.#current.pace;
  }

  readonly othersPace = null;

  change(change: Partial<Preferences>): Promise<void> {
    this.#current = { ...this.#current, ...change };
    return Promise.resolve();
  }
}

export const preferences = new PreferencesAlone();
