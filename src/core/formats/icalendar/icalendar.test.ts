import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { timed } from '../../forecast/told-length';
import { arbitraryAdventure } from '../../testing/arbitrary';
import { doseOf, moveBeat, withBeats } from '../../testing/make';
import { serializeICalendar } from './icalendar';

const STAMP = new Date('2026-11-01T12:00:00Z');

// The outside reader is ical.js.
function eventOf(text: string) {
  const calendar = new ICAL.Component(ICAL.parse(text));
  return {
    event: new ICAL.Event(calendar.getFirstSubcomponent('vevent')!),
    alarms: calendar.getFirstSubcomponent('vevent')!.getAllSubcomponents('valarm'),
  };
}

describe('the session in a calendar', () => {
  it('is at nine by the clock on the wall, as long as its slot, with its kit', () => {
    const script = withBeats(moveBeat([doseOf('bean-bag-catch', 5)]));
    const adventure = { ...script, title: 'Fog; and, a bell' };
    const { event, alarms } = eventOf(
      serializeICalendar(adventure, timed(adventure), '2027-03-01T09:00', STAMP),
    );
    expect(event.summary).toBe('Fog; and, a bell');
    expect(event.startDate.toString()).toBe('2027-03-01T09:00:00');
    expect(event.startDate.zone).toBe(ICAL.Timezone.localTimezone);
    expect(event.duration.toSeconds()).toBe(adventure.setting.slotSeconds);
    expect(event.description).toContain('To gather: 12 bean bags.');
    expect(event.description).toContain('0:00 The way');
    expect(alarms).toHaveLength(1);
    expect(alarms[0]!.getFirstPropertyValue('description')).toBe('Get ready: 12 bean bags');
    expect(String(alarms[0]!.getFirstPropertyValue('trigger'))).toBe('-PT30M');
  });

  it('with nothing to gather, the reminder has its title', () => {
    const adventure = { ...withBeats(moveBeat([doseOf('march', 5)])), title: 'The fog bell' };
    const { alarms } = eventOf(
      serializeICalendar(adventure, timed(adventure), '2027-03-01T09:00', STAMP),
    );
    expect(alarms[0]!.getFirstPropertyValue('description')).toBe('Get ready: The fog bell');
  });

  it('of any adventure is a calendar that another reader reads', () => {
    const date = fc.date({
      min: new Date('2000-01-01T00:00Z'),
      max: new Date('2100-01-01T00:00Z'),
      noInvalidDate: true,
    });
    fc.assert(
      fc.property(arbitraryAdventure, date, (any, at) => {
        const local = at.toISOString().slice(0, 16);
        const text = serializeICalendar(any, timed(any), local, STAMP);
        const { event } = eventOf(text);
        expect(event.startDate.toString()).toBe(`${local}:00`);
        for (const line of text.split('\r\n')) {
          expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75);
        }
      }),
    );
  });

  it('refuses what is no time', () => {
    const adventure = withBeats();
    for (const wrong of ['', 'tomorrow', '2027-13-01T09:00', '2027-03-01 09:00']) {
      expect(() => serializeICalendar(adventure, timed(adventure), wrong, STAMP)).toThrow(
        RangeError,
      );
    }
  });
});
