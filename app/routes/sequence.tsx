import { data } from 'react-router';
import type { Route } from './+types/sequence';
import { sequenceOf } from '~core/classes/class-sequence';
import { readSequenceCsv, SequenceFileError } from '~core/records/sequence-csv';
import { ChangeError, newId } from '~/operations/operation';
import { SequenceWorkspace } from '~/workspaces/classes/SequenceWorkspace';
import { engine } from '~/workers/engine.client';
import { perform, type Asked } from '~/storage/perform';
import { record } from '~/storage/repository';
import { RecordRevision } from '~/ui/use-send';
import { answer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.sequenceWordane') }];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const profile = await record('classes', params.classId);
  if (!profile) throw data(t('page.thisClassIsNotHere'), { status: 404 });
  return { profile, sequence: sequenceOf(profile), facts: await engine().sequenceFacts(profile) };
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  return answer(async () => {
    if (body.intent !== 'read-sequence') return perform('classes', params.classId, body);
    const { text, name, revision } = body;
    try {
      const sequence = readSequenceCsv(String(text), newId(), String(name));
      await perform('classes', params.classId, { intent: 'take-sequence', revision, sequence });
    } catch (error) {
      if (error instanceof SequenceFileError)
        throw new ChangeError(t('page.nothingWasChanged', { message: error.message }));
      throw error;
    }
  });
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Sequence({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision value={loaderData.profile.revision}>
      <SequenceWorkspace {...loaderData} />
    </RecordRevision>
  );
}
