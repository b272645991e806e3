import { data, redirect } from 'react-router';
import type { Route } from './+types/class';
import type { Version } from '~core/exercises/versions';
import type { ClassSettings } from '~core/classes/new-class';
import { ClassWorkspace } from '~/workspaces/classes/ClassWorkspace';
import { engine } from '~/workers/engine.client';
import { database } from '~/storage/database';
import {
  addLearners,
  changeClass,
  removeClass,
  removeLearner,
  setHiddenWord,
  setKnownWord,
  setLearnerVersion,
} from '~/storage/operations';
import { answer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Class · Wordane' }];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const profile = await database.classes.get(params.classId);
  if (!profile) throw data('This class is not here. It may have been removed.', { status: 404 });
  return { profile, facts: await engine().sequenceFacts(profile) };
}

type Intent =
  | { intent: 'change'; fields: ClassSettings; was?: ClassSettings }
  | { intent: 'add-learners'; names: string }
  | { intent: 'remove-learner'; learner: string }
  | { intent: 'learner-version'; learner: string; version: Version }
  | { intent: 'known'; word: string; known: boolean }
  | { intent: 'hide'; word: string; hidden: boolean }
  | { intent: 'remove' };

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Intent;
  const id = params.classId;
  const done = await answer(async () => {
    switch (body.intent) {
      case 'change':
        return changeClass(id, body.fields, body.was);
      case 'add-learners':
        return addLearners(id, body.names);
      case 'remove-learner':
        return removeLearner(id, body.learner);
      case 'learner-version':
        return setLearnerVersion(id, body.learner, body.version);
      case 'known':
        return setKnownWord(id, body.word, body.known);
      case 'hide':
        return setHiddenWord(id, body.word, body.hidden);
      case 'remove':
        return removeClass(id);
    }
  });
  return body.intent === 'remove' && done.ok ? redirect('/classes') : done;
}

export default function ClassPage({ loaderData }: Route.ComponentProps) {
  return <ClassWorkspace {...loaderData} />;
}
