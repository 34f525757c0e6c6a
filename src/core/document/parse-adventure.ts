import { z } from 'zod';
import { CATALOGUE } from '../moves/catalogue';
import { adventureSchema, type Adventure } from './adventure';
import { innerIdsOf, otherMovesOf, partsAt } from '../beats';
import { MOST_PROBLEMS, parseDocument, type DocumentKind } from '../model/document-kind';
import { checkSize } from './size';
import { problem, type Path, type Problem, type Result } from '../model/problem';
import { CURRENT_VERSION, MIGRATIONS } from './versions';

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

/** What a file holds without its checksum, which is of the file and no part of the adventure. */
export function withoutChecksum(input: unknown): unknown {
  if (typeof input !== 'object' || input === null) return input;
  const document: Record<string, unknown> = { ...input };
  delete document.checksum;
  return document;
}

/** The adventure as a kind of document. */
const ADVENTURE: DocumentKind<Adventure> = {
  version: CURRENT_VERSION,
  unnumbered: null,
  migrations: MIGRATIONS,
  schema: adventureSchema,
};
const formatSchema = z.looseObject({ format: z.literal('arrup') });
const seriesSchema = z.looseObject({ format: z.literal('arrup-series') });

/**
 * A plain JSON value as an adventure of the current version: recognised, migrated, checked field
 * by field, its moves and ids checked, and that it is not too much in all. On failure the problems (20 at most) with their paths.
 */
export function parseAdventure(input: unknown): Result<Adventure> {
  if (!formatSchema.safeParse(input).success) {
    const isSeries = seriesSchema.safeParse(input).success;
    return { ok: false, problems: [problem(isSeries ? 'is-series' : 'not-arrup')] };
  }
  const parsed = parseDocument(ADVENTURE, withoutChecksum(input));
  if (!parsed.ok) return parsed;
  const problems = [...checkSize(parsed.value), ...checkReferences(parsed.value)];
  return problems.length > 0 ? { ok: false, problems: problems.slice(0, MOST_PROBLEMS) } : parsed;
}
