import { redirect } from 'react-router';
import type { Route } from './+types/lesson';
import type { ClassProfile } from '~core/classes/class-profile';
import { behaviourFrom } from '~core/kernel/behaviour';
import { makerInfo } from '~core/exercises/catalogue';
import { partsOf, type Lesson, type LessonPart } from '~core/records/lesson';
import { isBroken, type Broken, type BuiltPart } from '~/workspaces/lesson/built-part';
import { LessonWorkspace } from '~/workspaces/lesson/LessonWorkspace';
import { besideWords } from '~core/lists/beside-words';
import type { WordList } from '~core/lists/word-list';
import type { ReadingText } from '~core/texts/reading-text';
import { materialOf, type TextMaterial } from '~core/texts/reading/text-material';
import { copyHelps } from '~core/plan/plan';
import { aboutOf, newBlock } from '~core/sheets/blocks/new-block';
import { blockKinds } from '~core/sheets/blocks/sheet-block';
import { reachState } from '~/ui/reach-state';
import { ChangeError, newId } from '~/operations/operation';
import { perform, type Asked } from '~/storage/perform';
import { listsOfClass, record, textsOfClass } from '~/storage/repository';
import { engine } from '~/workers/engine.client';
import { RecordRevision } from '~/ui/use-send';
import { answer } from './action-answer';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.lessonWordane') }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const [lists, texts] = await Promise.all([listsOfClass(profile.id), textsOfClass(profile.id)]);
  const context = {
    profile,
    footer: `${lesson.title} · ${profile.name}`,
    beside: besideWords(lists),
    texts: usedTexts(lesson, texts),
    helps: copyHelps(lesson.plan?.targets),
  };
  const exercises = partsOf(lesson).filter((part) => part.kind === 'exercise');
  const made = await Promise.all(
    partsOf(lesson)
      .filter((part) => part.kind !== 'note')
      .map(async (part): Promise<BuiltPart | Broken> => ({
        part,
        ...(part.kind === 'sheet'
          ? await engine().buildSheet(part, exercises, context)
          : await engine().build(part, context)),
      })),
  );
  const wanted = new URL(request.url).searchParams.get('part');
  const built = made.filter((each): each is BuiltPart => !isBroken(each));
  const broken = made.filter(isBroken);
  const open = built.find(({ part }) => part.id === wanted) ?? built[0];
  const reach = open ? { reach: reachState(t('page.thisSheet'), open.checks) } : {};
  return { lesson, context, built, broken, openId: open?.part.id, texts, ...reach };
}

/** The texts that the parts of a lesson are made from, as their makers get them. */
function usedTexts(lesson: Lesson, texts: readonly ReadingText[]): Record<string, TextMaterial> {
  const ids = new Set(
    partsOf(lesson).flatMap((part) => [
      part.parameters.textId,
      ...(part.blocks ?? []).map((block) => block.textId),
    ]),
  );
  return Object.fromEntries(
    texts.filter(({ id }) => ids.has(id)).map((text) => [text.id, materialOf(text)]),
  );
}

/** The text that a new part of a lesson is about: the one that the lesson uses, else the class's first. */
async function textFor(lesson: Lesson, profile: ClassProfile): Promise<string | undefined> {
  const texts = await textsOfClass(profile.id);
  const [used] = Object.keys(usedTexts(lesson, texts));
  return used ?? texts[0]?.id;
}

/** What the menu of a stage sends. */
interface NewPart {
  readonly stage: string;
  readonly maker: string;
  readonly name: string;
  readonly words: string[];
  /** From the gallery: just these words, this text and this seed, as they were seen there. */
  readonly exact?: boolean;
  readonly textId?: string;
  readonly seed?: number;
  /** The sheet on which it is put. */
  readonly sheet?: string;
}

function newPart(maker: string, words: string[]): LessonPart {
  const note = maker === '';
  return {
    id: newId(),
    kind: note ? 'note' : 'exercise',
    text: '',
    maker,
    words: note ? [] : words,
    parameters: {},
    seed: Math.floor(Math.random() * 1e6),
  };
}

/** A part with what its class has written: beside the words of its lists, and its own sets. */
async function knowingItsClass(part: LessonPart, profile: ClassProfile): Promise<LessonPart> {
  const lists = await listsOfClass(profile.id);
  const sets = profile.confusables ? { sets: profile.confusables } : {};
  const { language } = profile;
  return { ...part, parameters: { beside: besideWords(lists), language, ...sets } };
}

/**
 * Adds a part to a stage, and opens it where there is something to open.
 *
 * @param sheet the sheet on which it is put, which is opened then
 */
async function add(id: string, stage: unknown, part: LessonPart, name: string, sheet?: unknown) {
  const onSheet = typeof sheet === 'string' ? { sheet, block: newId() } : {};
  const done = await answer(() =>
    perform('lessons', id, { intent: 'add-part', stage, part, name, ...onSheet }),
  );
  const open = onSheet.sheet ?? part.id;
  return done.ok && part.kind !== 'note' ? redirect(`/lessons/${id}?part=${open}`) : done;
}

