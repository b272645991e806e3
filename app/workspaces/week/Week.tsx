import { DndContext, useDraggable, useDroppable } from '@dnd-kit/core';
import { useState, type ReactNode } from 'react';
import { Button } from 'react-bootstrap';
import { BsArrowLeft, BsArrowRight, BsDownload } from 'react-icons/bs';
import { Link, useFetcher } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { daysFrom, mondayOf, toCalendar } from '~core/plan/calendar';
import { dayName } from '~core/kernel/day-name';
import { minutesOf, type Lesson } from '~core/records/lesson';
import type { ActionAnswer } from '~/routes/action-answer';
import { saveText } from '~/ui/save-text';
import { useDragSensors } from '~/ui/drag-sensors';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const moved = (date: string, days: number) =>
  new Date(Date.parse(`${date}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);

function LessonCard({
  lesson,
  days,
  onDay,
}: {
  lesson: Lesson;
  days: readonly string[];
  onDay: (date: string) => void;
}) {
  const { setNodeRef, listeners, transform } = useDraggable({ id: lesson.id });
  const date = lesson.plan?.date ?? '';
  return (
    <article
      ref={setNodeRef}
      {...listeners}
      className="week-lesson"
      style={
        transform
          ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 5 }
          : undefined
      }
    >
      <Link to={`/lessons/${lesson.id}/plan`}>{lesson.title || t('week.untitledLesson')}</Link>
      <span className="quiet small d-block">
        {[lesson.plan?.time, `${minutesOf(lesson)} min`].filter(Boolean).join(' · ')}
      </span>
      <select
        className="form-select form-select-sm"
        aria-label={t('week.dayOf', { title: lesson.title })}
        value={days.includes(date) ? date : ''}
        onChange={(event) => onDay(event.currentTarget.value)}
        // A choice is no beginning of a drag.
        onMouseDown={(event) => event.stopPropagation()}
        onTouchStart={(event) => event.stopPropagation()}
      >
        <option value="">
          {date === '' || days.includes(date)
            ? t('week.noDay')
            : dayName(date, { day: 'numeric', month: 'short' }, locale)}
        </option>
        {days.map((day) => (
          <option key={day} value={day}>
            {dayName(day, { weekday: 'long' }, locale)}
          </option>
        ))}
      </select>
    </article>
  );
}

function Day({ id, name, children }: { id: string; name: string; children: ReactNode }) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <section
      ref={setNodeRef}
      className={`week-day${isOver ? ' week-day--over' : ''}`}
      aria-label={name}
    >
      <h2 className="h6">{name}</h2>
      {children}
    </section>
  );
}

/** The lessons of a class by the days of a week: dragged, or their day chosen. */
export function Week({
  profile,
  lessons,
  from,
}: {
  profile: ClassProfile;
  lessons: readonly Lesson[];
  from: string | undefined;
}) {
  const fetcher = useFetcher<ActionAnswer>();
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const monday = mondayOf(from ?? today);
  const days = daysFrom(monday, 5);
  const sensors = useDragSensors();
  const setDay = (id: string, date: string) =>
    void fetcher.submit({ id, date } as never, { method: 'post', encType: 'application/json' });
  const of = (day: string) =>
    lessons
      .filter(({ plan }) => (plan?.date ?? '') === day)
      .sort((one, other) =>
        (one.plan?.time ?? '')
          .padStart(5, '0')
          .localeCompare((other.plan?.time ?? '').padStart(5, '0')),
      );
  const dated = lessons.filter(({ plan }) => plan?.date);
  const card = (lesson: Lesson) => (
    <LessonCard
      key={lesson.id}
      lesson={lesson}
      days={days}
      onDay={(date) => setDay(lesson.id, date)}
    />
  );
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  return (
    <div className="page">
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3">
        <h1 className="mb-0 me-auto">
          {t('week.weekOf', {
            name: profile.name,
            dayName: dayName(monday, { day: 'numeric', month: 'long' }, locale),
          })}
        </h1>
        <Link
          className="btn btn-outline-dark"
          to={`?from=${moved(monday, -7)}`}
          aria-label={t('week.theWeekBefore')}
        >
          <BsArrowLeft aria-hidden="true" />
        </Link>
        <Link className="btn btn-outline-dark" to="?">
          {t('week.thisWeek')}
        </Link>
        <Link
          className="btn btn-outline-dark"
          to={`?from=${moved(monday, 7)}`}
          aria-label={t('week.theWeekAfter')}
        >
          <BsArrowRight aria-hidden="true" />
        </Link>
        <Button
          variant="outline-dark"
          disabled={dated.length === 0}
          onClick={() =>
            saveText(
              t('week.lessonsIcs', { name: profile.name }),
              toCalendar(
                dated.map((lesson) => ({
                  id: lesson.id,
                  title: lesson.title,
                  className: profile.name,
                  date: lesson.plan?.date ?? '',
                  time: lesson.plan?.time,
                  minutes: minutesOf(lesson),
                  objective: lesson.objective,
                })),
                Date.now(),
              ),
            )
          }
        >
          <BsDownload aria-hidden="true" /> {t('week.calendarIcs')}
        </Button>
      </div>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <DndContext
        sensors={sensors}
        accessibility={{ screenReaderInstructions: { draggable: '' } }}
        onDragEnd={({ active, over }) => {
          if (over) setDay(String(active.id), over.id === 'none' ? '' : String(over.id));
        }}
      >
        <div className="week">
          {days.map((day) => (
            <Day
              key={day}
              id={day}
              name={dayName(day, { weekday: 'long', day: 'numeric', month: 'short' }, locale)}
            >
              {of(day).map(card)}
            </Day>
          ))}
        </div>
        <Day id="none" name={t('week.withoutADayOrIn')}>
          <div className="week-rest">
            {lessons.filter(({ plan }) => !days.includes(plan?.date ?? '')).map(card)}
          </div>
        </Day>
      </DndContext>
    </div>
  );
}
