import { parse as parseCsv } from 'csv-parse/sync';
import ICAL from 'ical.js';
import fc from 'fast-check';
import rrule from 'rrule';
import { describe, expect, it } from 'vitest';
import { coverageOf } from '../../series/coverage';
import { changeSession, removeSession } from '../../series/edit-series';
import type { Series } from '../../series/series';
import { FIRST_DAY, rowOf, seriesOf } from '../../testing/make-series';
import { demoAdventure } from '../../testing/shelf-of-examples';
import { parseArrupJson } from '../arrup-json/arrup-json';
import { coverageSvg } from './coverage-picture';
import { readDates } from './dates-in';
import { serializeSeriesCalendar } from './series-calendar';
import { parseSeriesJson, serializeSeriesJson } from './series-json';
import { termPlanCsv, termPlanMarkdown, termPlanText } from './term-plan';

const letter = demoAdventure('late-letter');
const ferry = demoAdventure('ferry-die');
const STAMP = new Date('2027-02-01T12:00:00Z');
const sessionOf = () => ({ title: 'Fog; and, a bell', kit: ['12 bean bags'] });
const events = (text: string) =>
  new ICAL.Component(ICAL.parse(text) as never)
    .getAllSubcomponents('vevent')
    .map((component) => new ICAL.Event(component));

describe('the row in a calendar, read by ical.js', () => {
  it('has an event a session at nine by the wall, over both changes of the clocks', () => {
    const days = ['2027-03-23', '2027-03-30', '2027-10-26', '2027-11-02'];
    const series = seriesOf([letter, ferry, null, letter], {}, (n) => ({
      day: days[n]!,
      time: '09:00',
    }));
    const read = events(serializeSeriesCalendar(series, sessionOf, STAMP));
    expect(read.map(({ startDate }) => String(startDate))).toEqual(
      days.map((day) => `${day}T09:00:00`),
    );
    for (const { startDate, duration, summary } of read) {
      expect(startDate.zone).toBe(ICAL.Timezone.localTimezone);
      expect(duration.toSeconds()).toBe(series.setting.slotSeconds);
      expect(summary).toBe('Tuesdays: Fog; and, a bell');
    }
  });

  it('tells what changed by the same ids and greater sequence numbers, and what is off', () => {
    const series = seriesOf([letter, ferry, letter]);
    const [first, second, third] = series.sessions.map(({ id }) => id) as [string, string, string];
    const before = events(serializeSeriesCalendar(series, sessionOf, STAMP));
    let later: Series = changeSession(series, first, { day: '2027-03-04' });
    later = changeSession(later, second, { fallsOut: 'snow' });
    later = removeSession(later, third);
    const after = events(serializeSeriesCalendar(later, sessionOf, STAMP));
    const facts = (id: string) => {
      const event = after.find(({ uid }) => uid.includes(id))!;
      return [event.sequence, event.component.getFirstPropertyValue('status')];
    };
    expect(facts(first)).toEqual([1, 'CONFIRMED']);
    expect(facts(second)).toEqual([1, 'CANCELLED']);
    expect(facts(third)).toEqual([1, 'CANCELLED']);
    expect(new Set(after.map(({ uid }) => uid))).toEqual(new Set(before.map(({ uid }) => uid)));
    expect(before.every(({ sequence }) => sequence === 0)).toBe(true);
  });
});

const calendar = (...lines: readonly string[]) =>
  ['BEGIN:VCALENDAR', 'VERSION:2.0', ...lines, 'END:VCALENDAR'].join('\r\n');
const event = (...lines: readonly string[]) => [
  'BEGIN:VEVENT',
  'UID:marsh',
  'SUMMARY:Hall is ours',
  ...lines,
  'END:VEVENT',
];
/** A zone as calendars bring it along: clocks go on in March and back in October. */
const ZONE = [
  'BEGIN:VTIMEZONE',
  'TZID:Marsh',
  'BEGIN:DAYLIGHT',
  'DTSTART:19810329T010000',
  'RRULE:FREQ=YEARLY;BYMONTH=3;BYDAY=-1SU',
  'TZOFFSETFROM:+0000',
  'TZOFFSETTO:+0100',
  'END:DAYLIGHT',
  'BEGIN:STANDARD',
  'DTSTART:19961027T020000',
  'RRULE:FREQ=YEARLY;BYMONTH=10;BYDAY=-1SU',
  'TZOFFSETFROM:+0100',
  'TZOFFSETTO:+0000',
  'END:STANDARD',
  'END:VTIMEZONE',
];
/** As if the wall were an hour ahead of UTC. */
const toWall = (utc: Date) => new Date(utc.getTime() + 3_600_000).toISOString().slice(0, 16);
const dates = (text: string) => {
  const read = readDates(text, toWall);
  return read.ok
    ? read.value.map(({ day, time, title }) => [day, time, title])
    : read.problems.map(({ code }) => code);
};

