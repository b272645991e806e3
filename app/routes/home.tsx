import { Link, useRouteLoaderData } from 'react-router';
import type { Route } from './+types/home';
import type { clientLoader as rootLoader } from '~/root';
import { Start } from '~/workspaces/Start';
import { lessonsOfClass, listsOfClass, focusClass, setFocusClass } from '~/storage/repository';
import { undo } from '~/storage/change';
import { answer, unknownIntent } from './action-answer';

export async function clientLoader() {
  const focus = await focusClass();
  if (!focus) return { lists: [], lessons: [] };
  const [lists, lessons] = await Promise.all([listsOfClass(focus.id), lessonsOfClass(focus.id)]);
  return { lists, lessons };
}

type Intent = { intent: 'undo'; id?: number } | { intent: 'focus'; id: string };

/** What every screen can ask: undo, and another class in focus. */
export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as Intent;
  if (body.intent !== 'undo' && body.intent !== 'focus') {
    return unknownIntent((body as { intent?: unknown }).intent);
  }
  return answer(async () => {
    if (body.intent === 'undo') await undo(body.id);
    else await setFocusClass(body.id);
  });
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Home({ loaderData }: Route.ComponentProps) {
  const root = useRouteLoaderData<typeof rootLoader>('root');
  if (!root?.focus) return <Start />;
  const { lists, lessons } = loaderData;
  return (
    <div className="page">
      <h1>{root.focus.name} today</h1>
      <div className="tiles mt-3">
        <section className="card-paper">
          <h2 className="h5">Find words</h2>
          <p>Choose a sound and keep the words your class can read.</p>
          <Link className="btn btn-primary" to="/words">
            Find words
          </Link>
        </section>
        {lists.map((list) => (
          <section className="card-paper" key={list.id}>
            <h2 className="h5">{list.name}</h2>
            <p className="learner-text">{list.words.slice(0, 8).join(' · ') || 'No words yet.'}</p>
            <Link className="btn btn-outline-dark" to={`/words?list=${list.id}`}>
              Open the list
            </Link>
          </section>
        ))}
        {lessons.map((lesson) => (
          <section className="card-paper" key={lesson.id}>
            <h2 className="h5">{lesson.title}</h2>
            <p>{lesson.objective}</p>
            <Link className="btn btn-outline-dark" to={`/lessons/${lesson.id}`}>
              Open the lesson
            </Link>
          </section>
        ))}
      </div>
    </div>
  );
}
