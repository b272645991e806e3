import { Link, useFetcher } from 'react-router';
import type { Route } from './+types/lessons';
import { Empty } from '~/ui/Empty';
import { deskOf } from '~/workspaces/home/desk-of';
import { LessonCard } from '~/workspaces/home/LessonCard';
import { Start } from '~/workspaces/Start';
import { focusClass } from '~/storage/repository';
import { removeLesson } from '~/storage/whole-records';
import { answer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.lessonsWordane') }];

export async function clientLoader() {
  const profile = await focusClass();
  return profile ? deskOf(profile) : null;
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { id, title } = (await request.json()) as { id: string; title: string };
  return answer(() => removeLesson(id, title));
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Lessons({ loaderData }: Route.ComponentProps) {
  const fetcher = useFetcher();
  if (loaderData === null) return <Start />;
  const { profile, lessons, context } = loaderData;
  if (lessons.length === 0) {
    return (
      <Empty title={t('page.noLessonForYet', { name: profile.name })}>
        <p>{t('page.aLessonBeginsWithWords')}</p>
        <Link className="btn btn-primary" to="/lessons/new">
          {t('page.newLesson')}
        </Link>
      </Empty>
    );
  }
  return (
    <div className="page">
      <div className="d-flex flex-wrap gap-3 align-items-center justify-content-between">
        <h1 className="mb-0">{t('page.lessonsFor', { name: profile.name })}</h1>
        <span className="d-flex gap-2">
          <Link className="btn btn-outline-dark" to="/week">
            {t('page.theWeek')}
          </Link>
          <Link className="btn btn-primary" to="/lessons/new">
            {t('page.newLesson')}
          </Link>
        </span>
      </div>
      <h2 className="visually-hidden">{t('page.whatWasWorkedOnLast')}</h2>
      <ul className="desk-top__lessons mt-3">
        {lessons.map((each) => (
          <LessonCard key={each.lesson.id} of={each} context={context}>
            <button
              type="button"
              className="btn btn-sm btn-outline-dark mt-2"
              onClick={() =>
                void fetcher.submit(
                  { id: each.lesson.id, title: each.lesson.title },
                  { method: 'post', encType: 'application/json' },
                )
              }
            >
              {t('page.remove')}
              <span className="visually-hidden"> {each.lesson.title}</span>
            </button>
          </LessonCard>
        ))}
      </ul>
    </div>
  );
}
