import { redirect, useRouteLoaderData } from 'react-router';
import type { Route } from './+types/home';
import type { clientLoader as rootLoader } from '~/root';
import { redo, undo } from '~/storage/change';
import { focusClass, record, setFocusClass } from '~/storage/repository';
import { deskOf } from '~/workspaces/home/desk-of';
import { DeskTop } from '~/workspaces/home/DeskTop';
import { Start } from '~/workspaces/Start';
import { copyLesson, copyList, copyText } from '~/storage/whole-records';
import { answer, unknownIntent } from './action-answer';

export async function clientLoader() {
  const profile = await focusClass();
  return profile ? deskOf(profile) : null;
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
