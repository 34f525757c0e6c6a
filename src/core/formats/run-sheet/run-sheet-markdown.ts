import { lengthInWords } from '../../words/clock';
import type { Adventure } from '../../document/adventure';
import { lengthTold, type TimedSchedule } from '../../forecast/told-length';
import { titleOf } from '../../document/title';
import { plainMarkdown } from '../markdown-plain';
import { clockOrBlank, runSheetRows, type RunSheetRow } from '../../print/run-sheet-rows';

function rowLine(row: RunSheetRow): string {
  const clock = clockOrBlank(row.startSeconds);
  const move = row.move ? ` (${plainMarkdown(row.move)})` : '';
  const what = row.name ? `**${plainMarkdown(row.name)}**${move}` : '';
  const say = row.say ? `“${plainMarkdown(row.say)}”` : '';
  const content = [what, plainMarkdown(row.dose), say].filter(Boolean).join(' · ');
  return clock ? `- ${clock} ${content}` : `  - ${content}`;
}

/** The run sheet as CommonMark: a heading for each chapter, a list item for each beat. */
export function serializeRunSheetMarkdown(adventure: Adventure, schedule: TimedSchedule): string {
  const { ages, slotSeconds } = adventure.setting;
  const rows = runSheetRows(adventure, schedule);
  const lines = [
    `# ${plainMarkdown(titleOf(adventure))}`,
    '',
    `Ages ${ages.from} to ${ages.to} · ${lengthTold(schedule.told)} · a slot of ${lengthInWords(slotSeconds)}`,
  ];
  if (adventure.world.want) lines.push('', plainMarkdown(adventure.world.want));
  for (const chapter of adventure.chapters) {
    lines.push('', `## ${plainMarkdown(chapter.title)}`, '');
    const ids = new Set(chapter.beats.map((beat) => beat.id));
    lines.push(...rows.filter((row) => ids.has(row.beatId)).map(rowLine));
  }
  return `${lines.join('\n').replace(/\n{3,}/gu, '\n\n')}\n`;
}