/** The words of the lesson and of the class's lists in turn, as many as a review asks. */
const MOST_REVIEWED = 12;
function reviewWords(given: readonly string[], lists: readonly WordList[]): string[] {
  const sources = [given, ...lists.map(({ words }) => words)];
  const longest = Math.max(0, ...sources.map(({ length }) => length));
  const turns = Array.from({ length: longest }, (_, at) =>
    sources.flatMap((words) => words[at] ?? []),
  );
  return [...new Set(turns.flat())].slice(0, MOST_REVIEWED);
}

/** A new exercise begins with the words it can use. */
async function addNewPart(id: string, body: Asked) {
  const { stage, maker, name, words: given, ...seen } = body as unknown as NewPart;
  const part = {
    ...newPart(maker, given),
    ...(seen.seed === undefined ? {} : { seed: seen.seed }),
  };
  const lesson = await record('lessons', id);
  const profile = lesson ? await record('classes', lesson.classId) : undefined;
  if (lesson && profile && makerInfo(maker)?.needsText) {
    const textId = seen.textId ?? (await textFor(lesson, profile));
    const about = { ...part, words: [], parameters: textId === undefined ? {} : { textId } };
    return add(id, stage, about, name, seen.sheet);
  }
  if (seen.exact === true) return add(id, stage, part, name, seen.sheet);
  const words =
    part.kind === 'exercise' && profile && makerInfo(maker)?.reviews
      ? reviewWords(given, await listsOfClass(profile.id))
      : part.kind === 'exercise' && profile
        ? await engine().startWords(await knowingItsClass(part, profile), profile)
        : part.words;
  return add(id, stage, { ...part, words }, name);
}

/** A new sheet begins with what most sheets have: a line for the name, and its title. */
async function addNewSheet(id: string, { stage, title: given, block: asked, sheet }: Asked) {
  const title = String(given ?? '');
  const lesson = await record('lessons', id);
  const kind = blockKinds.find((each) => each === asked);
  const about = aboutOf(title, lesson ? partsOf(lesson) : []);
  const block = kind && { ...newBlock(kind, about), id: newId() };
  if (block && typeof sheet === 'string') {
    const done = await answer(() =>
      perform('lessons', id, { intent: 'add-block', part: sheet, block }),
    );
    return done.ok ? redirect(`/lessons/${id}?part=${sheet}`) : done;
  }
  const part: LessonPart = {
    ...newPart('', []),
    kind: 'sheet',
    text: title,
    // A card that is looked for is for the wall: large, and nobody's name on it.
    blocks:
      block?.kind === 'rule'
        ? [{ ...block, size: 'large' }]
        : [
            { id: newId(), kind: 'name' },
            { id: newId(), kind: 'heading', text: title },
            ...(block ? [block] : []),
          ],
  };
  return add(id, stage, part, t('page.aSheet'));
}

/** Words that a box takes from a topic. */
const MOST_FILLED = 12;

/** Puts words of a topic into a word box: those within the class's reach. */
function fillWords(id: string, { part, block, topic }: Asked) {
  return answer(async () => {
    const lesson = await record('lessons', id);
    const profile = lesson ? await record('classes', lesson.classId) : undefined;
    if (!lesson || !profile) return;
    const stored = partsOf(lesson)
      .find((each) => each.id === part)
      ?.blocks?.find((each) => each.id === block);
    const pictured = stored?.pictures === true;
    const words = await engine().topicWords(String(topic), profile, pictured, MOST_FILLED);
    if (words.length === 0) {
      throw new ChangeError(
        t('page.noWordsAboutAreWithin', {
          topic: String(topic),
          name: profile.name,
          which: pictured ? t('page.andHaveAPicture') : '',
        }),
      );
    }
    await perform('lessons', id, { intent: 'block', part, block, fields: { words } });
  });
}

/** What is said in a lesson and kept for its class. */
function forItsClass(id: string, asked: Asked) {
  return answer(async () => {
    const lesson = await record('lessons', id);
    if (lesson) await perform('classes', lesson.classId, asked);
  });
}

/** The class gets the behaviour of an exercise as its usual one. */
function practiseUsually(id: string, part: unknown) {
  return answer(async () => {
    const lesson = await record('lessons', id);
    const profile = lesson ? await record('classes', lesson.classId) : undefined;
    const own = lesson && partsOf(lesson).find((each) => each.id === part)?.parameters.practice;
    if (!profile || !own) return;
    const practice = behaviourFrom(own, profile.practice);
    await perform('classes', profile.id, { intent: 'change', fields: { practice } });
  });
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  const id = params.lessonId;
  switch (body.intent) {
    case 'add-part':
      return addNewPart(id, body);
    case 'add-sheet':
      return addNewSheet(id, body);
    case 'add-block': {
      const block = { ...(body['block'] as object), id: newId() };
      return answer(() => perform('lessons', id, { ...body, block }));
    }
    case 'fill-words':
      return fillWords(id, body);
    case 'known':
      return forItsClass(id, { intent: 'known', word: body['word'], known: true });
    case 'practise-usually':
      return practiseUsually(id, body['part']);
    case 'called':
      return forItsClass(id, {
        intent: 'called',
        name: body['name'],
        pronoun: body['pronoun'],
      });
    default:
      return answer(() => perform('lessons', id, body));
  }
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function LessonPage({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision value={loaderData.lesson.revision}>
      <LessonWorkspace {...loaderData} />
    </RecordRevision>
  );
}
