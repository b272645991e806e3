import { data, redirect } from 'react-router';
import type { Route } from './+types/results';
import { partsOf, type LessonPart } from '~core/records/lesson';
import { besideWords } from '~core/lists/beside-words';
import { readSlip } from '~core/practice/slip';
import { receiveSlips } from '~core/results/receive-slips';
import { resultsOf } from '~core/results/results-of';
import { materialOf } from '~core/texts/reading/text-material';
import { ChangeError, newId } from '~/operations/operation';
import { perform, type Asked } from '~/storage/perform';
import { focusOn, listsOfClass, record, textsOfClass } from '~/storage/repository';
import { engine } from '~/workers/engine.client';
import { RecordRevision } from '~/ui/use-send';
import { ResultsWorkspace, type MadeExercise } from '~/workspaces/results/ResultsWorkspace';
import { answer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Results · Wordane' }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const lesson = await record('lessons', params.lessonId);
  const profile = lesson ? await record('classes', lesson.classId) : undefined;
  if (!lesson || !profile) {
    throw data('This lesson is not here. It may have been removed.', { status: 404 });
  }
  if (await focusOn(profile.id)) throw redirect(new URL(request.url).pathname);
  const [lists, texts] = await Promise.all([listsOfClass(profile.id), textsOfClass(profile.id)]);
  const context = {
    profile,
    footer: '',
    beside: besideWords(lists),
    texts: Object.fromEntries(texts.map((text) => [text.id, materialOf(text)])),
  };
  const made = await Promise.all(
    partsOf(lesson)
      .filter(({ kind }) => kind === 'exercise')
      .map(async (part): Promise<MadeExercise | undefined> => {
        const built = await engine().build(part, context);
        if ('broken' in built || built.exercise.short !== undefined) return undefined;
        const { title, task } = built.exercise;
        return { id: part.id, title, task, part };
      }),
  );
  const exercises = made.flatMap((each) => each ?? []);
  const slips = (lesson.slips ?? []).flatMap((code) => {
    const slip = readSlip(code);
    return 'error' in slip ? [] : [slip];
  });
  return {
    lesson,
    profile,
    exercises,
    results: resultsOf(slips, { id: lesson.id, title: lesson.title, exercises }),
  };
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
    return answer(() =>
      Promise.reject(
        new ChangeError('This exercise was removed in another tab. Undo there first.'),
      ),
    );
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
      return answer(async () => {
        const lesson = await record('lessons', id);
        const texts = body['texts'] as string[];
        const { taken, refused } = receiveSlips(texts, id, lesson?.slips ?? []);
        if (taken.length > 0) {
          await perform('lessons', id, { intent: 'add-slips', codes: [...taken] });
        }
        const came =
          taken.length === 1 ? '1 slip is taken in.' : `${taken.length} slips are taken in.`;
        return [taken.length === 0 ? 'No slip is taken in.' : came, ...refused];
      });
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
