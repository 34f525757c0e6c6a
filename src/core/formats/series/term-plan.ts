import { heading, item, line, plain, soft, strong, type PrintText } from '../../print/document';
import { plainMarkdown } from '../markdown-plain';
import { csvText } from '../csv-text';
import { lengthInWords } from '../../words/clock';
import { listInWords } from '../../words/written-lists';
import { countsOf, coveredInWords, type Coverage } from '../../series/coverage';
import { dayInColumn, dayInWords } from '../../series/days';
import { takesPlace, type Series } from '../../series/series';
import { SKILL_FAMILIES, SKILLS } from '../../series/skills';
import { movingSeconds } from '../../series/sums';

/** One session of a term plan, in words. */
export type PlanRow = Readonly<{
  day: string;
  time: string;
  title: string;
  state: 'led' | 'planned' | 'still open' | 'falls out';
  length: string;
  moving: string;
  skills: readonly string[];
  rides: readonly string[];
  lastTime: string;
  nextTime: string;
}>;

/** More than this of what rides along is a list that nobody reads. */
const MOST_RIDES = 6;
const MOST_SKILLS = 5;

const minutes = (seconds: number) => `${Math.max(1, Math.round(seconds / 60))} min`;

/** The sessions of a series as they stand in every plan: on paper, in a table, in a text. */
export function planRows(series: Series, { sessions }: Coverage): readonly PlanRow[] {
  return series.sessions.map((session, n): PlanRow => {
    const sums = countsOf(sessions[n]!);
    const isOn = takesPlace(session);
    const skills = sums
      ? SKILLS.filter(({ id }) => (sums.skills[id] ?? 0) > 0)
          .sort((a, b) => sums.skills[b.id]! - sums.skills[a.id]!)
          .slice(0, MOST_SKILLS)
          .map(({ name }) => name)
      : [];
    const letters = sums && sums.letters.length > 0 ? [`letters ${sums.letters.join(' ')}`] : [];
    return {
      day: dayInWords(session.day),
      time: session.time,
      title: isOn ? sessions[n]!.title : '',
      state: !isOn ? 'falls out' : session.led ? 'led' : sums ? 'planned' : 'still open',
      length: sums ? minutes(sums.seconds) : '',
      moving: sums ? minutes(movingSeconds(sums)) : '',
      skills,
      rides: sums ? [...letters, ...sums.shapes, ...sums.words].slice(0, MOST_RIDES) : [],
      lastTime: session.lastTime,
      nextTime: session.nextTime,
    };
  });
}

const whatIs = (row: PlanRow, fallsOut: string): string =>
  row.state === 'falls out'
    ? `falls out: ${fallsOut}`
    : row.title || (row.state === 'still open' ? 'still to be planned' : 'no title');

const headOf = ({ place, group, setting }: Series) => [
  [group, place].filter(Boolean).join(' · '),
  `Ages ${setting.ages.from} to ${setting.ages.to} · a slot of ${lengthInWords(setting.slotSeconds)}`,
];

/** What the row covers in a few lines: what comes often, and what has not come. */
function coverageLines({ aspects }: Coverage): readonly (readonly [string, string])[] {
  return SKILL_FAMILIES.map((family) => {
    const own = aspects.filter(({ group }) => group === family);
    const there = own.filter(({ plannedSeconds, ledSeconds }) => plannedSeconds + ledSeconds > 0);
    const not = own.filter((one) => !there.includes(one));
    const names = there.map((one) => {
      const words = coveredInWords(one);
      return words === 'every time' ? `${one.name} (every time)` : one.name;
    });
    const missing = not.length > 0 ? `; not yet: ${listInWords(not.map(({ name }) => name))}` : '';
    return [family, `${names.length > 0 ? listInWords(names) : 'nothing'}${missing}`];
  });
}

