import type { Picture } from '../figure/drawing/picture';
import { cautionsOf, DEFERRING_LINE } from '../prep/cautions';
import { clockOrBlank, rowsByChapter, type RunSheetRow } from './run-sheet-rows';
import { isShort, kitInWords, kitListOf } from '../prep/kit-list';
import { capital } from '../words/capital';
import { lengthInWords } from '../words/clock';
import type { Adventure } from '../document/adventure';
import { titleOf } from '../document/title';
import type { Done } from '../model/action';
import { childrenIn } from '../model/setting';
import { movesUsed } from '../document/moves-used';
import { homeActions, homeSchedule } from '../schedule/home';
import { doseInWords } from '../language/dose-words';
import { lengthTold, type TimedSchedule } from '../forecast/told-length';
import { moveBookOf, moveOf } from '../moves/move-book';
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

/** What to gather, with a box to tick each off. */
export function kitText(adventure: Adventure): PrintText {
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
      ),
    ),
  };
}

/** What can hurt here, what matters most first, and who decides in the end. */
export function cautionsText(adventure: Adventure): PrintText {
  const { setting } = adventure;
  const children = childrenIn(setting);
  return {
    title: `Look out for: ${titleOf(adventure)}`,
    under: [
      `${setting.room.lengthMetres} by ${setting.room.widthMetres} m, ${setting.room.heightMetres} m high; ${children} ${children === 1 ? 'child' : 'children'}, ${setting.grownUps} ${setting.grownUps === 1 ? 'grown-up' : 'grown-ups'} besides you`,
    ],
    blocks: [
      ...cautionsOf(adventure).map(({ text, moves }) =>
        item(strong(text), ...(moves.length > 0 ? [soft(` ${moves.join(', ')}`)] : [])),
      ),
      line(plain(DEFERRING_LINE)),
    ],
  };
}

/** What was shown, with the dose for home and how long all of it takes. */
function toDoAtHome(adventure: Adventure, seconds: number, pictureOf: MovePicture): Block[] {
  const book = moveBookOf(adventure);
  const onMat = homeActions(adventure).some((action) => moveOf(book, action).surface === 'mat');
  return [
    heading('To do at home', `about ${lengthInWords(Math.max(60, Math.round(seconds / 60) * 60))}`),
    ...homeActions(adventure).map((action): Block => {
      const { name } = moveOf(book, action);
      const { guise, home } = action;
      const runs = [
        strong(capital(guise.name || name)),
        ...(guise.name ? [soft(` (${name})`)] : []),
        plain(`: ${doseInWords(home)}${guise.note ? `; ${guise.note}` : ''}`),
      ];
      return { kind: 'tick', runs, picture: pictureOf(action, 3) };
    }),
    line(
      plain('On a clear floor, with a grown-up near. '),
      ...(onMat ? [plain('A mat or a folded blanket for what’s done lying or kneeling. ')] : []),
      plain('Stop when it stops being fun, or when anything hurts.'),
    ),
  ];
}

const AT_HOME = 3;

/** A note for those at home: what was played, and three small things to do there. */
export function noteHomeText(adventure: Adventure, pictureOf: MovePicture): PrintText {
  const { world, learning, chapters } = adventure;
  const moves = movesUsed(adventure);
  const names = new Map<string, string>();
  for (const { beats } of chapters) {
    for (const beat of beats) {
      if (beat.kind !== 'move') continue;
      for (const { move, guise } of beat.actions) {
        if (guise.name && !names.has(move)) names.set(move, guise.name);
      }
    }
  }
  // At home there is no kit, no mat and little room: what needs none of it, and is gentle.
  const gentle = moves
    .filter(({ kit, surface, space, wall, effort, landingsPerRep }) => {
      const bare = kit.length === 0 && surface === 'any' && !wall && landingsPerRep === 0;
      return bare && space === 'spot' && effort <= 4;
    })
    .slice(0, AT_HOME);
  const doing = homeSchedule(adventure);
  const story = [world.want, world.place].find(Boolean);
  return {
    title: titleOf(adventure),
    under: ['A note for you at home'],
    blocks: [
      line(
        plain('Today we moved through a story'),
        plain(world.name ? `, in ${world.name}. ` : '. '),
        ...(story ? [plain(story)] : []),
      ),
      ...(learning ? [line(plain('On the way we practised '), strong(learning), plain('.'))] : []),
      ...(doing ? toDoAtHome(adventure, doing.totalSeconds, pictureOf) : []),
      ...(!doing && gentle.length > 0
        ? [
            heading('Something to do at home'),
            ...gentle.map((move) => {
              const name = names.get(move.id);
              const words = [
                strong(capital(name ?? move.name)),
                ...(name ? [soft(` (${move.name})`)] : []),
                plain(`: ${move.formCues.slice(0, 2).join(', ').toLowerCase()}.`),
              ];
              return {
                kind: 'tick' as const,
                runs: words,
                picture: pictureOf({ move: move.id, also: [] }, 3),
              };
            }),
            line(plain('A few times each, on a clear floor. Stop when it stops being fun.')),
          ]
        : []),
      line(plain('Ask your child to show you. They are the leader now.')),
    ],
  };
}
