import type { Picture } from '../figure/drawing/picture';
import { cautionsOf, DEFERRING_LINE } from '../prep/cautions';
import { entryOf } from '../words/entry-of';
import type { PackSource } from './pack-source';
import type { PackPartId } from './pack-parts';
import { clockOrBlank, rowsByChapter, type RunSheetRow } from './run-sheet-rows';
import { isShort, kitInWords, kitListOf } from '../prep/kit-list';
import { capital } from '../words/capital';
import { lengthInWords } from '../words/clock';
import type { Adventure } from '../document/adventure';
import { titleOf } from '../document/title';
import type { Done } from '../model/action';
import { childrenIn } from '../model/setting';
import { homeSchedule } from '../schedule/home';
import { lengthTold, type TimedSchedule } from '../forecast/told-length';
import {
  heading,
  item,
  line,
  plain,
  soft,
  strong,
  tick,
  type Block,
  type ClockRow,
  type PrintText,
  type Run,
} from './document';

/** Ages, group, place and length, in one line. */
function factsLine(adventure: Adventure, { told }: TimedSchedule): string {
  const { setting } = adventure;
  const atHome = homeSchedule(adventure)?.totalSeconds;
  const { ages, group, place, slotSeconds } = setting;
  return [
    ages.from === ages.to ? `age ${ages.from}` : `ages ${ages.from} to ${ages.to}`,
    place === 'filmed' ? 'filmed' : `${group} ${group === 1 ? 'child' : 'children'}`,
    `${lengthTold(told)}, in a slot of ${lengthInWords(slotSeconds)}`,
    ...(atHome === undefined ? [] : [`${lengthInWords(atHome)} to do at home`]),
  ].join(' · ');
}

const joined = (...parts: string[]) => parts.filter(Boolean).join(' · ');

/** How a move looks, in so many poses. */
export type MovePicture = (done: Done, poses: number) => Picture;

function clockRow(row: RunSheetRow, pictureOf: MovePicture): ClockRow {
  const name: Run[] = row.name ? [strong(capital(row.name))] : [];
  return {
    clock: clockOrBlank(row.startSeconds),
    runs: row.move ? [...name, soft(` ${row.move}`)] : name,
    said: row.say,
    notes: joined(row.formCues, row.forms),
    dose: row.dose,
    picture: row.moveId ? pictureOf({ move: row.moveId, also: row.also }, 2) : null,
  };
}

/** The running order, to glance at from a knee. */
export function runSheetText(
  adventure: Adventure,
  schedule: TimedSchedule,
  pictureOf: MovePicture,
): PrintText {
  const kit = kitListOf(adventure, adventure.setting).map(kitInWords);
  return {
    title: titleOf(adventure),
    under: [
      adventure.world.want,
      factsLine(adventure, schedule),
      kit.length > 0 ? `At hand: ${kit.join(', ')}` : '',
    ].filter(Boolean),
    blocks: rowsByChapter(adventure, schedule).flatMap(({ chapter, length, rows }): Block[] => [
      heading(chapter.title, length),
      { kind: 'clock rows', rows: rows.map((row) => clockRow(row, pictureOf)) },
    ]),
  };
}

/** The story as it is told: what is said, and what is done to it. */
export function scriptText(adventure: Adventure, schedule: TimedSchedule): PrintText {
  const { world } = adventure;
  const cast = world.cast.map(({ name, role }) => (role ? `${name}, ${role}` : name));
  return {
    title: titleOf(adventure),
    under: [
      joined(world.name, world.place),
      world.want,
      cast.length > 0 ? `In it: ${cast.join('; ')}` : '',
      factsLine(adventure, schedule),
    ].filter(Boolean),
    blocks: rowsByChapter(adventure, schedule).flatMap(({ chapter, length, rows }): Block[] => [
      heading(chapter.title, length),
      ...rows.flatMap((row): Block[] => {
        const done = row.name
          ? [
              item(
                strong(capital(row.name)),
                ...(row.move ? [soft(` (${row.move})`)] : []),
                ...(row.dose ? [plain(`: ${row.dose}`)] : []),
              ),
            ]
          : [];
        return row.say ? [...done, { kind: 'said', text: row.say }] : done;
      }),
    ]),
  };
}

/** Things that a part of this pack has on paper. */
export type PrintedThings = Readonly<Record<string, PackPartId>>;

/** What to gather, with a box to tick each off; what the pack has on paper with its page. */
export function kitText(adventure: Adventure, printed: PrintedThings = {}): PrintText {
  return {
    title: `To gather: ${titleOf(adventure)}`,
    under: [],
    blocks: kitListOf(adventure, adventure.setting).map((one) =>
      tick(
        strong(kitInWords(one)),
        soft(` for ${one.uses.join(', ')}`),
        ...(one.household
          ? [plain(`${isShort(one) ? '. Not at hand, so' : '. Or'} ${one.household}`)]
          : []),
        ...onPaper(one.thing, printed),
      ),
    ),
  };
}

function onPaper(thing: string, printed: PrintedThings): Run[] {
  const part = entryOf(printed, thing);
  return part ? [{ text: '. Or print it: page ', pageOf: part }] : [];
}

/** What can hurt here, what matters most first, and who decides in the end. */
export function cautionsText({
  adventure,
  lengthOf,
}: Pick<PackSource, 'adventure' | 'lengthOf'>): PrintText {
  const { setting } = adventure;
  const { lengthMetres, widthMetres, heightMetres } = setting.room;
  const children = childrenIn(setting);
  return {
    title: `Look out for: ${titleOf(adventure)}`,
    under: [
      `${lengthOf(lengthMetres)} by ${lengthOf(widthMetres)}, ${lengthOf(heightMetres)} high; ${children} ${children === 1 ? 'child' : 'children'}, ${setting.grownUps} ${setting.grownUps === 1 ? 'grown-up' : 'grown-ups'} besides you`,
    ],
    blocks: [
      ...cautionsOf(adventure).map(({ text, moves }) =>
        item(strong(text), ...(moves.length > 0 ? [soft(` ${moves.join(', ')}`)] : [])),
      ),
      line(plain(DEFERRING_LINE)),
    ],
  };
}
