import { z } from 'zod';
import { CATALOGUE } from '../moves/catalogue';
import { adventureSchema, type Adventure } from './adventure';
import { innerIdsOf, otherMovesOf, partsAt } from '../beats';
import { problem, problemOfIssue, type Path, type Problem, type Result } from '../model/problem';
import { CURRENT_VERSION, migrate } from './versions';

/** A broken file can be wrong in thousands of places: these many are told. */
export const MOST_PROBLEMS = 20;

const headSchema = z.looseObject({ format: z.literal('arrup'), version: z.int().min(1) });

/** What the shape alone does not say: moves exist, ids are used once. */
function checkReferences(adventure: Adventure): Problem[] {
  const problems: Problem[] = [];
  const moves = new Set([...CATALOGUE, ...adventure.moves].map((move) => move.id));
  const ids = new Set<string>();
  const claim = (id: string, path: Path) => {
    if (ids.has(id)) problems.push(problem('same-id', [...path, 'id'], { id }));
    ids.add(id);
  };
  adventure.moves.forEach((move, index) => {
    for (const form of ['easier', 'harder', 'seated'] as const) {
      const id = move[form];
      if (id === null || moves.has(id)) continue;
      problems.push(problem('unknown-move', ['moves', index, form], { move: id }));
    }
  });
  adventure.chapters.forEach((chapter, chapterIndex) => {
    claim(chapter.id, ['chapters', chapterIndex]);
    chapter.beats.forEach((beat, beatIndex) => {
      const path = ['chapters', chapterIndex, 'beats', beatIndex];
      claim(beat.id, path);
      for (const { id, path: inner } of innerIdsOf(beat)) claim(id, [...path, ...inner]);
      const needs = (move: string, at: Path) => {
        if (!moves.has(move)) problems.push(problem('unknown-move', at, { move }));
      };
      for (const { move, path: inner } of otherMovesOf(beat)) needs(move, [...path, ...inner]);
      for (const { part, path: inner } of partsAt(beat)) {
        const at = [...path, ...inner];
        claim(part.id, at);
        needs(part.move, [...at, 'move']);
      }
    });
  });
  return problems;
}

/**
 * A plain JSON value as an adventure of the current version: recognised, migrated, checked field
 * by field, its moves and ids checked. On failure the problems (20 at most) with their paths.
 */
export function parseAdventure(input: unknown): Result<Adventure> {
  const fail = (...problems: Problem[]): Result<Adventure> => ({
    ok: false,
    problems: problems.slice(0, MOST_PROBLEMS),
  });
  const head = headSchema.safeParse(input);
  if (!head.success) {
    const atVersion = head.error.issues.every((issue) => issue.path[0] === 'version');
    return fail(atVersion ? problem('bad-version', ['version']) : problem('not-arrup'));
  }
  const { version } = head.data;
  if (version > CURRENT_VERSION) {
    return fail(problem('newer-version', ['version'], { version, known: CURRENT_VERSION }));
  }
  const document = migrate(head.data, version);
  const parsed = adventureSchema.safeParse(document, { reportInput: true });
  if (!parsed.success) return fail(...parsed.error.issues.map(problemOfIssue));
  const references = checkReferences(parsed.data);
  return references.length > 0 ? fail(...references) : { ok: true, value: parsed.data };
}
