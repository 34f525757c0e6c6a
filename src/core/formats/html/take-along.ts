import { z } from 'zod';
import { paceSchema } from '../../cues/pace';
import type { Adventure } from '../../document/adventure';
import { parseAdventure } from '../../document/parse-adventure';
import { titleOf } from '../../document/title';
import { LOOK_CHOICES } from '../../figure/drawing/look-choices';
import { problem, problemOfIssue, type Result } from '../../model/problem';
import { MOST_MADE_BY } from '../../model/text';
import { escapeMarkup } from '../../words/escape-markup';

/** A page that leads itself is the Stage in one file; more than this isn't one of ours. */
export const MOST_PAGE_CHARACTERS = 8 * 1024 * 1024;

/** What a page that leads itself carries besides the Stage. */
const carriedSchema = z.strictObject({
  version: z.literal(1),
  /** Who made it, as they want to be named; empty for nobody. */
  madeBy: z.string().max(MOST_MADE_BY),
  pace: paceSchema,
  look: z.enum(LOOK_CHOICES),
  adventure: z.unknown(),
});
export type Carried = Readonly<Omit<z.infer<typeof carriedSchema>, 'adventure' | 'version'>> &
  Readonly<{ adventure: Adventure }>;

/** The place in the page for what it carries; the page itself is built with it empty. */
const PLACE = /(<script type="application\/json" id="carried">)([^<]*)(<\/script>)/u;
const TITLE = /<title>[^<]*<\/title>/u;

/**
 * The page with an adventure in it: `page` is the Stage as the build made it. What the presenter noted
 * for herself stays at home: her reasons for leaving a note of the check as it is. Nothing in the
 * adventure can end the place that it stands in. Throws a RangeError for a page without that place.
 */
export function writeTakeAlong(page: string, { adventure, madeBy, pace, look }: Carried): string {
  if (!PLACE.test(page)) throw new RangeError('The page has no place for an adventure.');
  const setAside = adventure.setAside.map((one) => ({ ...one, reason: '' }));
  const carried = { version: 1, madeBy, pace, look, adventure: { ...adventure, setAside } };
  const json = JSON.stringify(carried).replaceAll('<', '\\u003c');
  return page
    .replace(TITLE, () => `<title>${escapeMarkup(titleOf(adventure))}</title>`)
    .replace(PLACE, (_, before: string, _empty, after: string) => before + json + after);
}

/** What stands in the place of a page, read: the adventure whole, at the pace that it was sent with. */
export function parseCarried(json: string): Result<Carried> {
  let value: unknown;
  try {
    value = JSON.parse(json);
  } catch {
    return { ok: false, problems: [problem('not-take-along')] };
  }
  const carried = carriedSchema.safeParse(value);
  if (!carried.success) {
    return { ok: false, problems: carried.error.issues.map(problemOfIssue) };
  }
  const { madeBy, pace, look } = carried.data;
  const adventure = parseAdventure(carried.data.adventure);
  if (!adventure.ok) return adventure;
  return { ok: true, value: { madeBy, pace, look, adventure: adventure.value } };
}

/** The adventure in a page that leads itself, with what it was sent with; refused where there is none. */
export function parseTakeAlong(html: string): Result<Carried> {
  if (html.length > MOST_PAGE_CHARACTERS) {
    const params = { most: MOST_PAGE_CHARACTERS };
    return { ok: false, problems: [problem('too-large', [], params)] };
  }
  return parseCarried(PLACE.exec(html)?.[2] ?? '');
}
