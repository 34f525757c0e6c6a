import { lengthInWords } from '../../language/clock';
import type { Adventure } from '../../model/adventure';
import type { Schedule } from '../../schedule/unroll';
import { clockOrBlank, runSheetRows, type RunSheetRow } from './run-sheet';

/** One line of text with everything that Markdown would take for a mark made plain. */
function plain(text: string): string {
  return text
    .replace(/\s+/gu, ' ')
    .trim()
    .replace(/[\\`*_{}[\]<>|~]/gu, '\\$&')
    .replace(/^(#+|[-+]|\d+[.)])(?=\s)/u, '\\$1');
}

function rowLine(row: RunSheetRow): string {
  const clock = clockOrBlank(row.startSeconds);
  const move = row.move ? ` (${plain(row.move)})` : '';
  const what = row.name ? `**${plain(row.name)}**${move}` : '';
  const say = row.say ? `“${plain(row.say)}”` : '';
  const content = [what, plain(row.dose), say].filter(Boolean).join(' · ');
  return clock ? `- ${clock} ${content}` : `  - ${content}`;
}

/** The run sheet as CommonMark: a heading for each chapter, a list item for each beat. */
export function serializeRunSheetMarkdown(adventure: Adventure, schedule: Schedule): string {
  const { ages, slotSeconds } = adventure.setting;
  const rows = runSheetRows(adventure, schedule);
  const lines = [
    `# ${plain(adventure.title) || 'Untitled adventure'}`,
    '',
    `Ages ${ages.from} to ${ages.to} · ${lengthInWords(schedule.totalSeconds)} of a slot of ${lengthInWords(slotSeconds)}`,
  ];
  if (adventure.world.want) lines.push('', plain(adventure.world.want));
  for (const chapter of adventure.chapters) {
    lines.push('', `## ${plain(chapter.title)}`, '');
    const ids = new Set(chapter.beats.map((beat) => beat.id));
    lines.push(...rows.filter((row) => ids.has(row.beatId)).map(rowLine));
  }
  return `${lines.join('\n').replace(/\n{3,}/gu, '\n\n')}\n`;
}
