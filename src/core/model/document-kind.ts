import { z } from 'zod';
import { problem, problemOfIssue, type Problem, type Result } from './problem';

/** One step from a version to the next. Append-only: a released migration never changes. */
export type Migration = Readonly<{
  from: number;
  /** Plain JSON in, plain JSON out; pure. */
  migrate: (document: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}>;

/**
 * A kind of document that is kept: an adventure, a run, a preset. Its `schema` is that of `version`,
 * the one that this build writes; older ones are brought there step by step. `unnumbered` is the
 * version of a document that says none: of before its kind had versions.
 */
export type DocumentKind<T> = Readonly<{
  version: number;
  unnumbered: number | null;
  migrations: readonly Migration[];
  schema: z.ZodType<T>;
}>;

/** A broken document can be wrong in thousands of places: these many are told. */
export const MOST_PROBLEMS = 20;

const headSchema = z.looseObject({ version: z.int().min(1).optional() });

/**
 * The document brought from its own version to `target`, one step after another. The document is
 * not changed. Throws a RangeError if a step is missing: that is a mistake of the programmer.
 */
export function migrate(
  document: Readonly<Record<string, unknown>>,
  fromVersion: number,
  migrations: readonly Migration[],
  target: number,
): Record<string, unknown> {
  let current: Record<string, unknown> = { ...document };
  for (let version = fromVersion; version < target; version += 1) {
    const step = migrations.find((migration) => migration.from === version);
    if (!step) throw new RangeError(`migrate: no migration from version ${version}`);
    current = { ...step.migrate(current), version: version + 1 };
  }
  return current;
}

/**
 * A plain JSON value as a document of this kind and of its newest version: recognised, migrated,
 * checked field by field. On failure the problems (20 at most) with their paths; a newer version than
 * this build knows is a problem of its own.
 */
export function parseDocument<T>(kind: DocumentKind<T>, input: unknown): Result<T> {
  const fail = (...problems: Problem[]): Result<T> => ({
    ok: false,
    problems: problems.slice(0, MOST_PROBLEMS),
  });
  const head = headSchema.safeParse(input);
  if (!head.success) {
    const atVersion = head.error.issues.every((issue) => issue.path[0] === 'version');
    return fail(atVersion ? problem('bad-version', ['version']) : problem('not-arrup'));
  }
  const version = head.data.version ?? kind.unnumbered;
  if (version === null) return fail(problem('bad-version', ['version']));
  if (version > kind.version) {
    return fail(problem('newer-version', ['version'], { version, known: kind.version }));
  }
  const document = migrate(head.data, version, kind.migrations, kind.version);
  const parsed = kind.schema.safeParse(document, { reportInput: true });
  return parsed.success
    ? { ok: true, value: parsed.data }
    : fail(...parsed.error.issues.map(problemOfIssue));
}
