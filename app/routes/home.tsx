import { useRouteLoaderData } from 'react-router';
import type { Route } from './+types/home';
import type { clientLoader as rootLoader } from '~/root';
import { partsOf } from '~core/records/lesson';
import { besideWords } from '~core/lists/beside-words';
import { materialOf } from '~core/texts/reading/text-material';
import { lastTouched, undo } from '~/storage/change';
import {
  focusClass,
  lessonsOfClass,
  listsOfClass,
  setFocusClass,
  textsOfClass,
} from '~/storage/repository';
import { DeskTop } from '~/workspaces/home/DeskTop';
import { Start } from '~/workspaces/Start';
import { answer, unknownIntent } from './action-answer';

/** What was worked on last first; what was never touched keeps its order. */
const latestFirst = <Item extends { readonly id: string }>(
  items: readonly Item[],
  table: string,
  touched: ReadonlyMap<string, number>,
) => {
  const at = ({ id }: Item) => touched.get(`${table}/${id}`) ?? 0;
  return [...items].sort((one, other) => at(other) - at(one));
};

export async function clientLoader() {
  const profile = await focusClass();
  if (!profile) return null;
  const [lists, lessons, texts, touched] = await Promise.all([
    listsOfClass(profile.id),
    lessonsOfClass(profile.id),
    textsOfClass(profile.id),
    lastTouched(),
  ]);
  return {
    profile,
    lessons: latestFirst(lessons, 'lessons', touched).map((lesson) => ({
      lesson,
      at: touched.get(`lessons/${lesson.id}`),
      // Its first exercise is what is seen of it.
      first: partsOf(lesson).find(({ kind }) => kind === 'exercise'),
    })),
    lists: latestFirst(lists, 'lists', touched),
    texts: latestFirst(texts, 'texts', touched).map(({ id, title }) => ({ id, title })),
    context: {
      profile,
      footer: profile.name,
      beside: besideWords(lists),
      texts: Object.fromEntries(texts.map((text) => [text.id, materialOf(text)])),
    },
  };
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
  if (!root?.focus || !loaderData) return <Start />;
  return <DeskTop {...loaderData} />;
}
