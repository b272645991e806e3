import { redirect } from 'react-router';
import type { Route } from './+types/text';
import { fromWebAnnotations } from '~core/records/exchange/write-marks';
import { TextFileError } from '~core/records/exchange/incoming-text';
import { makerName } from '~core/exercises/catalogue';
import type { LessonPart } from '~core/records/lesson';
import { reachState } from '~/ui/reach-state';
import { ChangeError, newId } from '~/operations/operation';
import { perform, type Asked } from '~/storage/perform';
import { listClasses, record, textsOfClass } from '~/storage/repository';
import { addSound, removeSound, soundsOf, type NewSound } from '~/storage/sounds';
import { addToLesson, copyText, removeText } from '~/storage/whole-records';
import { TextWorkspace } from '~/workspaces/texts/TextWorkspace';
import { engine } from '~/workers/engine.client';
import { RecordRevision } from '~/ui/use-send';
import { answer } from './action-answer';
import { openText } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: t('page.textWordane', { which: loaderData ? `${loaderData.text.title} · ` : '' }) },
];

export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { text, profile } = await openText(params.textId, request);
  const [found, others, classes, sounds] = await Promise.all([
    engine().textReach(text, profile),
    textsOfClass(profile.id),
    listClasses(),
    soundsOf(text.id),
  ]);
  // The ruler counts running words, as the panel does.
  const reach =
    found.total === 0
      ? {}
      : {
          reach: {
            ...reachState(t('page.thisText'), found.words),
            secure: found.secure,
            total: found.total,
          },
        };
  return {
    text,
    profile,
    sounds,
    found,
    others: others.filter((each) => each.id !== text.id),
    classes: classes.filter((each) => each.id !== profile.id),
    ...reach,
  };
}

/** A new part about the text, in its lesson; the lesson opens at it. */
async function ask(id: string, maker: string, given: { grammar?: unknown; seed?: unknown } = {}) {
  const text = await record('texts', id);
  if (!text) return { ok: false as const, message: t('page.thisTextWasRemovedIn') };
  const grammar = typeof given.grammar === 'string' ? given.grammar : undefined;
  const part: LessonPart = {
    id: newId(),
    kind: maker === '' ? 'sheet' : 'exercise',
    text: maker === '' ? text.title : '',
    maker,
    words: [],
    parameters: maker === '' ? {} : { textId: text.id, ...(grammar ? { grammar } : {}) },
    // As it was seen in the gallery.
    seed: Number.isSafeInteger(given.seed) ? Number(given.seed) : Math.floor(Math.random() * 1e6),
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
    lesson = await addToLesson(id, part, maker === '' ? text.title : makerName(maker));
  });
  return done.ok ? redirect(`/lessons/${lesson}?part=${part.id}`) : done;
}

/** What is asked of the text with the help of the word bank, of a file, or of its class. */
async function withHelp(id: string, body: Asked): Promise<readonly string[] | void> {
  const text = await record('texts', id);
  const profile = text ? await record('classes', text.classId) : undefined;
  if (!text || !profile) throw new ChangeError(t('page.thisTextWasRemovedIn'));
  const { revision } = body;
  switch (body.intent) {
    case 'swap': {
      const { start, end, word, was } = body as unknown as Swap;
      if (text.body !== was) {
        throw new ChangeError(t('page.theTextWasChangedMeanwhile'));
      }
      const swapped = await engine().swapped(was, { start, end }, word, profile);
      const label = t('page.swappedFor', { was: was.slice(start, end), word });
      return perform('texts', id, { intent: 'body', revision, body: swapped, label });
    }
    case 'known':
      return perform('classes', text.classId, {
        intent: 'known',
        word: body['word'],
        known: true,
      });
    case 'read-marks': {
      try {
        const read = fromWebAnnotations(String(body['json']), text.body, newId);
        const marks = read.annotations;
        if (marks.length > 0) await perform('texts', id, { intent: 'add-marks', revision, marks });
        return [...read.notes];
      } catch (error) {
        if (error instanceof TextFileError) throw new ChangeError(error.message);
        throw error;
      }
    }
    default:
      return perform('texts', id, body);
  }
}

interface Swap {
  readonly start: number;
  readonly end: number;
  readonly word: string;
  readonly was: string;
}

export async function clientAction({ request, params }: Route.ClientActionArgs) {
  const body = (await request.json()) as Asked;
  const id = params.textId;
  switch (body.intent) {
    case 'ask':
      return ask(id, String(body['maker']), { grammar: body['grammar'], seed: body['seed'] });
    case 'sheet':
      return ask(id, '');
    case 'copy': {
      let copy = '';
      const done = await answer(async () => {
        copy = await copyText(id, String(body['classId']), String(body['name']));
      });
      return done.ok ? redirect(`/texts/${copy}`) : done;
    }
    case 'add-sound':
      return answer(() => addSound(id, body['sound'] as NewSound));
    case 'remove-sound':
      return answer(() => removeSound(String(body['sound']), String(body['name'])));
    case 'add-cue':
    case 'change-cue':
    case 'remove-cue':
    case 'name-sound':
    case 'read-cues': {
      // Of a recording, which has a revision of its own.
      const { sound, revision: _text, ...asked } = body;
      return answer(() => perform('sounds', String(sound), asked));
    }
    case 'remove': {
      const text = await record('texts', id);
      const done = await answer(() => removeText(id, text?.title ?? ''));
      return done.ok ? redirect('/texts') : done;
    }
    default:
      return answer(() => withHelp(id, body));
  }
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Text({ loaderData }: Route.ComponentProps) {
  return (
    <RecordRevision value={loaderData.text.revision}>
      <TextWorkspace key={loaderData.text.id} {...loaderData} />
    </RecordRevision>
  );
}
