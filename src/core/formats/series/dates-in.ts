import ICAL from 'ical.js';
import Papa from 'papaparse';
import { problem, type Result } from '../../model/problem';
import { isDay, type Day } from '../../series/days';
import { MOST_SESSIONS } from '../../series/series';

/** A date that was read: its day, its time where it has one, and what stands beside it. */
export type ReadDate = Readonly<{ day: Day; time: string | null; title: string }>;

/** 2 MiB, in characters of text. */
const MAX_DATES_CHARACTERS = 2 * 1024 * 1024;
/** What comes again for ever is read for so many days. */
const LONGEST_DAYS = 400;
/** So many events are gone through, and so many times of one that comes again. */
const MOST_EVENTS = 2000;
const MOST_TIMES = 2000;

const two = (n: number) => String(n).padStart(2, '0');

/** A time by the clock on the wall; one in UTC as the clock here has it. */
function wallOf(time: ICAL.Time, toWall: (utc: Date) => string): readonly [Day, string | null] {
  if (time.isDate) return [`${time.year}-${two(time.month)}-${two(time.day)}`, null];
  if (time.zone === ICAL.Timezone.utcTimezone) {
    const [day, clock] = toWall(time.toJSDate()).split('T');
    return [day!, clock!.slice(0, 5)];
  }
  return [
    `${time.year}-${two(time.month)}-${two(time.day)}`,
    `${two(time.hour)}:${two(time.minute)}`,
  ];
}

/** The times of one event: itself, or each time that it comes again, moved ones where they were moved to. */
function timesOf(event: ICAL.Event): readonly (readonly [ICAL.Time, string])[] {
  if (!event.isRecurring()) return [[event.startDate, event.summary ?? '']];
  const times: [ICAL.Time, string][] = [];
  const from = event.startDate.toJSDate().getTime();
  const each = event.iterator();
  for (let n = 0; n < MOST_TIMES && times.length < MOST_SESSIONS; n += 1) {
    const at = each.next() as ICAL.Time | undefined;
    if (!at || at.toJSDate().getTime() - from > LONGEST_DAYS * 86_400_000) break;
    const { startDate, item } = event.getOccurrenceDetails(at);
    const isOff = item.component.getFirstPropertyValue('status') === 'CANCELLED';
    if (!isOff) times.push([startDate, item.summary ?? '']);
  }
  return times;
}

function datesOfCalendar(text: string, toWall: (utc: Date) => string): readonly ReadDate[] {
  const calendar = new ICAL.Component(ICAL.parse(text) as never);
  const components = calendar.getAllSubcomponents('vevent').slice(0, MOST_EVENTS);
  // Changed times of an event come as events of their own, with its id.
  const changed = components.filter((one) => one.hasProperty('recurrence-id'));
  return components
    .filter((one) => !one.hasProperty('recurrence-id'))
    .flatMap((component) => {
      if (component.getFirstPropertyValue('status') === 'CANCELLED') return [];
      const event = new ICAL.Event(component);
      for (const one of changed) {
        if (one.getFirstPropertyValue('uid') === event.uid) event.relateException(one);
      }
      return timesOf(event).map(([at, title]): ReadDate => {
        const [day, time] = wallOf(at, toWall);
        return { day, time, title };
      });
    });
}

/** "2027-03-02", "2/3/2027" and "2.3.27": the day first, as it is said here. */
function dayIn(text: string): Day | null {
  const iso = /^\s*(\d{4})-(\d{1,2})-(\d{1,2})\b/u.exec(text);
  const spoken = /^\s*(\d{1,2})[./ -](\d{1,2})[./ -](\d{4}|\d{2})\b/u.exec(text);
  const [year, month, day] = iso
    ? [iso[1]!, iso[2]!, iso[3]!]
    : spoken
      ? [spoken[3]!, spoken[2]!, spoken[1]!]
      : ['', '', ''];
  const found = `${year.length === 2 ? `20${year}` : year}-${two(Number(month))}-${two(Number(day))}`;
  return isDay(found) ? found : null;
}

function timeIn(text: string): string | null {
  const found = /(?:^|[\sT])(\d{1,2})[:.](\d{2})(?::\d{2})?\s*(am|pm)?\s*$/iu.exec(text);
  if (!found) return null;
  const late = found[3]?.toLowerCase() === 'pm' && Number(found[1]) < 12 ? 12 : 0;
  const hour = Number(found[1]) + late;
  return hour < 24 && Number(found[2]) < 60 ? `${two(hour)}:${found[2]}` : null;
}

function datesOfTable(text: string): readonly ReadDate[] {
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  return data.flatMap((cells): ReadDate[] => {
    const at = cells.findIndex((cell) => dayIn(cell));
    if (at < 0) return [];
    const others = cells.filter((_, n) => n !== at);
    const time = timeIn(cells[at]!) ?? others.map(timeIn).find((one) => one !== null) ?? null;
    const title = others.find((cell) => cell.trim() && timeIn(cell) === null) ?? '';
    return [{ day: dayIn(cells[at]!)!, time, title: title.trim() }];
  });
}

/**
 * Dates from a calendar (iCalendar, what comes again among them) or from a table (CSV: a day in each row,
 * perhaps a time and a title), in their order, each once. `toWall` tells a time in UTC by the clock on the
 * wall ("2027-03-02T09:30"). Problems where there is no date in it.
 */
export function readDates(
  text: string,
  toWall: (utc: Date) => string,
): Result<readonly ReadDate[]> {
  if (text.length > MAX_DATES_CHARACTERS) {
    return { ok: false, problems: [problem('too-large', [], { most: MAX_DATES_CHARACTERS })] };
  }
  let dates: readonly ReadDate[] = [];
  try {
    dates = /^\s*BEGIN:VCALENDAR/iu.test(text.replace(/^\uFEFF/u, ''))
      ? datesOfCalendar(text.replace(/^\uFEFF/u, ''), toWall)
      : datesOfTable(text);
  } catch {
    // A calendar that no reader of calendars can read has no dates in it.
  }
  const seen = new Set<string>();
  const once = [...dates]
    .sort((a, b) => `${a.day}${a.time ?? ''}`.localeCompare(`${b.day}${b.time ?? ''}`))
    .filter(({ day, time }) => !seen.has(`${day} ${time}`) && seen.add(`${day} ${time}`));
  return once.length === 0
    ? { ok: false, problems: [problem('no-dates')] }
    : { ok: true, value: once.slice(0, MOST_SESSIONS) };
}
