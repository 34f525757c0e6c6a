import { escapeMarkup } from '../../words/escape-markup';
import { coveredInWords, type Coverage } from '../../series/coverage';
import { dayInShort } from '../../series/days';
import { xmlSigns } from '../../words/xml-signs';
import type { Series } from '../../series/series';
import { SKILL_FAMILIES } from '../../series/skills';

/** Measures in px, and the colours of print. */
const ROW = 26;
const COLUMN = 44;
const NAMES = 210;
const WORDS = 130;
const HEAD = 96;
const MOST_RADIUS = 11;
/** So many seconds of a skill are a full dot. */
const FULL_SECONDS = 150;
const INK = '#1d3540';
const SOFT = '#5a666d';
const LINE = '#d9d2c3';

const safe = (text: string) => escapeMarkup(xmlSigns(text));

function text(x: number, y: number, words: string, more = ''): string {
  return `<text x="${x}" y="${y}" ${more}>${safe(words)}</text>`;
}

/** Which skills come when, as a picture (SVG): a full dot was led, an open one is planned. */
export function coverageSvg({ title }: Pick<Series, 'title'>, coverage: Coverage): string {
  const { sessions, aspects } = coverage;
  const left = NAMES + COLUMN / 2;
  const width = NAMES + sessions.length * COLUMN + WORDS;
  const parts: string[] = [
    text(0, 28, title || 'Series', `font-size="24" font-weight="700" fill="${INK}"`),
    ...sessions.map(({ day }, n) => {
      const [date, month] = dayInShort(day).split(' ');
      const x = left + n * COLUMN;
      return `${text(x, 62, date!, 'text-anchor="middle"')}${text(x, 80, month!.slice(0, 3), `text-anchor="middle" fill="${SOFT}"`)}`;
    }),
  ];
  let y = HEAD;
  for (const family of SKILL_FAMILIES) {
    parts.push(text(0, y + 18, family, 'font-weight="700" font-size="16"'));
    y += ROW;
    for (const aspect of aspects.filter(({ group }) => group === family)) {
      const middle = y + ROW / 2;
      parts.push(
        `<line x1="0" x2="${width}" y1="${y}" y2="${y}" stroke="${LINE}"/>`,
        text(0, middle + 5, aspect.name),
        ...sessions.flatMap((_, n) => {
          const led = aspect.led[n]!;
          const seconds = led || aspect.planned[n]!;
          if (seconds <= 0) return [];
          const r = Math.max(
            2.5,
            Math.min(MOST_RADIUS, MOST_RADIUS * Math.sqrt(seconds / FULL_SECONDS)),
          );
          const fill = led > 0 ? INK : 'none';
          return `<circle cx="${left + n * COLUMN}" cy="${middle}" r="${r.toFixed(1)}" fill="${fill}" stroke="${INK}" stroke-width="2"/>`;
        }),
        text(
          NAMES + sessions.length * COLUMN + 8,
          middle + 5,
          coveredInWords(aspect),
          `fill="${SOFT}"`,
        ),
      );
      y += ROW;
    }
  }
  const height = y + 12;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-16 0 ${width + 32} ${height}" width="${width + 32}" height="${height}" font-family="system-ui, sans-serif" font-size="14" fill="${INK}"><rect x="-16" width="100%" height="100%" fill="#ffffff"/>${parts.join('')}</svg>\n`;
}
