import ical, { ICalAlarmType } from 'ical-generator';
import { kitInWords, kitListOf } from '../../prep/kit-list';
import { clockOf, lengthInWords } from '../../words/clock';
import type { Adventure } from '../../document/adventure';
import { titleOf } from '../../document/title';
import { startsBy } from '../../cues/starts';
import { LOCAL_TIME, type LocalTime } from './local-time';
import { lengthTold, type TimedSchedule } from '../../forecast/told-length';
import { capital } from '../../words/capital';

/** Kit is got ready this long before. Our own judgement. */
const REMIND_SECONDS = 30 * 60;

/**
 * The session as iCalendar (RFC 5545): one event in floating time, as long as the slot, its chapters
 * and kit in the description, with a reminder to get the kit ready. Throws a RangeError for a start
 * that is not a local time.
 */
export function serializeICalendar(
  adventure: Adventure,
  schedule: TimedSchedule,
  startsAt: LocalTime,
  stampedAt: Date,
): string {
  const start = new Date(`${startsAt}:00Z`);
  if (!LOCAL_TIME.test(startsAt) || Number.isNaN(start.getTime())) {
    throw new RangeError(`serializeICalendar: “${startsAt}” is no local time`);
  }
  const { setting, world, chapters } = adventure;
  const title = titleOf(adventure);
  const kit = kitListOf(adventure, setting).map(kitInWords);
  const starts = startsBy(schedule.cues, 'chapterId');
  const description = [
    world.want,
    `${capital(lengthTold(schedule.told))}, in a slot of ${lengthInWords(setting.slotSeconds)}.`,
    kit.length > 0 ? `To gather: ${kit.join(', ')}.` : '',
    ...chapters.flatMap(({ id, title: chapter }) => {
      const at = starts.get(id);
      return at === undefined ? [] : [`${clockOf(at)} ${chapter}`];
    }),
  ].filter(Boolean);
  const calendar = ical({ prodId: { company: 'Arrup', product: 'Arrup', language: 'EN' } });
  const event = calendar.createEvent({
    id: `${adventure.id}-${startsAt.replace(/\D/gu, '')}@arrup`,
    start,
    end: new Date(start.getTime() + setting.slotSeconds * 1000),
    // With the clock of the wall: nine o'clock stays nine o'clock. Written from UTC, as it was read.
    floating: true,
    stamp: stampedAt,
    summary: title,
    description: description.join('\n'),
  });
  event.createAlarm({
    type: ICalAlarmType.display,
    triggerBefore: REMIND_SECONDS,
    description: kit.length > 0 ? `Get ready: ${kit.join(', ')}` : `Get ready: ${title}`,
  });
  return calendar.toString();
}
