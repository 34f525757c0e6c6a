import type { Beat } from '../../beats';
import { lineOfBeat } from '../../beats/lines';
import type { Adventure, Chapter } from '../../document/adventure';
import { moveBookOf, type MoveBook } from '../../moves/move-book';
import { tellAsWritten } from '../../beats/tell';
import { titleOf } from '../../document/title';
import { plainMarkdown } from '../markdown-plain';
import { headInWords } from './script-head-words';

function headOf(adventure: Adventure): string[] {
  return [
    `# ${plainMarkdown(titleOf(adventure))}`,
    '',
    ...headInWords(adventure).map(([name, text]) => `${name}: ${plainMarkdown(text)}`),
  ];
}

/** The chapter's kind leads its heading where its title does not say it. */
function headingOf({ kind, title, led }: Chapter): string {
  const named = title.toLowerCase().replace(/\s+/gu, '-').includes(kind) || kind === 'adventure';
  const heading = named && title ? plainMarkdown(title) : `${kind}: ${plainMarkdown(title)}`;
  return led ? `${heading} (${led})` : heading;
}

function linesOf(beat: Beat, book: MoveBook): string[] {
  const line = lineOfBeat(beat, book);
  if (beat.kind === 'tell') return [plainMarkdown(tellAsWritten(beat)), ''];
  if (!line) return [];
  const say = 'say' in beat ? beat.say : '';
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