describe('dates of a calendar', () => {
  it('that come again stay at nine when the clocks change, without those left out, with those moved', () => {
    // RFC 5545: RRULE, EXDATE and RECURRENCE-ID are by the wall of their zone.
    const text = calendar(
      ...ZONE,
      ...event(
        'DTSTART;TZID=Marsh:20270316T090000',
        'RRULE:FREQ=WEEKLY;COUNT=5',
        'EXDATE;TZID=Marsh:20270323T090000',
      ),
      ...event('RECURRENCE-ID;TZID=Marsh:20270406T090000', 'DTSTART;TZID=Marsh:20270407T103000'),
    );
    expect(dates(text)).toEqual([
      ['2027-03-16', '09:00', 'Hall is ours'],
      ['2027-03-30', '09:00', 'Hall is ours'],
      ['2027-04-07', '10:30', 'Hall is ours'],
      ['2027-04-13', '09:00', 'Hall is ours'],
    ]);
  });

  it('are those that another package of recurring dates gives', () => {
    const rule = fc.record({
      freq: fc.constantFrom('WEEKLY', 'DAILY', 'MONTHLY'),
      interval: fc.integer({ min: 1, max: 3 }),
      count: fc.integer({ min: 1, max: 20 }),
      byDay: fc.constantFrom('', ';BYDAY=TU', ';BYDAY=TU,TH'),
    });
    fc.assert(
      fc.property(rule, ({ freq, interval, count, byDay }) => {
        const text = `FREQ=${freq};INTERVAL=${interval};COUNT=${count}${byDay}`;
        const last = Date.UTC(2027, 2, 2) + 400 * 86_400_000;
        const theirs = rrule
          .rrulestr(`DTSTART:20270302T090000Z\nRRULE:${text}`)
          .all()
          .filter((day) => day.getTime() <= last + 32_400_000)
          .map((day) => day.toISOString().slice(0, 10));
        const ours = dates(calendar(...event('DTSTART:20270302T090000', `RRULE:${text}`)));
        expect(ours.map(([day]) => day)).toEqual(theirs);
      }),
    );
  });

  it('in UTC are told by the clock here; of whole days without a time; once where they are twice', () => {
    expect(dates(calendar(...event('DTSTART:20270302T083000Z')))).toEqual([
      ['2027-03-02', '09:30', 'Hall is ours'],
    ]);
    expect(dates(calendar(...event('DTSTART;VALUE=DATE:20270302')))).toEqual([
      ['2027-03-02', null, 'Hall is ours'],
    ]);
    const one = event('DTSTART:20270302T090000');
    expect(dates(calendar(...one, ...one))).toHaveLength(1);
    expect(dates(calendar(...event('DTSTART:20270302T090000', 'STATUS:CANCELLED')))).toEqual([
      'no-dates',
    ]);
  });

  it('that never end come to an end, and what is broken is said', () => {
    const forever = dates(calendar(...event('DTSTART:20270302T090000', 'RRULE:FREQ=WEEKLY')));
    expect(forever.length).toBeGreaterThan(50);
    expect(forever.length).toBeLessThanOrEqual(120);
    const secondly = dates(calendar(...event('DTSTART:20270302T090000', 'RRULE:FREQ=SECONDLY')));
    expect(secondly.length).toBeLessThanOrEqual(120);
    for (const wrong of ['', 'tomorrow', 'BEGIN:VCALENDAR\nnonsense', calendar()])
      expect(dates(wrong)).toEqual(['no-dates']);
    expect(dates('2027-03-02\n'.repeat(300_000))).toEqual(['too-large']);
  });
});

describe('dates of a table', () => {
  it('are read as they are written here, with a time and a title where there is one', () => {
    expect(
      dates('Day,Time,What\n2027-03-02,9:30,Fog\n9/3/2027,2:15 pm,"Reeds, wet"\n16.3.27,,\n,,\n'),
    ).toEqual([
      ['2027-03-02', '09:30', 'Fog'],
      ['2027-03-09', '14:15', 'Reeds, wet'],
      ['2027-03-16', null, ''],
    ]);
    expect(dates('2027-02-30\n31/4/2027')).toEqual(['no-dates']);
  });
});

