import ical, { ICalAlarmType } from 'ical-generator';

/** One thing to begin. */
export interface ToBegin {
  readonly id: string;
  readonly what: string;
  readonly fromMs: number;
  readonly toMs: number;
}

/**
 * A calendar of a meal as iCalendar (RFC 5545): an event for everything that is begun, each with an alarm at its beginning.
 * @param writtenMs when it is written, ms since the epoch
 */
export function calendarText(name: string, list: readonly ToBegin[], writtenMs: number): string {
  const calendar = ical({ name, prodId: { company: 'Hammock', product: 'Hammock', language: 'EN' } });
  for (const { id, what, fromMs, toMs } of list) {
    const event = calendar.createEvent({
      id: uidOf(id),
      summary: what,
      start: new Date(fromMs),
      end: new Date(Math.max(toMs, fromMs + 60_000)),
      stamp: new Date(writtenMs),
    });
    event.createAlarm({ type: ICalAlarmType.display, trigger: 0, description: what });
  }
  return calendar.toString();
}

/** A UID is written as it is: a line end in it would begin another property. */
const uidOf = (id: string): string => id.replaceAll(/[^\w.@:-]/gu, '-').slice(0, 200);
