import { data, redirect } from 'react-router';
import type { Route } from './+types/lesson';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ExerciseParameters } from '~core/exercises/exercise';
import { findMaker } from '~core/exercises/make-exercise';
import { partsOf, type Lesson, type LessonPart, type StageId } from '~core/lessons/lesson';
import type { BuiltPart } from '~/workspaces/lesson/built-part';
import { LessonWorkspace } from '~/workspaces/lesson/LessonWorkspace';
import type { SheetBlock } from '~core/sheets/blocks/sheet-block';
import { besideWords } from '~core/lists/beside-words';
import type { SheetLayout } from '~core/sheets/layout';
import type { ReadingText } from '~core/texts/reading-text';
import { materialOf, type TextMaterial } from '~core/texts/reading/text-material';
import { reachState } from '~/ui/reach-state';
import { database } from '~/storage/database';
import { focusOn, newId, textsOfClass } from '~/storage/repository';
import {
  addPart,
  addPartWord,
  movePart,
  removePart,
  removePartWord,
  setKnownWord,
  setLessonField,
  setMinutes,
  setNote,
  setParameters,
  shuffleAgain,
  swapWord,
} from '~/storage/operations';
import { addBlock, moveBlock, removeBlock, setBlock, setLayout } from '~/storage/sheet-operations';
import { engine } from '~/workers/engine.client';
import { answer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Lesson · Wordane' }];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const lesson = await database.lessons.get(params.lessonId);
  const profile = lesson ? await database.classes.get(lesson.classId) : undefined;
  if (!lesson || !profile) {
    throw data('This lesson is not here. It may have been removed.', { status: 404 });
  }
  const { pathname, search } = new URL(request.url);
  if (await focusOn(profile.id)) throw redirect(pathname + search);
  const [lists, texts] = await Promise.all([
    database.lists.where('classId').equals(profile.id).toArray(),
    textsOfClass(profile.id),
  ]);
  const context = {
    profile,
    footer: `${lesson.title} · ${profile.name}`,
    beside: besideWords(lists),
    texts: usedTexts(lesson, texts),
  };
  const exercises = partsOf(lesson).filter((part) => part.kind === 'exercise');
  const built = await Promise.all(
    partsOf(lesson)
      .filter((part) => part.kind !== 'note')
      .map(async (part): Promise<BuiltPart> => ({
        part,
        ...(part.kind === 'sheet'
          ? await engine().buildSheet(part, exercises, context)
          : await engine().build(part, context)),
      })),
  );
  const wanted = new URL(request.url).searchParams.get('part');
  const open = built.find(({ part }) => part.id === wanted) ?? built[0];
  const reach = open ? { reach: reachState('this sheet', open.checks) } : {};
  return { lesson, context, built, openId: open?.part.id, texts, ...reach };
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

type Intent =
  | { intent: 'field'; field: 'title' | 'objective'; value: string; was: string }
  | { intent: 'minutes'; stage: StageId; minutes: number }
  | { intent: 'add-part'; stage: StageId; maker: string; name: string; words: string[] }
  | { intent: 'remove-part'; part: string; name: string }
  | { intent: 'move-part'; part: string; stage: StageId; index: number; name: string }
  | { intent: 'note'; part: string; text: string; was: string }
  | { intent: 'parameters'; part: string; parameters: ExerciseParameters; label: string }
  | { intent: 'shuffle'; part: string }
  | { intent: 'swap'; part: string; from: string; to: string }
  | { intent: 'add-word'; part: string; word: string }
  | { intent: 'remove-word'; part: string; word: string }
  | { intent: 'known'; word: string }
  | { intent: 'add-sheet'; stage: StageId; title: string }
  | { intent: 'layout'; part: string; layout: SheetLayout; label: string }
  | { intent: 'add-block'; part: string; block: Omit<SheetBlock, 'id'> }
  | { intent: 'block'; part: string; block: string; fields: Partial<SheetBlock> }
  | { intent: 'move-block'; part: string; block: string; index: number }
  | { intent: 'remove-block'; part: string; block: string; kind: SheetBlock['kind'] };

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
  const lists = await database.lists.where('classId').equals(profile.id).toArray();
  const sets = profile.confusables ? { sets: profile.confusables } : {};
  const { language } = profile;
  return { ...part, parameters: { beside: besideWords(lists), language, ...sets } };
}

/** Adds a part; an exercise begins with the words it can use, and opens. */
async function addNewPart(id: string, body: Extract<Intent, { intent: 'add-part' }>) {
  const part = newPart(body.maker, body.words);
  const lesson = await database.lessons.get(id);
  const profile = lesson ? await database.classes.get(lesson.classId) : undefined;
  if (lesson && profile && body.maker !== '' && findMaker(body.maker).needsText) {
    const textId = await textFor(lesson, profile);
    const about = { ...part, words: [], parameters: textId === undefined ? {} : { textId } };
    const added = await answer(() => addPart(id, body.stage, about, body.name));
    return added.ok ? redirect(`/lessons/${id}?part=${part.id}`) : added;
  }
  const words =
    part.kind === 'exercise' && profile
      ? await engine().startWords(await knowingItsClass(part, profile), profile)
      : part.words;
  const done = await answer(() => addPart(id, body.stage, { ...part, words }, body.name));
  return done.ok && part.kind === 'exercise' ? redirect(`/lessons/${id}?part=${part.id}`) : done;
}

/** A new sheet begins with what most sheets have: a line for the name, and its title. */
async function addNewSheet(id: string, stage: StageId, title: string) {
  const part: LessonPart = {
    ...newPart('', []),
    kind: 'sheet',
    text: title,
    blocks: [
      { id: newId(), kind: 'name' },
      { id: newId(), kind: 'heading', text: title },
    ],
  };
  const done = await answer(() => addPart(id, stage, part, 'a sheet'));
  return done.ok ? redirect(`/lessons/${id}?part=${part.id}`) : done;
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Intent;
  const id = params.lessonId;
  if (body.intent === 'add-part') return addNewPart(id, body);
  if (body.intent === 'add-sheet') return addNewSheet(id, body.stage, body.title);
  return answer(async () => {
    switch (body.intent) {
      case 'layout':
        return setLayout(id, body.part, body.layout, body.label);
      case 'add-block':
        return addBlock(id, body.part, { ...body.block, id: newId() });
      case 'block':
        return setBlock(id, body.part, body.block, body.fields);
      case 'move-block':
        return moveBlock(id, body.part, body.block, body.index);
      case 'remove-block':
        return removeBlock(id, body.part, body.block, body.kind);
      case 'field':
        return setLessonField(id, body.field, body.value, body.was);
      case 'minutes':
        return setMinutes(id, body.stage, body.minutes);
      case 'remove-part':
        return removePart(id, body.part, body.name);
      case 'move-part':
        return movePart(id, body.part, body.stage, body.index, body.name);
      case 'note':
        return setNote(id, body.part, body.text, body.was);
      case 'parameters':
        return setParameters(id, body.part, body.parameters, body.label);
      case 'shuffle':
        return shuffleAgain(id, body.part);
      case 'swap':
        return swapWord(id, body.part, body.from, body.to);
      case 'add-word':
        return addPartWord(id, body.part, body.word);
      case 'remove-word':
        return removePartWord(id, body.part, body.word);
      case 'known': {
        const lesson = await database.lessons.get(id);
        if (lesson) await setKnownWord(lesson.classId, body.word, true);
      }
    }
  });
}

export default function LessonPage({ loaderData }: Route.ComponentProps) {
  return <LessonWorkspace {...loaderData} />;
}
