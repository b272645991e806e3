import { data, redirect } from 'react-router';
import type { Route } from './+types/text';
import { fromWebAnnotations } from '~core/exchange/texts/write-marks';
import { TextFileError } from '~core/exchange/texts/incoming-text';
import { findMaker } from '~core/exercises/make-exercise';
import type { LessonPart } from '~core/lessons/lesson';
import type { SheetLayout } from '~core/sheets/layout';
import type { ReadingLayout } from '~core/sheets/reading/reading-layout';
import type { Annotation, OwnMethod } from '~core/texts/marks/annotation';
import { reachState } from '~/ui/reach-state';
import { database } from '~/storage/database';
import {
  ChangeError,
  focusOn,
  listClasses,
  newId,
  setFocusClass,
  textsOfClass,
} from '~/storage/repository';
import { setKnownWord } from '~/storage/operations';
import * as texts from '~/storage/text-operations';
import { TextWorkspace } from '~/workspaces/texts/TextWorkspace';
import { engine } from '~/workers/engine.client';
import { answer } from './action-answer';

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData ? `${loaderData.text.title} · ` : ''}Text · Wordane` },
];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const text = await database.texts.get(params.textId);
  const profile = text ? await database.classes.get(text.classId) : undefined;
  if (!text || !profile) {
    throw data('This text is not here. It may have been removed.', { status: 404 });
  }
  const { pathname, search } = new URL(request.url);
  if (await focusOn(profile.id)) throw redirect(pathname + search);
  const [found, others, classes] = await Promise.all([
    engine().textReach(text, profile),
    textsOfClass(profile.id),
    listClasses(),
  ]);
  // The ruler counts running words, as the panel does.
  const reach =
    found.total === 0
      ? {}
      : {
          reach: {
            ...reachState('this text', found.words),
            secure: found.secure,
            total: found.total,
          },
        };
  return {
    text,
    profile,
    found,
    others: others.filter((each) => each.id !== text.id),
    classes: classes.filter((each) => each.id !== profile.id),
    ...reach,
  };
}

export type TextIntent =
  | { intent: 'body'; body: string; was: string }
  | { intent: 'fact'; fact: texts.TextFact; value: string }
  | { intent: 'released'; released: number | null }
  | { intent: 'original' }
  | { intent: 'restore'; was: string }
  | { intent: 'swap'; start: number; end: number; word: string; was: string }
  | { intent: 'gloss'; word: string; text: string }
  | { intent: 'boxed'; word: string; boxed: boolean }
  | { intent: 'accepted'; word: string; accepted: boolean }
  | { intent: 'known'; word: string }
  | { intent: 'mark'; mark: Omit<Annotation, 'id'>; name: string }
  | { intent: 'set-mark'; id: string; fields: Partial<Annotation> }
  | { intent: 'remove-mark'; id: string }
  | { intent: 'method'; method: Omit<OwnMethod, 'id'> }
  | { intent: 'read-marks'; json: string }
  | { intent: 'reading'; reading: ReadingLayout; label: string }
  | { intent: 'layout'; layout: SheetLayout; label: string }
  | { intent: 'ask'; maker: string; grammar?: string }
  | { intent: 'sheet' }
  | { intent: 'copy'; classId: string; name: string }
  | { intent: 'remove' };

/** A new part about the text, in its lesson; the lesson opens at it. */
async function ask(id: string, maker: string, grammar?: string) {
  const text = await database.texts.get(id);
  if (!text) return { ok: false as const, message: 'This text was removed in another tab.' };
  const part: LessonPart = {
    id: newId(),
    kind: maker === '' ? 'sheet' : 'exercise',
    text: maker === '' ? text.title : '',
    maker,
    words: [],
    parameters: maker === '' ? {} : { textId: text.id, ...(grammar ? { grammar } : {}) },
    seed: Math.floor(Math.random() * 1e6),
    ...(maker === ''
      ? {
          blocks: [
            { id: newId(), kind: 'name' as const },
            {
              id: newId(),
              kind: 'reading' as const,
              textId: text.id,
              ...(text.reading ? { reading: text.reading } : {}),
            },
          ],
          ...(text.layout ? { layout: text.layout } : {}),
        }
      : {}),
  };
  let lesson = '';
  const done = await answer(async () => {
    lesson = await texts.addToLesson(text, part, maker === '' ? text.title : findMaker(maker).name);
  });
  return done.ok ? redirect(`/lessons/${lesson}?part=${part.id}`) : done;
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as TextIntent;
  const id = params.textId;
  if (body.intent === 'ask') return ask(id, body.maker, body.grammar);
  if (body.intent === 'sheet') return ask(id, '');
  if (body.intent === 'copy') {
    let copy = '';
    const done = await answer(async () => {
      copy = await texts.copyText(id, body.classId, body.name);
      await setFocusClass(body.classId);
    });
    return done.ok ? redirect(`/texts/${copy}`) : done;
  }
  if (body.intent === 'remove') {
    const text = await database.texts.get(id);
    const done = await answer(() => texts.removeText(id, text?.title ?? ''));
    return done.ok ? redirect('/texts') : done;
  }
  return answer(async () => {
    switch (body.intent) {
      case 'body':
        return texts.setBody(id, body.body, body.was);
      case 'restore': {
        const text = await database.texts.get(id);
        return text
          ? texts.setBody(id, text.original, body.was, 'Went back to the original')
          : undefined;
      }
      case 'swap': {
        const text = await database.texts.get(id);
        const profile = text ? await database.classes.get(text.classId) : undefined;
        if (!text || !profile) return;
        if (text.body !== body.was) {
          throw new ChangeError('The text was changed meanwhile. Choose the swap once more.');
        }
        const from = body.was.slice(body.start, body.end);
        const swapped = await engine().swapped(body.was, body, body.word, profile);
        return texts.setBody(id, swapped, body.was, `Swapped ${from} for ${body.word}`);
      }
      case 'fact':
        return texts.setFact(id, body.fact, body.value);
      case 'released':
        return texts.setReleased(id, body.released);
      case 'original':
        return texts.setOriginal(id);
      case 'gloss':
        return texts.setGloss(id, body.word, body.text);
      case 'boxed':
        return texts.setBoxed(id, body.word, body.boxed);
      case 'accepted':
        return texts.setAccepted(id, body.word, body.accepted);
      case 'known': {
        const text = await database.texts.get(id);
        return text ? setKnownWord(text.classId, body.word, true) : undefined;
      }
      case 'mark':
        return texts.addMark(id, body.mark, body.name);
      case 'set-mark':
        return texts.setMark(id, body.id, body.fields);
      case 'remove-mark':
        return texts.removeMark(id, body.id);
      case 'method':
        return texts.addMethod(id, body.method);
      case 'read-marks': {
        const text = await database.texts.get(id);
        if (!text) return;
        try {
          const read = fromWebAnnotations(body.json, text.body, newId);
          if (read.annotations.length > 0) await texts.addMarks(id, read.annotations);
          return [...read.notes];
        } catch (error) {
          if (error instanceof TextFileError) throw new ChangeError(error.message);
          throw error;
        }
      }
      case 'reading':
        return texts.setReading(id, body.reading, body.label);
      case 'layout':
        return texts.setTextLayout(id, body.layout, body.label);
    }
  });
}

export default function Text({ loaderData }: Route.ComponentProps) {
  return <TextWorkspace key={loaderData.text.id} {...loaderData} />;
}
