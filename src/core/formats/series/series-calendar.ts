import ical, { ICalCalendarMethod, ICalEventStatus } from 'ical-generator';
import { lengthInWords } from '../../words/clock';
import { takesPlace, type Series } from '../../series/series';

/** What is needed of each session besides: its title and what to bring. */
export type CalendarSession = Readonly<{ title: string; kit: readonly string[] }>;

/**
 * The whole row as iCalendar (RFC 5545): an event a session, by the clock on the wall, as long as its slot.
 * Ids stay and sequence numbers grow, so that a calendar that has it already changes what changed; what
 * falls out or was taken out is there as cancelled. `sessionOf` gives title and kit by the session's id.
 */
export function serializeSeriesCalendar(
  { id, title, place, group, setting, sessions, removed }: Series,
  sessionOf: (sessionId: string) => CalendarSession,
  stampedAt: Date,
): string {
  const calendar = ical({
    name: title || 'Series',
    prodId: { company: 'Arrup', product: 'Arrup', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  });
  const add = (
    one: Readonly<{ id: string; day: string; time: string; sequence: number }>,
    isOn: boolean,
    summary: string,
    description: readonly string[],
  ) => {
    const start = new Date(`${one.day}T${one.time}:00Z`);
    calendar.createEvent({
      id: `${id}-${one.id}@arrup`,
      sequence: one.sequence,
      start,
      end: new Date(start.getTime() + setting.slotSeconds * 1000),
      // Written from UTC, as it was read: nine o'clock stays nine o'clock.
      floating: true,
      stamp: stampedAt,
      summary,
      location: place || null,
      description: description.filter(Boolean).join('\n'),
      status: isOn ? ICalEventStatus.CONFIRMED : ICalEventStatus.CANCELLED,
    });
  };
  for (const session of sessions) {
    const { title: called, kit } = sessionOf(session.id);
    const isOn = takesPlace(session);
    const what = called || 'still to be planned';
    add(session, isOn, `${title ? `${title}: ` : ''}${what}`, [
      isOn ? '' : `Falls out: ${session.fallsOut}.`,
      group,
      `A slot of ${lengthInWords(setting.slotSeconds)}.`,
      kit.length > 0 ? `To gather: ${kit.join(', ')}.` : '',
      session.lastTime && `Last time: ${session.lastTime}`,
    ]);
  }
  for (const session of removed) {
    add(session, false, `${title ? `${title}: ` : ''}${session.title || 'session'}`, []);
  }
  return calendar.toString();
}
