import { data, redirect } from 'react-router';
import type { Route } from './+types/class';
import { readRoster } from '~core/classes/roster';
import { ClassWorkspace } from '~/workspaces/classes/ClassWorkspace';
import { engine } from '~/workers/engine.client';
import { perform, type Asked } from '~/storage/perform';
import { record } from '~/storage/repository';
import { removeClass } from '~/storage/whole-records';
import { RecordRevision } from '~/ui/use-send';
import { answer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.classWordane') }];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const profile = await record('classes', params.classId);
  if (!profile) throw data(t('page.thisClassIsNotHere'), { status: 404 });
  return { profile, facts: await engine().sequenceFacts(profile) };
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  const id = params.classId;
  if (body.intent === 'remove') {
    const done = await answer(() => removeClass(id));
    return done.ok ? redirect('/classes') : done;
  }
  return answer(async () => {
    const before = await record('classes', id);
    await perform('classes', id, body);
    if (body.intent !== 'add-learners') return undefined;
    const present = (before?.roster ?? []).map(({ name }) => name);
    return rosterNotes(String(body['names']), present);
  });
}

/** How many learners were added, and what was left out. */
function rosterNotes(given: string, present: readonly string[]): readonly string[] {
  const { names, notes } = readRoster(given, present);
  const count = names.length;
  const said = count === 0 ? t('page.noNewNameWasFound') : t('page.addedLearner', { count });
  return [said, ...notes];
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function ClassPage({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision value={loaderData.profile.revision}>
      <ClassWorkspace {...loaderData} />
    </RecordRevision>
  );
}
