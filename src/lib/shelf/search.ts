import { movesUsed } from '$core';
import type { AdventureRecord } from '$lib/store/db';

const plain = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

function textOf({ document, demo }: AdventureRecord): string {
  const { title, learning, world, setting, chapters } = document;
  const { from, to } = setting.ages;
  const ages = Array.from({ length: to - from + 1 }, (_, n) => `age ${from + n}`);
  return plain(
    [
      title,
      learning,
      world.name,
      world.want,
      setting.place,
      demo ? 'demo' : '',
      ...ages,
      ...world.cast.map(({ name }) => name),
      ...chapters.map((chapter) => chapter.title),
      ...movesUsed(document).map((move) => move.name),
    ].join(' \n '),
  );
}

/** The adventures that have every word of the query somewhere: title, story, move or "age 4". */
export function searchShelf(
  records: readonly AdventureRecord[],
  query: string,
): readonly AdventureRecord[] {
  const ages =
    query.match(/\bages? \d\b/giu)?.map((age) => plain(age).replace('ages', 'age')) ?? [];
  const words = plain(query.replace(/\bages? \d\b/giu, ' '))
    .split(/\s+/u)
    .filter(Boolean);
  const asked = [...ages, ...words];
  if (asked.length === 0) return records;
  return records.filter((record) => {
    const text = textOf(record);
    return asked.every((part) => text.includes(part));
  });
}
