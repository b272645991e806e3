import { redirect } from 'react-router';
import type { Route } from './+types/words';
import { Start } from '~/workspaces/Start';
import { WordsWorkspace } from '~/workspaces/words/WordsWorkspace';
import type { OpenCard } from '~/workspaces/words/WordCard';
import type { TakenWord } from '~/workspaces/words/CommonWords';
import { defaultSound, readQuery, type ScreenQuery } from '~/workspaces/words/query';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Column } from '~core/lists/column-headings';
import { readExpression } from '~core/languages/en/words/pattern-language';
import { reachState } from '~/ui/reach-state';
import { engine } from '~/workers/engine.client';
import { ChangeError, newId } from '~/operations/operation';
import type { Asked } from '~/storage/perform';
import { focusClass, listsOfClass, openList, setOpenList } from '~/storage/repository';
import { addToOpenList, createLesson, createList, removeList } from '~/storage/whole-records';
import { answer, type ActionAnswer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.wordsWordane') }];

/** Words of the common list as a screen sends them, with only what a list keeps of a word. */
const takenWords = (given: unknown): TakenWord[] =>
  (Array.isArray(given) ? (given as Partial<TakenWord>[]) : []).flatMap(
    ({ word, translation, note, picture }) =>
      typeof word === 'string' && word !== ''
        ? [
            {
              word,
              translation: String(translation ?? ''),
              ...(note ? { note: String(note) } : {}),
              ...(picture ? { picture: String(picture) } : {}),
            },
          ]
        : [],
  );

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
  const own = await engine().senses(card.definedBy, profile);
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
    problems['rhyme'] = t('page.isNotInTheWord', { rhymesWith });
  }
  const [found, described, coverage, { topics, nameKinds }, open] = await Promise.all([
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
    nameKinds,
    open,
    reach: reachState(t('page.thisList'), reaches),
  };
}

async function makeLesson(): Promise<ActionAnswer | Response> {
  const profile = await focusClass();
  const list = profile ? await openList(profile.id) : undefined;
  if (!profile || !list || list.words.length === 0) {
    return {
      ok: false,
      message: t('page.theListIsEmptyChoose'),
    };
  }
  const ids = Array.from({ length: 30 }, newId);
  const lesson = await engine().plan(list, profile, ids, Math.floor(Math.random() * 1e6));
  const done = await answer(() => createLesson(lesson));
  return done.ok ? redirect(`/lessons/${lesson.id}`) : done;
}

/** What can be done to a record is loaded when something is first done. */
async function perform(table: 'classes' | 'lists', id: string, asked: Asked): Promise<void> {
  const door = await import('~/storage/perform');
  return door.perform(table, id, asked);
}

/** What is asked of the class or of the list that is open. */
async function act(body: Asked): Promise<readonly string[] | void> {
  const profile = await focusClass();
  if (!profile) throw new ChangeError(t('page.makeAClassFirst'));
  const list = await openList(profile.id);
  const word = String(body['word'] ?? '');
  switch (body.intent) {
    case 'add': {
      const words = [word, ...(body['partner'] ? [String(body['partner'])] : [])];
      return addToOpenList(
        profile.id,
        words.map((each) => ({ word: each })),
        typeof body['question'] === 'string' ? body['question'].slice(0, 2000) : undefined,
      );
    }
    case 'meaning':
      return addToOpenList(profile.id, [{ word, definition: String(body['definition']) }]);
    case 'import': {
      const columns = body['columns'] as Column[] | undefined;
      const present = list?.words ?? [];
      const read = await engine().readWords(profile, String(body['text']), present, columns);
      const { words, notes } = read;
      if (words.length > 0) await addToOpenList(profile.id, words);
      return [t('page.addedWord', { count: words.length }), ...notes];
    }
    case 'common': {
      const words = takenWords(body['words']);
      const present = new Set(list?.words);
      const fresh = words.filter(({ word }) => !present.has(word));
      if (fresh.length > 0) await addToOpenList(profile.id, fresh);
      const known = words.length - fresh.length;
      return [
        t('page.addedWord', { count: fresh.length }),
        ...(known > 0 ? [t('page.isInTheListAlready', { count: known })] : []),
      ];
    }
    case 'new-list': {
      const taken = new Set((await listsOfClass(profile.id)).map((each) => each.name));
      let number = 1;
      const name = () => t('page.newList', { count: number });
      while (taken.has(name())) number += 1;
      await createList(profile.id, name());
      return;
    }
    case 'open-list':
      return setOpenList(profile.id, String(body['id']));
    case 'known':
    case 'hide':
    case 'show':
      return perform('classes', profile.id, body);
  }
  if (!list) throw new ChangeError(t('page.thereIsNoListYet'));
  return body.intent === 'remove-list'
    ? removeList(list.id, list.name)
    : perform('lists', list.id, body);
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  return body.intent === 'make-lesson' ? makeLesson() : answer(() => act(body));
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Words({ loaderData }: Route.ComponentProps) {
  if (loaderData === null) return <Start />;
  return <WordsWorkspace {...loaderData} />;
}
