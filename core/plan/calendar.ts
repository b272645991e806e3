/** Lessons as entries of a calendar (iCalendar, RFC 5545), without anything about a learner. */
export interface CalendarLesson {
  readonly id: string;
  readonly title: string;
  readonly className: string;
  /** ISO 8601 day, and 09:15; a lesson without a time is an entry of the whole day. */
  readonly date: string;
  readonly time?: string | undefined;
  readonly minutes: number;
  readonly objective: string;
}

/** RFC 5545, 3.3.11: what has a meaning in a text is escaped. */
const escaped = (text: string) =>
  text.replace(/\\/g, '\\\\').replace(/;/g, '\\;').replace(/,/g, '\\,').replace(/\r?\n/g, '\\n');

/** RFC 5545, 3.1: a line is at most 75 octets; what follows begins with a blank. */
function folded(line: string): string {
  const encoder = new TextEncoder();
  const pieces: string[] = [];
  let piece = '';
  let length = 0;
  for (const sign of line) {
    const size = encoder.encode(sign).length;
    if (length + size > 75 - (pieces.length > 0 ? 1 : 0)) {
      pieces.push(piece);
      piece = '';
      length = 0;
    }
    piece += sign;
    length += size;
  }
  pieces.push(piece);
  return pieces.join('\r\n ');
}

const bare = (date: string) => date.replace(/-/g, '');

function after(date: string, time: string, minutes: number): string {
  const end = new Date(Date.parse(`${date}T${time.padStart(5, '0')}:00Z`) + minutes * 60_000);
  return end.toISOString().slice(0, 19).replace(/[-:]/g, '');
}

const nextDay = (date: string) =>
  bare(new Date(Date.parse(`${date}T00:00:00Z`) + 86_400_000).toISOString().slice(0, 10));

/** @param made when it was written, in milliseconds since 1970 */
export function toCalendar(lessons: readonly CalendarLesson[], made: number): string {
  const stamp = `${new Date(made).toISOString().slice(0, 19).replace(/[-:]/g, '')}Z`;
  const entries = lessons
    .filter(({ date }) => /^\d{4}-\d{2}-\d{2}$/.test(date))
    .flatMap(({ id, title, className, date, time, minutes, objective }) => [
      'BEGIN:VEVENT',
      `UID:${id}@wordane`,
      `DTSTAMP:${stamp}`,
      ...(time !== undefined && /^\d{1,2}:\d{2}$/.test(time)
        ? // A lesson is at its hour wherever the calendar is read: a time without a zone.
          [`DTSTART:${after(date, time, 0)}`, `DTEND:${after(date, time, Math.max(1, minutes))}`]
        : [`DTSTART;VALUE=DATE:${bare(date)}`, `DTEND;VALUE=DATE:${nextDay(date)}`]),
      `SUMMARY:${escaped(`${className}: ${title}`)}`,
      ...(objective.trim() === '' ? [] : [`DESCRIPTION:${escaped(objective)}`]),
      'END:VEVENT',
    ]);
  return (
    [
      'BEGIN:VCALENDAR',
      'VERSION:2.0',
      'PRODID:-//Wordane//Lessons//EN',
      ...entries,
      'END:VCALENDAR',
    ]
      .map(folded)
      .join('\r\n') + '\r\n'
  );
}

/** The Monday of the week of a day, as an ISO 8601 day (ISO 8601: a week begins on Monday). */
export function mondayOf(date: string): string {
  const day = new Date(`${date}T12:00:00Z`);
  const since = (day.getUTCDay() + 6) % 7;
  return new Date(day.getTime() - since * 86_400_000).toISOString().slice(0, 10);
}

/** The ISO 8601 day so many days after another, or before it where the number is negative. */
export const dayAfter = (day: string, days: number): string =>
  new Date(Date.parse(`${day}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

/** The days of a week from its Monday. */
export const daysFrom = (monday: string, count = 5): string[] =>
  Array.from({ length: count }, (_, at) => dayAfter(monday, at));