/** A term plan for paper and word processors: each session, and what the weeks cover. */
export function termPlanText(series: Series, coverage: Coverage): PrintText {
  const rows = planRows(series, coverage);
  return {
    title: series.title || 'Series',
    under: headOf(series).filter(Boolean),
    blocks: [
      {
        kind: 'clock rows',
        rows: rows.map((row, n) => ({
          clock: dayInColumn(series.sessions[n]!.day),
          runs: [
            strong(whatIs(row, series.sessions[n]!.fallsOut)),
            ...(row.state === 'led' ? [soft('  led')] : []),
          ],
          said: '',
          notes: [
            row.skills.length > 0 ? row.skills.join(', ') : '',
            row.rides.join(', '),
            row.lastTime && `Last time: ${row.lastTime}`,
            row.nextTime && `Next: ${row.nextTime}`,
          ]
            .filter(Boolean)
            .join(' · '),
          dose: row.length,
          picture: null,
        })),
      },
      heading('What these weeks cover'),
      ...coverageLines(coverage).map(([family, words]) =>
        item(strong(`${family}: `), plain(words)),
      ),
      line(
        soft(
          'Planned and led together. Your setting’s own risk assessment and safeguarding rules come first.',
        ),
      ),
    ],
  };
}

/** The sessions as a table (RFC 4180 CSV). */
export function termPlanCsv(series: Series, coverage: Coverage): string {
  const rows = planRows(series, coverage).map((row, n) => [
    series.sessions[n]!.day,
    row.time,
    row.title,
    row.state,
    row.length.replace(/ min$/u, ''),
    row.moving.replace(/ min$/u, ''),
    row.skills.join('; '),
    row.rides.join('; '),
    row.lastTime,
    row.nextTime,
  ]);
  const columns = [
    'day',
    'time',
    'adventure',
    'state',
    'minutes',
    'minutes moving',
    'skills',
    'rides along',
    'last time',
    'next',
  ];
  return csvText(columns, rows);
}

/** The plan as CommonMark. */
export function termPlanMarkdown(series: Series, coverage: Coverage): string {
  const rows = planRows(series, coverage).flatMap((row, n) => {
    const what = plainMarkdown(whatIs(row, series.sessions[n]!.fallsOut));
    const facts = [row.length, row.skills.join(', '), row.rides.join(', ')].filter(Boolean);
    const more = [
      row.lastTime && `Last time: ${row.lastTime}`,
      row.nextTime && `Next: ${row.nextTime}`,
    ].filter(Boolean);
    return [
      `- ${row.day}, ${row.time}: **${what}**${row.state === 'led' ? ' (led)' : ''}`,
      ...[...(facts.length > 0 ? [facts.join(' · ')] : []), ...more].map(
        (text) => `  - ${plainMarkdown(text)}`,
      ),
    ];
  });
  const cover = coverageLines(coverage).map(
    ([family, words]) => `- **${family}**: ${plainMarkdown(words)}`,
  );
  const head = headOf(series).filter(Boolean).map(plainMarkdown);
  return `${[`# ${plainMarkdown(series.title || 'Series')}`, '', ...head.flatMap((one) => [one, '']), ...rows, '', '## What these weeks cover', '', ...cover].join('\n')}\n`;
}

/** A note home for the weeks: what was and will be played, without a word of anybody's doing. */
export function termNoteText(series: Series, coverage: Coverage): PrintText {
  const rows = planRows(series, coverage);
  return {
    title: series.title || 'Our weeks',
    under: ['What we play and practise in these weeks, so that you can ask about it at home.'],
    blocks: [
      ...rows.flatMap((row, n) =>
        row.state === 'still open'
          ? []
          : [
              item(
                strong(`${row.day}: `),
                plain(whatIs(row, series.sessions[n]!.fallsOut)),
                ...(row.skills.length > 0
                  ? [soft(`  (${row.skills.slice(0, 3).join(', ')})`)]
                  : []),
              ),
            ],
      ),
      heading('Try at home'),
      line(
        plain(
          'Ask your child to show you the move they like best. A clear floor, bare feet, and a grown-up beside them is all it takes. Stop when it hurts, drink when you like.',
        ),
      ),
    ],
  };
}
