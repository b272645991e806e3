import { redirect, useRouteLoaderData } from 'react-router';
import type { Route } from './+types/home';
import type { clientLoader as rootLoader } from '~/root';
import { partsOf } from '~core/records/lesson';
import { besideWords } from '~core/lists/beside-words';
import { materialOf } from '~core/texts/reading/text-material';
import { lastTouched, redo, undo } from '~/storage/change';
import {
  focusClass,
  lessonsOfClass,
  listsOfClass,
  record,
  setFocusClass,
  textsOfClass,
} from '~/storage/repository';
import { DeskTop } from '~/workspaces/home/DeskTop';
import { Start } from '~/workspaces/Start';
import { copyLesson, copyList, copyText } from '~/storage/whole-records';
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

type Intent =
  | { intent: 'undo'; id?: number }
  | { intent: 'redo' }
  | { intent: 'focus'; id: string }
  | { intent: 'copy'; of: 'lessons' | 'lists' | 'texts'; id: string; classId: string };

const intents: ReadonlySet<string> = new Set(['undo', 'redo', 'focus', 'copy']);

/** What is open, copied for another class, and opened there. */
async function copyFor({ of, id, classId }: Extract<Intent, { intent: 'copy' }>) {
  if (of === 'lessons') return `/lessons/${await copyLesson(id, classId)}`;
  if (of === 'lists') return `/lists/${await copyList(id, classId)}`;
  const name = (await record('classes', classId))?.name ?? '';
  return `/texts/${await copyText(id, classId, name)}`;
}

/** What every screen can ask: undo and redo, another class in focus, a copy for it. */
export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as Intent;
  if (!intents.has(body.intent)) return unknownIntent(body.intent);
  let opened = '';
  const done = await answer(async () => {
    switch (body.intent) {
      case 'undo':
        await undo(body.id);
        break;
      case 'redo':
        await redo();
        break;
      case 'focus':
        await setFocusClass(body.id);
        break;
      case 'copy':
        opened = await copyFor(body);
        break;
    }
  });
  return done.ok && opened !== '' ? redirect(opened) : done;
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Home({ loaderData }: Route.ComponentProps) {
  const root = useRouteLoaderData<typeof rootLoader>('root');
  if (!root?.focus || !loaderData) return <Start />;
  return <DeskTop {...loaderData} />;
}
