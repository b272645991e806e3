/** Functions for scripts about plans: objectives, standards, calendars. */
import { toCalendar as calendarOf, type CalendarLesson } from '../plan/calendar';
import { checkObjective as check } from '../plan/check-objective';
import { suggestionsFor } from '../standards/serves';
import { readStandardsFile } from '../standards/read-standards';

/** What an objective has of who, verb, what and how well, and what to do where it lacks one. */
export function checkObjective({ objective }: { objective: string }) {
  return { findings: check(objective) };
}

/** Standards of a CASE package or of a table with tabs, each with the exercises it suggests. */
export function readStandards({ text }: { text: string }) {
  const { standards, problems } = readStandardsFile(text, 'Own set');
  return {
    standards: standards.map((standard) => ({
      ...standard,
      suggests: suggestionsFor(standard.serves),
    })),
    problems,
  };
}

/** Lessons as a calendar (RFC 5545). */
export function toCalendar({
  lessons,
  made = 0,
}: {
  lessons: readonly CalendarLesson[];
  made?: number;
}) {
  return { calendar: calendarOf(lessons, made) };
}
