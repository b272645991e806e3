import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { minutesOf, partsOf } from '~core/records/lesson';
import type { PartContext } from '~/workers/part-maker';
import type { Desk } from './desk-of';
import { SmallPage } from './SmallPage';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const days = new Intl.DateTimeFormat(locale, { weekday: 'long', day: 'numeric', month: 'long' });

/** A lesson as it lies on the desk: a small page of it, what it is for, when it was worked on. */
export function LessonCard({
  of: { lesson, at, first },
  context,
  children,
}: {
  readonly of: Desk['lessons'][number];
  readonly context: PartContext;
  readonly children?: ReactNode;
}) {
  const exercises = partsOf(lesson).filter(({ kind }) => kind === 'exercise').length;
  return (
    <li>
      <SmallPage part={first} context={context} />
      <div>
        <h3>
          <Link to={`/lessons/${lesson.id}`}>{lesson.title || t('home.untitledLesson')}</Link>
        </h3>
        <p>{lesson.objective}</p>
        <p className="quiet small mb-0">
          {t('home.minExercise', {
            count: exercises,
            minutesOf: minutesOf(lesson),
            which: at === undefined ? '' : ` · ${days.format(at)}`,
          })}
        </p>
        {children}
      </div>
    </li>
  );
}
