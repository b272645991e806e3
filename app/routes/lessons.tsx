import { Link, useFetcher } from 'react-router';
import type { Route } from './+types/lessons';
import { minutesOf, partsOf } from '~core/records/lesson';
import { Empty } from '~/ui/Empty';
import { Start } from '~/workspaces/Start';
import { focusClass, lessonsOfClass } from '~/storage/repository';
import { removeLesson } from '~/storage/whole-records';
import { answer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Lessons · Wordane' }];

export async function clientLoader() {
  const profile = await focusClass();
  return profile ? { profile, lessons: await lessonsOfClass(profile.id) } : null;
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { id, title } = (await request.json()) as { id: string; title: string };
  return answer(() => removeLesson(id, title));
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Lessons({ loaderData }: Route.ComponentProps) {
  const fetcher = useFetcher();
  if (loaderData === null) return <Start />;
  const { profile, lessons } = loaderData;
  if (lessons.length === 0) {
    return (
      <Empty title={`No lesson for ${profile.name} yet`}>
        <p>A lesson begins with words, a text, a grammar target, a picture or an empty page.</p>
        <Link className="btn btn-primary" to="/lessons/new">
          New lesson
        </Link>
      </Empty>
    );
  }
  return (
    <div className="page">
      <div className="d-flex flex-wrap gap-3 align-items-center justify-content-between">
        <h1 className="mb-0">Lessons for {profile.name}</h1>
        <span className="d-flex gap-2">
          <Link className="btn btn-outline-dark" to="/week">
            The week
          </Link>
          <Link className="btn btn-primary" to="/lessons/new">
            New lesson
          </Link>
        </span>
      </div>
      <div className="tiles mt-3">
        {lessons.map((lesson) => {
          const exercises = partsOf(lesson).filter((part) => part.kind === 'exercise').length;
          return (
            <section className="card-paper" key={lesson.id}>
              <h2 className="h5">
                <Link to={`/lessons/${lesson.id}`}>{lesson.title}</Link>
              </h2>
              <p>{lesson.objective}</p>
              <p className="quiet mb-2">
                {minutesOf(lesson)} min · {exercises} {exercises === 1 ? 'exercise' : 'exercises'}
              </p>
              <button
                type="button"
                className="btn btn-sm btn-outline-dark"
                onClick={() =>
                  void fetcher.submit({ id: lesson.id, title: lesson.title } as never, {
                    method: 'post',
                    encType: 'application/json',
                  })
                }
              >
                Remove
              </button>
            </section>
          );
        })}
      </div>
    </div>
  );
}
