import { redirect } from 'react-router';
import type { Route } from './+types/words';
import { Start } from '~/workspaces/Start';
import { WordsWorkspace } from '~/workspaces/words/WordsWorkspace';
import type { OpenCard } from '~/workspaces/words/WordCard';
import { defaultSound, readQuery, type ScreenQuery } from '~/workspaces/words/query';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Column } from '~core/lists/read-list';
import { sameWord, type WordList } from '~core/lists/word-list';
import { readExpression } from '~core/words/pattern-language';
import { reachState } from '~/ui/reach-state';
import { engine } from '~/workers/engine.client';
import { focusClass, listsOfClass, newId, openList, setOpenList } from '~/storage/repository';
import {
  addWord,
  addWords,
  createLesson,
  createList,
  moveWord,
  removeList,
  removeWord,
  renameList,
  setDetail,
  setHiddenWord,
  setKnownWord,
} from '~/storage/operations';
import { answer, type ActionAnswer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Words · Wordane' }];

/** Words brought under one spelling until all are asked for; the count is of all. */
const BROUGHT = 240;

/** A word's card with its meanings: from the browser's own pack, else from the server. */
async function openCard(
  word: string | null,
  profile: ClassProfile,
  query: ScreenQuery,
): Promise<OpenCard | undefined> {
  if (word === null || word.trim() === '') return undefined;
  const card = await engine().describeWord(word, profile, { ...query, class: profile });
  const own = await engine().senses(card.definedBy);
  if (own.senses.length > 0) return { word, card, meaning: own };
  const answer = await fetch(`/meaning?words=${encodeURIComponent(card.definedBy.join(','))}`)
    .then((response) => (response.ok ? (response.json() as Promise<OpenCard['meaning']>) : own))
    // Without the server the card still shows everything else.
    .catch(() => own);
  return { word, card, meaning: answer };
}

/** A pattern of signs that cannot be read is told beside it, and the rest of the search goes on. */
function readable(query: ScreenQuery): { query: ScreenQuery; problems: Record<string, string> } {
  if (query.expression === undefined) return { query, problems: {} };
  try {
    readExpression(query.expression);
    return { query, problems: {} };
  } catch (error) {
    const rest = { ...query };
    delete rest.expression;
    return { query: rest, problems: { expr: (error as Error).message } };
  }
}

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const profile = await focusClass();
  if (!profile) return null;
  const parameters = new URL(request.url).searchParams;
  const wanted = parameters.get('list');
  const lists = await listsOfClass(profile.id);
  if (wanted !== null && lists.some((list) => list.id === wanted)) {
    await setOpenList(profile.id, wanted);
  }
  const list = await openList(profile.id);
  const words = list?.words ?? [];
  const { query, problems } = readable(readQuery(parameters, defaultSound(profile)));
  const { rhymesWith } = query;
  if (rhymesWith !== undefined && !(await engine().isKnown(rhymesWith, profile))) {
    problems['rhyme'] = `${rhymesWith} is not in the word bank. Try another word.`;
  }
  const [found, described, coverage, topics, open] = await Promise.all([
    engine().search({
      ...query,
      class: profile,
      ...(query.all ? {} : { limit: BROUGHT }),
      ...(query.fresh ? { except: words } : {}),
    }),
    engine().describeList(words, profile),
    engine().coverage(words, profile),
    engine().topics(),
    openCard(parameters.get('word'), profile, query),
  ]);
  const reaches = described.words.map((word) => word.reach);
  return {
    profile,
    lists,
    list,
    query,
    problems,
    found,
    described,
    coverage,
    topics,
    open,
    reach: reachState('this list', reaches),
  };
}

type Intent =
  | { intent: 'add'; word: string; partner?: string }
  | { intent: 'meaning'; word: string; definition: string }
  | { intent: 'import'; text: string; columns?: Column[] }
  | { intent: 'remove'; word: string }
  | { intent: 'move'; word: string; to: number }
  | { intent: 'rename'; name: string; was: string }
  | { intent: 'known'; word: string; known: boolean }
  | { intent: 'hide'; word: string; hidden: boolean }
  | { intent: 'new-list' }
  | { intent: 'open-list'; id: string }
  | { intent: 'remove-list' }
  | { intent: 'make-lesson' };

async function makeLesson(): Promise<ActionAnswer | Response> {
  const profile = await focusClass();
  const list = profile ? await openList(profile.id) : undefined;
  if (!profile || !list || list.words.length === 0) {
    return {
      ok: false,
      message: 'The list is empty. Choose some words first, then make the lesson.',
    };
  }
  const ids = Array.from({ length: 30 }, newId);
  const lesson = await engine().plan(list, profile, ids, Math.floor(Math.random() * 1e6));
  const done = await answer(() => createLesson(lesson));
  return done.ok ? redirect(`/lessons/${lesson.id}`) : done;
}

async function addToOpen(classId: string, list: WordList | undefined, words: string[]) {
  if (!list) await createList(classId, 'New list', words);
  else for (const word of words) await addWord(list.id, word);
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as Intent;
  if (body.intent === 'make-lesson') return makeLesson();
  return answer(async () => {
    const profile = await focusClass();
    if (!profile) return;
    const list = await openList(profile.id);
    switch (body.intent) {
      case 'add':
        await addToOpen(profile.id, list, [body.word, ...(body.partner ? [body.partner] : [])]);
        return;
      case 'meaning': {
        const open = list ?? (await createList(profile.id, 'New list'));
        if (!open.words.some((word) => sameWord(word, body.word)))
          await addWord(open.id, body.word);
        return setDetail(open.id, body.word, { definition: body.definition });
      }
      case 'import': {
        const open = list ?? (await createList(profile.id, 'New list'));
        const read = await engine().readWords(profile, body.text, open.words, body.columns);
        if (read.words.length > 0) await addWords(open.id, read.words);
        return [
          `Added ${read.words.length} ${read.words.length === 1 ? 'word' : 'words'}.`,
          ...read.notes,
        ];
      }
      case 'new-list': {
        const taken = new Set((await listsOfClass(profile.id)).map((each) => each.name));
        let number = 1;
        const name = () => (number === 1 ? 'New list' : `New list ${number}`);
        while (taken.has(name())) number += 1;
        await createList(profile.id, name());
        return;
      }
      case 'open-list':
        return setOpenList(profile.id, body.id);
      case 'known':
        return setKnownWord(profile.id, body.word, body.known);
      case 'hide':
        return setHiddenWord(profile.id, body.word, body.hidden);
    }
    if (!list) return;
    switch (body.intent) {
      case 'remove':
        return removeWord(list.id, body.word);
      case 'move':
        return moveWord(list.id, body.word, body.to);
      case 'rename':
        return renameList(list.id, body.name, body.was);
      case 'remove-list':
        return removeList(list.id, list.name);
    }
  });
}

export default function Words({ loaderData }: Route.ComponentProps) {
  if (loaderData === null) return <Start />;
  return <WordsWorkspace {...loaderData} />;
}
