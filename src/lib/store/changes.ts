/*
 * How much has been changed in this browser, told twice: beside the store and in it. Where the store
 * knows of fewer, it was emptied, or an older one was put in its place.
 */
const KEY = 'arrup.changes';

export type Changes = Readonly<{
  /** The mark of the store that they were saved in; empty before it is known. */
  store: string;
  /** Changes that were ever saved here. */
  count: number;
  /** How many of them were in the last backup, its name and its time; 0 and '' before the first. */
  backedUp: number;
  backup: string;
  backupAt: string;
}>;
const NONE: Changes = { store: '', count: 0, backedUp: 0, backup: '', backupAt: '' };

/** Changes after which a backup is due. */
export const DUE_AFTER = 40;
/** The store may be behind by what a kill has cut off. */
const BEHIND = 25;

export function changesNow(): Changes {
  try {
    return { ...NONE, ...(JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<Changes>) };
  } catch {
    return NONE;
  }
}

function keep(changes: Changes): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(changes));
  } catch {
    // A browser without it has no reminder.
  }
}

/** One more change was saved. Gives how many there are now. */
export function noteChange(): number {
  const now = changesNow();
  keep({ ...now, count: now.count + 1 });
  return now.count + 1;
}

/** A backup was made, or taken in. */
export function noteBackup(backup: string, backupAt: string): void {
  const now = changesNow();
  keep({ ...now, backedUp: now.count, backup, backupAt });
}

/** Starts to count anew from this store and what it knows: what is here is taken as it is. */
export function forgetChanges({ store, count }: InStore): void {
  const now = changesNow();
  keep({ ...now, store, count, backedUp: Math.min(count, now.backedUp) });
}

/** What the store knows of itself: its mark, given when it was made, and its changes. */
export type InStore = Readonly<{ store: string; count: number }>;

/** Changes that no backup has. */
export const sinceBackup = ({ count, backedUp }: Changes): number => Math.max(0, count - backedUp);

/** Whether the store is not the one that this browser had: made anew, or an older state of it. */
export const isOtherStore = (known: Changes, here: InStore): boolean =>
  known.store !== '' && (known.store !== here.store || known.count - here.count > BEHIND);
