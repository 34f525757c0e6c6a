import { castInWords, listInWords } from '../../words/written-lists';
import { type Beat, lineOfBeat } from '../../beats';
import type { Adventure, Chapter } from '../../document/adventure';
import { moveBookOf, type MoveBook } from '../../moves/move-book';
import { titleOf } from '../../document/title';
import { plainMarkdown } from '../markdown-plain';

function headOf({ title, learning, world, setting, defaults }: Adventure): string[] {
  const { ages, group, slotSeconds, room, kit, place, mirror } = setting;
  const lines: readonly (readonly [string, string])[] = [
    ['Learning', learning],
    ['World', world.name],
    ['Scene', world.place],
    ['Want', world.want],
    ['Cast', castInWords(world.cast)],
    ['Words', listInWords(world.words)],
    ['Ages', `${ages.from} to ${ages.to}`],
    ['Group', String(group)],
    ['Slot', `${slotSeconds} s`],
    [
      'Room',
      `${room.lengthMetres} x ${room.widthMetres} x ${room.heightMetres} m, ${room.floor}${room.wallFree ? '' : ', no wall'}`,
    ],
    ['Kit', listInWords(kit)],
    ['Led', place],
    ['Sides', mirror === null ? '' : mirror ? 'theirs' : 'mine'],
    ['Shown', defaults.show],
  ];
  return [
    `# ${plainMarkdown(titleOf({ title }))}`,
    '',
    ...lines.flatMap(([name, text]) => (text.trim() ? [`${name}: ${plainMarkdown(text)}`] : [])),
  ];
}

/** The chapter's kind leads its heading where its title does not say it. */
function headingOf({ kind, title }: Chapter): string {
  const named = title.toLowerCase().replace(/\s+/gu, '-').includes(kind) || kind === 'adventure';
  return named && title ? plainMarkdown(title) : `${kind}: ${plainMarkdown(title)}`;
}

function linesOf(beat: Beat, book: MoveBook): string[] {
  const line = lineOfBeat(beat, book);
  if (beat.kind === 'tell') return [plainMarkdown(beat.text), ''];
  if (!line) return [];
  const say = 'say' in beat ? beat.say : beat.kind === 'drink' ? beat.text : '';
  // What is said at a drink has no place in its line: it is said before it.
  if (say && beat.kind === 'drink') return [plainMarkdown(say), '', `- ${plainMarkdown(line)}`, ''];
  return [...(say ? [`> ${plainMarkdown(say)}`, ''] : []), `- ${plainMarkdown(line)}`, ''];
}

/**
 * An adventure as a script in Markdown that people can read and change, and that `parseScript` reads:
 * its setting, a heading for each chapter, what is said as paragraphs, what is done as list items.
 */
export function serializeScript(adventure: Adventure): string {
  const book = moveBookOf(adventure);
  const lines = [
    ...headOf(adventure),
    ...adventure.chapters.flatMap((chapter) => [
      '',
      `## ${headingOf(chapter)}`,
      '',
      ...chapter.beats.flatMap((beat) => linesOf(beat, book)),
    ]),
  ];
  return `${lines
    .join('\n')
    .replace(/\n{3,}/gu, '\n\n')
    .trim()}\n`;
}
