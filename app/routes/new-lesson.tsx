import { redirect, useNavigation } from 'react-router';
import type { Route } from './+types/new-lesson';
import { grammarTargets, startKinds, type LessonStart } from '~core/lessons/start-lesson';
import { materialOf } from '~core/texts/reading/text-material';
import { ChangeError, newId } from '~/operations/operation';
import { focusClass, listsOfClass, record, textsOfClass } from '~/storage/repository';
import { createLesson } from '~/storage/whole-records';
import { useSend } from '~/ui/use-send';
import { engine } from '~/workers/engine.client';
import { NewLesson } from '~/workspaces/lesson/NewLesson';
import { Start } from '~/workspaces/Start';
import { answer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.newLessonWordane') }];

export async function clientLoader() {
  const profile = await focusClass();
  if (!profile) return null;
  const [lists, texts] = await Promise.all([listsOfClass(profile.id), textsOfClass(profile.id)]);
  return {
    profile,
    lists: lists.filter(({ words }) => words.length > 0),
    texts: texts.map(({ id, title }) => ({ id, title })),
  };
}

/** What the door was opened with, complete with its words or its text. */
async function startOf(body: { kind?: unknown; id?: unknown }): Promise<LessonStart> {
  const id = String(body.id ?? '');
  const kind = startKinds.find((each) => each === body.kind);
  switch (kind) {
    case undefined:
      throw new ChangeError(t('page.chooseWhatTheLessonBegins'));
    case 'words': {
      const list = await record('lists', id);
      if (!list || list.words.length === 0) throw new ChangeError(t('page.thisListHasNoWords'));
      return { kind, list };
    }
    case 'text': {
      const text = await record('texts', id);
      if (!text) throw new ChangeError(t('page.thisTextIsNotHere2'));
      return { kind, id, text: materialOf(text) };
    }
    case 'grammar':
      if (!grammarTargets.includes(id)) throw new ChangeError(t('page.chooseAGrammarTarget'));
      return { kind, target: id };
    default:
      return { kind };
  }
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as { kind?: unknown; id?: unknown };
  let made = '';
  const done = await answer(async () => {
    const profile = await focusClass();
    if (!profile) throw new ChangeError(t('page.makeAClassFirst'));
    const ids = Array.from({ length: 40 }, newId);
    const seed = Math.floor(Math.random() * 1e6);
    const lesson = await engine().startLesson(await startOf(body), profile, ids, seed);
    await createLesson(lesson);
    made = lesson.id;
  });
  return done.ok ? redirect(`/lessons/${made}`) : done;
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function NewLessonPage({ loaderData }: Route.ComponentProps) {
  const { send, message, fetcher } = useSend();
  const navigation = useNavigation();
  if (loaderData === null) return <Start />;
  return (
    <NewLesson
      {...loaderData}
      busy={fetcher.state !== 'idle' || navigation.state !== 'idle'}
      problem={message}
      onStart={send}
    />
  );
}
