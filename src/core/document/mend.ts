import type { NewId } from '../model/new-id';
import type { Path, Problem } from '../model/problem';
import type { Adventure } from './adventure';
import { newAdventure } from './new-adventure';
import { parseAdventure } from './parse-adventure';
import { CURRENT_VERSION } from './versions';

/**
 * An adventure that was broken, made whole again, and the places of what had to be left out of it: entries of
 * lists, or fields of the adventure.
 */
export type Mended = Readonly<{ adventure: Adventure; leftOut: readonly Path[] }>;

/** Each round takes out what is broken; a file has no more broken things than this. */
const MOST_ROUNDS = 60;

type Holder = Record<string | number, unknown>;

const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null;

/** What stands at a path, or undefined. */
function at(root: unknown, path: Path): unknown {
  return path.reduce<unknown>((value, step) => (isHolder(value) ? value[step] : undefined), root);
}

/** Steps to the smallest entry of a list around the problem: a beat, a move in it, a word. */
function entryAround(path: Path): Path | null {
  const last = path.findLastIndex((step) => typeof step === 'number');
  return last < 0 ? null : path.slice(0, last + 1);
}

/** Takes out the entry that is broken, or gives the field what a new adventure has there. */
function mendAt(root: Holder, { code, path, params }: Problem, fresh: Holder): boolean {
  if (code === 'unknown-field') {
    const holder = at(root, path);
    const fields = Array.isArray(params.fields) ? (params.fields as string[]) : [];
    if (!isHolder(holder)) return false;
    for (const key of Object.keys(holder))
      if (fields.includes(key.slice(0, 60))) delete holder[key];
    return fields.length > 0;
  }
  const entry = entryAround(path);
  if (entry) {
    const list = at(root, entry.slice(0, -1));
    if (!Array.isArray(list)) return false;
    list.splice(Number(entry.at(-1)), 1);
    return true;
  }
  const [field] = path;
  if (field === undefined || !(field in fresh) || field === 'version') return false;
  root[field] = fresh[field];
  return true;
}

/**
 * A broken adventure made whole as far as it goes: what can't be read is left out, the smallest part that
 * will do, and told. Null where nothing of it can be read: it is no adventure, or of a newer Arrup.
 */
export function mendAdventure(input: unknown, newId: NewId): Mended | null {
  if (!isHolder(input)) return null;
  const fresh = JSON.parse(JSON.stringify(newAdventure(newId))) as Holder;
  const root = JSON.parse(JSON.stringify(input)) as Holder;
  root.format ??= 'arrup';
  root.version ??= CURRENT_VERSION;
  const leftOut: Path[] = [];
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const parsed = parseAdventure(root);
    if (parsed.ok) return { adventure: parsed.value, leftOut };
    // From the end, so that places before it stay what they are; one at a time of what hangs together.
    const problems = [...parsed.problems].reverse();
    const done = problems.find((one) => mendAt(root, one, fresh));
    if (!done) return null;
    leftOut.push(entryAround(done.path) ?? done.path.slice(0, 1));
  }
  return null;
}
