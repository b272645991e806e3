import { redirect } from 'react-router';
import type { Route } from './+types/library';
import type { Library } from '~core/library/library';
import { ChangeError, newId } from '~/operations/operation';
import { focusClass, listClasses, record } from '~/storage/repository';
import { keepTaken } from '~/storage/whole-records';
import { engine } from '~/workers/engine.client';
import { LibraryWorkspace } from '~/workspaces/library/LibraryWorkspace';
import { answer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.starterLibraryWordane') }];

/** More than any lesson of the library has parts. */
const IDS = 60;

export async function clientLoader() {
  const [classes, focus, { default: library }] = await Promise.all([
    listClasses(),
    focusClass(),
    import('~core/library/library.json'),
  ]);
  return { classes, focus: focus?.id, library: library as unknown as Library };
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { thing, classId } = (await request.json()) as { thing: string; classId: string };
  let opened = '';
  const done = await answer(async () => {
    const profile = await record('classes', classId);
    if (profile === undefined) throw new ChangeError(t('page.thisClassIsGoneChoose'));
    const ids = Array.from({ length: IDS }, newId);
    const taken = await engine().takeFromLibrary(thing, profile, ids);
    await keepTaken(taken);
    const [lesson] = taken.lessons;
    const [list] = taken.lists;
    const [text] = taken.texts;
    opened = lesson
      ? `/lessons/${lesson.id}`
      : list
        ? `/lists/${list.id}`
        : `/texts/${text?.id ?? ''}`;
  });
  return done.ok ? redirect(opened) : done;
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function LibraryRoute({ loaderData }: Route.ComponentProps) {
  return <LibraryWorkspace {...loaderData} />;
}
