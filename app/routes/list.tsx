import { data, redirect } from 'react-router';
import type { Route } from './+types/list';
import type { Column } from '~core/lists/read-list';
import type { ListGrouping, WordDetail } from '~core/lists/word-list';
import { engine } from '~/workers/engine.client';
import { reachState } from '~/ui/reach-state';
import { database } from '~/storage/database';
import { listsOfClass, setOpenList } from '~/storage/repository';
import {
  addWord,
  addWords,
  mergeLists,
  moveWord,
  orderWords,
  removeList,
  removeWord,
  renameList,
  setDetail,
  setGrouping,
  setMeanings,
  splitList,
  subtractList,
} from '~/storage/operations';
import { ListWorkspace } from '~/workspaces/lists/ListWorkspace';
import { answer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Word list · Wordane' }];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const list = await database.lists.get(params.listId);
  if (!list) throw data('This list is not here. It may have been removed.', { status: 404 });
  const profile = await database.classes.get(list.classId);
  if (!profile) throw data('The class of this list is not here.', { status: 404 });
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
    'this list',
    described.words.map((word) => word.reach),
  );
  return { list, profile, others, described, coverage, groups, meanings, reach };
}

export type ListIntent =
  | { intent: 'add'; word: string }
  | { intent: 'remove'; word: string }
  | { intent: 'move'; word: string; to: number }
  | { intent: 'rename'; name: string; was: string }
  | { intent: 'detail'; word: string; fields: Partial<Omit<WordDetail, 'word'>> }
  | { intent: 'group'; by: ListGrouping }
  | { intent: 'order'; words: string[] }
  | { intent: 'import'; text: string; columns?: Column[] }
  | { intent: 'merge'; other: string }
  | { intent: 'subtract'; other: string }
  | { intent: 'split' }
  | { intent: 'fill-meanings' }
  | { intent: 'remove-list' };

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as ListIntent;
  const id = params.listId;
  const done = await answer(async () => {
    const list = await database.lists.get(id);
    const profile = list ? await database.classes.get(list.classId) : undefined;
    if (!list || !profile) return;
    switch (body.intent) {
      case 'add':
        return addWord(id, body.word);
      case 'remove':
        return removeWord(id, body.word);
      case 'move':
        return moveWord(id, body.word, body.to);
      case 'rename':
        return renameList(id, body.name, body.was);
      case 'detail':
        return setDetail(id, body.word, body.fields);
      case 'group':
        return setGrouping(id, body.by);
      case 'order':
        return orderWords(id, body.words);
      case 'import': {
        const read = await engine().readWords(profile, body.text, list.words, body.columns);
        if (read.words.length > 0) await addWords(id, read.words);
        return [
          `Added ${read.words.length} ${read.words.length === 1 ? 'word' : 'words'}.`,
          ...read.notes,
        ];
      }
      case 'merge':
      case 'subtract': {
        const other = await database.lists.get(body.other);
        if (!other) return ['That list was removed meanwhile.'];
        return body.intent === 'merge' ? mergeLists(id, other) : subtractList(id, other);
      }
      case 'split': {
        const by = list.groupBy === 'none' ? 'spelling' : list.groupBy;
        const groups = await engine().group(list.words, by, profile);
        if (groups.length < 2)
          return ['All the words are in one group, so there is nothing to split.'];
        await splitList(list, groups);
        return [
          `Made ${groups.length} lists: ${groups.map((group) => group.name || 'others').join(', ')}.`,
        ];
      }
      case 'fill-meanings': {
        const meanings = await engine().firstMeanings(list.words, profile);
        const empty = list.words.filter(
          (word) =>
            meanings[word] && !list.details.some((each) => each.word === word && each.definition),
        );
        await setMeanings(id, empty, meanings);
        return [`Filled in ${empty.length} ${empty.length === 1 ? 'meaning' : 'meanings'}.`];
      }
      case 'remove-list':
        return removeList(id, list.name);
    }
  });
  return body.intent === 'remove-list' && done.ok ? redirect('/words') : done;
}

export default function List({ loaderData }: Route.ComponentProps) {
  return <ListWorkspace {...loaderData} />;
}
