import type { Migration } from './migrations/migration';
import { toVersion2 } from './migrations/to-version-2';
import { toVersion3 } from './migrations/to-version-3';
import { toVersion4 } from './migrations/to-version-4';

/** The version of the document that this build writes. */
export const CURRENT_VERSION = 4;

export const MIGRATIONS: readonly Migration[] = [toVersion2, toVersion3, toVersion4];

/**
 * The document brought from its own version to `target`, one step after another. The document is
 * not changed. Throws a RangeError if a step is missing: that is a mistake of the programmer.
 */
export function migrate(
  document: Readonly<Record<string, unknown>>,
  fromVersion: number,
  migrations: readonly Migration[] = MIGRATIONS,
  target: number = CURRENT_VERSION,
): Record<string, unknown> {
  let current: Record<string, unknown> = { ...document };
  for (let version = fromVersion; version < target; version += 1) {
    const step = migrations.find((migration) => migration.from === version);
    if (!step) throw new RangeError(`migrate: no migration from version ${version}`);
    current = { ...step.migrate(current), version: version + 1 };
  }
  return current;
}
