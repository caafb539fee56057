import ical, { ICalCalendarMethod } from 'ical-generator';

/** A session as a calendar shows it. Times are the studio's own, whatever the zone. */
export interface CalendarEntry {
  readonly id: string;
  readonly title: string;
  readonly held_on: string;
  readonly starts_at: string | null;
  readonly minutes: number | null;
  readonly place: string;
  readonly seats: number;
}

/** Sessions as an iCalendar file: floating times, whole days where no hour is set. No participant is named. */
export function toCalendar(name: string, sessions: readonly CalendarEntry[]): string {
  const calendar = ical({
    name,
    prodId: { company: 'Lapboard', product: 'sessions' },
    method: ICalCalendarMethod.PUBLISH,
  });
  for (const { id, title, held_on, starts_at, minutes, place, seats } of sessions) {
    const start = new Date(`${held_on}T${starts_at ?? '00:00'}:00`);
    calendar.createEvent({
      id: `${id}@lapboard`,
      start,
      end: new Date(start.getTime() + (starts_at ? (minutes ?? 60) : 24 * 60) * 60_000),
      allDay: starts_at === null,
      floating: true,
      summary: title,
      location: place || null,
      description: `${seats} ${seats === 1 ? 'seat' : 'seats'}`,
    });
  }
  return calendar.toString();
}
