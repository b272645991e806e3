import { useState } from 'react';
import { Link } from 'react-router';
import { dayName, longDay } from '~core/kernel/day-name';
import type { Lesson } from '~core/records/lesson';
import { dueOf, type Due as DueThing } from '~core/lessons/due';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const MOST = 6;
const places = { make: '/add', read: '/results', home: '/results' } as const;

const when = ({ kind, day }: DueThing) =>
  day === undefined
    ? ''
    : ` · ${kind === 'home' ? t('home.givenOn') : ''}${dayName(day, longDay, locale)}`;

/** What waits for the teacher: to be made by its day, to be read, to come back. */
export function Due({
  lessons,
  learners,
}: {
  readonly lessons: readonly Lesson[];
  readonly learners: readonly string[];
}) {
  const [today] = useState(() => new Date().toISOString().slice(0, 10));
  const due = dueOf(lessons, learners, today);
  if (due.length === 0) return null;
  return (
    <section aria-labelledby="desk-due">
      <h2 className="h5" id="desk-due">
        {t('home.due')}
      </h2>
      <ul className="desk-top__others">
        {due.slice(0, MOST).map((each) => (
          <li key={`${each.kind} ${each.lesson}`}>
            <Link to={`/lessons/${each.lesson}${places[each.kind]}`}>
              {each.title || t('home.untitledLesson')}
            </Link>
            <span>
              {each.says}
              {when(each)}
            </span>
          </li>
        ))}
      </ul>
      {due.length > MOST && (
        <p className="quiet">{t('home.andMore', { due: due.length - MOST })}</p>
      )}
    </section>
  );
}
