import type { Route } from './+types/plan';
import { partsOf } from '~core/records/lesson';
import { standards } from '~/documents/standards';
import { perform, type Asked } from '~/storage/perform';
import { RecordRevision } from '~/ui/use-send';
import { engine } from '~/workers/engine.client';
import { contextOf } from '~/workspaces/results/made-exercises';
import { PlanWorkspace, type PlannedPart } from '~/workspaces/plan/PlanWorkspace';
import { answer } from './action-answer';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.planWordane') }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const context = await contextOf(profile);
  const exercises = partsOf(lesson).filter(({ kind }) => kind === 'exercise');
  const made = await Promise.all(
    partsOf(lesson).map(async (part): Promise<PlannedPart> => {
      if (part.kind === 'note') return { part, title: part.text };
      const built =
        part.kind === 'sheet'
          ? await engine().buildSheet(part, exercises, context)
          : await engine().build(part, context);
      if ('broken' in built) return { part, title: part.text || part.maker };
      const pages = (which: string) =>
        built.sheet.pages.filter((page) => page.part === which).length;
      return {
        part,
        title: 'exercise' in built ? built.exercise.title : part.text || t('page.sheet'),
        pages: pages('learner'),
        hasKey: pages('key') > 0,
        ...('exercise' in built && built.exercise.short === undefined
          ? { task: built.exercise.task }
          : {}),
        text: context.texts?.[part.parameters.textId ?? '']?.title,
      };
    }),
  );
  return { lesson, profile, made, standards: await standards() };
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  return answer(() => perform('lessons', params.lessonId, body));
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function PlanRoute({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision value={loaderData.lesson.revision}>
      <PlanWorkspace {...loaderData} />
    </RecordRevision>
  );
}
