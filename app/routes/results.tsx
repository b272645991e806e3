import { redirect } from 'react-router';
import type { Route } from './+types/results';
import { partsOf, type LessonPart } from '~core/records/lesson';
import { ChangeError, newId } from '~/operations/operation';
import { perform, type Asked } from '~/storage/perform';
import { record } from '~/storage/repository';
import { handIn, recordingsOf, takeOutSlips } from '~/storage/slips';
import { RecordRevision } from '~/ui/use-send';
import { contextOf, withResults } from '~/workspaces/results/made-exercises';
import { ResultsWorkspace } from '~/workspaces/results/ResultsWorkspace';
import { answer } from './action-answer';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.resultsWordane') }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const { exercises, results } = await withResults(lesson, await contextOf(profile));
  return { lesson, profile, exercises, results, recordings: await recordingsOf(lesson.id) };
}

/** A practice exercise of the words that were wrong, at the end of “Alone”. */
async function addPractice(id: string, asked: Asked) {
  const {
    part: from,
    words,
    name,
  } = asked as unknown as {
    part: string;
    words: string[];
    name: string;
  };
  const lesson = await record('lessons', id);
  const source = lesson ? partsOf(lesson).find((part) => part.id === from) : undefined;
  if (!source) {
    return answer(() => Promise.reject(new ChangeError(t('page.thisExerciseWasRemovedIn'))));
  }
  // What was set by hand belongs to the items that were there.
  const {
    edits: _edits,
    without: _without,
    order: _order,
    renewed: _renewed,
    accept: _accept,
    ...parameters
  } = source.parameters;
  const part: LessonPart = {
    ...source,
    id: newId(),
    words,
    // The sheet says what is practised, never who or which error.
    parameters,
    seed: source.seed + 1,
  };
  const done = await answer(() =>
    perform('lessons', id, { intent: 'add-part', stage: 'alone', part, name }),
  );
  return done.ok ? redirect(`/lessons/${id}?part=${part.id}`) : done;
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  const id = params.lessonId;
  switch (body.intent) {
    case 'hand-in':
      return answer(() => handIn(id, body['texts'] as string[]));
    case 'take-out-slips':
      return answer(() => takeOutSlips(id, String(body['learner'])));
    case 'practise':
      return addPractice(id, body);
    default:
      return answer(() => perform('lessons', id, body));
  }
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function ResultsPage({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision value={loaderData.lesson.revision}>
      <ResultsWorkspace {...loaderData} />
    </RecordRevision>
  );
}