describe('the file of a series', () => {
  const series = seriesOf([letter, null, ferry, letter]);
  const text = serializeSeriesJson({ series, adventures: [letter, ferry, letter] });

  it('brings it back with the adventures that are in it', () => {
    const read = parseSeriesJson(text);
    expect(read).toMatchObject({ ok: true, value: { series } });
    expect(read.ok && read.value.adventures.map(({ id }) => id)).toEqual([
      letter.id,
      ferry.id,
      letter.id,
    ]);
    const without = serializeSeriesJson({ series: seriesOf([null]), adventures: [letter] });
    expect(parseSeriesJson(without)).toMatchObject({ value: { adventures: [] } });
  });

  it('that is broken, newer or something else is refused with the place', () => {
    const codes = (broken: string) => {
      const read = parseSeriesJson(broken);
      return read.ok || read.problems.map(({ code, path }) => [code, path.join('.')]);
    };
    // On the Shelf it is told what it is.
    expect(parseArrupJson(text)).toMatchObject({ problems: [{ code: 'is-series' }] });
    expect(codes('{')).toEqual([['not-json', '']]);
    expect(codes('{"format":"arrup"}')).toEqual([['not-series', '']]);
    expect(
      codes(text.replace('"version": 1', '"version": 9').replace('"version": 1', '"version": 9')),
    ).toEqual([['newer-version', 'series.version']]);
    expect(codes(text.replace(FIRST_DAY, '2027-02-30'))).toMatchObject([
      [expect.any(String), 'series.sessions.0.day'],
    ]);
    expect(codes(text.replaceAll('"kind": "welcome"', '"kind": "well"'))).toMatchObject([
      [expect.any(String), expect.stringMatching(/^adventures\.0\.chapters/u)],
    ]);
  });
});

describe('the picture of what is covered', () => {
  it('has a dot for each skill in each session, full where it was led, and is sound XML', () => {
    const series = seriesOf([letter, ferry, null], { title: 'Fog & “reeds” <1>' });
    const coverage = coverageOf(rowOf(series, [letter, ferry]).covered, FIRST_DAY);
    const svg = coverageSvg(series, coverage);
    const skills = coverage.aspects.filter(({ id }) => id.startsWith('skill'));
    const dots = skills.flatMap(({ planned }) => planned.filter((seconds) => seconds > 0));
    expect(svg.match(/<circle/gu)).toHaveLength(dots.length);
    expect(svg.match(/<circle[^>]* fill="none"/gu)).toHaveLength(dots.length);
    const led = coverage.aspects.map((one) => ({ ...one, led: one.planned }));
    expect(coverageSvg(series, { ...coverage, aspects: led })).not.toContain('fill="none"');
    for (const { name } of skills) expect(svg).toContain(`>${name}</text>`);
    expect(svg).toContain('Fog &amp; “reeds” &lt;1&gt;');
    const tags = [...svg.matchAll(/<(\/?)(\w+)[^>]*?(\/?)>/gu)];
    const open = tags.filter(([, close, , alone]) => !close && !alone).length;
    expect(tags.filter(([, close]) => close)).toHaveLength(open);
  });
});

describe('a term plan', () => {
  const series = seriesOf([letter, null, ferry], { group: 'Reeds class' }, (n) => ({
    ...(n === 1 ? { fallsOut: 'half term, at last' } : {}),
    ...(n === 2 ? { lastTime: '=SUM(1)', nextTime: 'more light' } : {}),
  }));
  const coverage = coverageOf(rowOf(series, [letter, ferry]).covered, FIRST_DAY);

  it('is a table that another program reads, with nothing that it would take for a formula', () => {
    const rows = parseCsv(termPlanCsv(series, coverage), { columns: true }) as Record<
      string,
      string
    >[];
    expect(rows.map(({ day, state }) => [day, state])).toEqual([
      ['2027-03-02', 'planned'],
      ['2027-03-09', 'falls out'],
      ['2027-03-16', 'planned'],
    ]);
    expect(Number(rows[0]!.minutes)).toBe(Math.round(coverage.sessions[0]!.planned!.seconds / 60));
    expect(rows[2]!['last time']).toBe("'=SUM(1)");
  });

  it('tells the same in a text and on paper', () => {
    const text = termPlanMarkdown(series, coverage);
    expect(text).toContain('- Tue 2 March, 09:30: **The late letter**');
    expect(text).toContain('falls out: half term, at last');
    const { title, under, blocks } = termPlanText(series, coverage);
    expect([title, under[0]]).toEqual(['Tuesdays', 'Reeds class']);
    const [rows] = blocks;
    expect(rows).toMatchObject({ kind: 'clock rows' });
    expect(rows?.kind === 'clock rows' && rows.rows.map(({ clock }) => clock)).toEqual([
      '2 Mar',
      '9 Mar',
      '16 Mar',
    ]);
  });
});
