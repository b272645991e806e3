import { data, redirect } from 'react-router';
import type { Route } from './+types/list';
import type { Column } from '~core/lists/column-headings';
import { engine } from '~/workers/engine.client';
import { reachState } from '~/ui/reach-state';
import { ChangeError } from '~/operations/operation';
import { perform, type Asked } from '~/storage/perform';
import { listsOfClass, record, setOpenList } from '~/storage/repository';
import { removeList, splitList } from '~/storage/whole-records';
import { ListWorkspace } from '~/workspaces/lists/ListWorkspace';
import { RecordRevision } from '~/ui/use-send';
import { answer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.wordListWordane') }];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const list = await record('lists', params.listId);
  if (!list) throw data(t('page.thisListIsNotHere'), { status: 404 });
  const profile = await record('classes', list.classId);
  if (!profile) throw data(t('page.theClassOfThisList'), { status: 404 });
  await setOpenList(profile.id, list.id);
  const [lists, described, coverage, groups, meanings] = await Promise.all([
    listsOfClass(profile.id),
    engine().describeList(list.words, profile),
    engine().coverage(list.words, profile),
    engine().group(list.words, list.groupBy, profile),
    engine().firstMeanings(list.words, profile),
  ]);
  const others = lists.filter((each) => each.id !== list.id);
  const reach = reachState(
    t('page.thisList'),
    described.words.map((word) => word.reach),
  );
  return { list, profile, others, described, coverage, groups, meanings, reach };
}

/** What is asked of the list with the help of the word bank, or of other lists. */
async function withHelp(id: string, body: Asked): Promise<readonly string[] | void> {
  const list = await record('lists', id);
  const profile = list ? await record('classes', list.classId) : undefined;
  if (!list || !profile) throw new ChangeError(t('page.thisListWasRemovedIn'));
  const { revision } = body;
  switch (body.intent) {
    case 'import': {
      const columns = body['columns'] as Column[] | undefined;
      const read = await engine().readWords(profile, String(body['text']), list.words, columns);
      const { words, notes } = read;
      if (words.length > 0) await perform('lists', id, { intent: 'add-words', revision, words });
      return [t('page.addedWord', { count: words.length }), ...notes];
    }
    case 'merge':
    case 'subtract': {
      const other = await record('lists', String(body['other']));
      if (!other) return [t('page.thatListWasRemovedMeanwhile')];
      return perform('lists', id, { intent: body.intent, revision, other });
    }
    case 'split': {
      const by = list.groupBy === 'none' ? 'spelling' : list.groupBy;
      const groups = await engine().group(list.words, by, profile);
      if (groups.length < 2) return [t('page.allTheWordsAreIn')];
      await splitList(id, groups);
      return [
        t('page.madeLists', {
          groups: groups.length,
          groupsA: groups.map((group) => group.name || 'others').join(', '),
        }),
      ];
    }
    case 'fill-meanings': {
      const meanings = await engine().firstMeanings(list.words, profile);
      const words = list.words.filter(
        (word) =>
          meanings[word] && !list.details.some((each) => each.word === word && each.definition),
      );
      await perform('lists', id, { intent: 'meanings', revision, words, meanings });
      return [t('page.filledInMeaning', { count: words.length })];
    }
    default:
      return perform('lists', id, body);
  }
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  const id = params.listId;
  if (body.intent === 'remove-list') {
    const list = await record('lists', id);
    const done = await answer(() => removeList(id, list?.name ?? ''));
    return done.ok ? redirect('/words') : done;
  }
  return answer(() => withHelp(id, body));
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function List({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision value={loaderData.list.revision}>
      <ListWorkspace {...loaderData} />
    </RecordRevision>
  );
}
