import { useState } from 'react';
import { Link } from 'react-router';
import { dayName } from '~core/kernel/day-name';
import { daysFrom, mondayOf } from '~core/plan/calendar';
import type { Lesson } from '~core/records/lesson';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

/** The lessons of this week by their days, today's named so. */
export function ThisWeek({ lessons }: { readonly lessons: readonly Lesson[] }) {
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const days = new Set(daysFrom(mondayOf(today), 7));
  const when = ({ plan }: Lesson) => `${plan?.date ?? ''} ${(plan?.time ?? '').padStart(5, '0')}`;
  const planned = lessons
    .filter(({ plan }) => days.has(plan?.date ?? ''))
    .sort((one, other) => when(one).localeCompare(when(other)));
  return (
    <section aria-labelledby="desk-week">
      <h2 className="h5" id="desk-week">
        {t('home.thisWeek')}
      </h2>
      {planned.length === 0 && <p className="quiet mb-1">{t('home.noLessonHasADay')}</p>}
      <ul className="desk-top__others mb-1">
        {planned.map(({ id, title, plan }) => (
          <li key={id}>
            <Link to={`/lessons/${id}`}>{title || t('home.untitledLesson')}</Link>
            <span>
              {plan?.date === today ? (
                <strong>{t('home.today')}</strong>
              ) : (
                dayName(plan?.date ?? today, { weekday: 'long' }, locale)
              )}
              {plan?.time ? `, ${plan.time}` : ''}
            </span>
          </li>
        ))}
      </ul>
      <p className="mb-4">
        <Link to="/week">{t('home.planTheWeek')}</Link>
      </p>
    </section>
  );
}
