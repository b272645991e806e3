import { useNavigation } from 'react-router';
import type { Route } from './+types/gallery';
import { partsOf, stageIds, stageNames, type LessonPart, type StageId } from '~core/records/lesson';
import { ownWords } from '~core/lessons/own-words';
import { besideWords } from '~core/lists/beside-words';
import { materialOf } from '~core/texts/reading/text-material';
import { listsOfClass, textsOfClass } from '~/storage/repository';
import { engine } from '~/workers/engine.client';
import { useSend } from '~/ui/use-send';
import { tookLast } from '~/workspaces/gallery/favourites';
import { Gallery } from '~/workspaces/gallery/Gallery';
import { openLesson } from './open-record';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

export const meta: Route.MetaFunction = () => [{ title: t('page.addAnExerciseWordane') }];

const isStage = (value: string | null): value is StageId =>
  value !== null && (stageIds as readonly string[]).includes(value);

/** The material of the lesson, and what fits it best. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { lesson, profile } = await openLesson(params.lessonId, request);
  const { searchParams } = new URL(request.url);
  const [lists, texts] = await Promise.all([listsOfClass(profile.id), textsOfClass(profile.id)]);
  const asked = searchParams.get('stage');
  const parts = partsOf(lesson);
  // On a sheet the exercise stands beside its other blocks, in the sheet's own stage.
  const onSheet = (part: LessonPart) =>
    part.kind === 'sheet' && part.id === searchParams.get('sheet');
  const sheet = parts.find(onSheet)?.id;
  const itsStage = lesson.stages.find((each) => each.parts.some(onSheet))?.id;
  const stage: StageId = itsStage ?? (isStage(asked) ? asked : 'alone');
  const words = ownWords(lesson, new Set(lists.flatMap((list) => list.words)));
  const used = parts.flatMap((part) => part.parameters.textId ?? []);
  const text = texts.find(({ id }) => used.includes(id)) ?? texts[0];
  const context = {
    profile,
    footer: `${lesson.title} · ${profile.name}`,
    beside: besideWords(lists),
    texts: text ? { [text.id]: materialOf(text) } : {},
  };
  // A lesson about a text alone is asked about it.
  const about = words.length === 0 && used.length > 0 && text ? { textId: text.id } : {};
  const fits = await engine().fits(
    {
      recipe: { words, parameters: about },
      stage,
      present: parts.flatMap(({ maker }) => (maker === '' ? [] : [maker])),
    },
    context,
  );
  return {
    lessonId: lesson.id,
    title: lesson.title,
    stage,
    sheet,
    context,
    words,
    fits,
    find: searchParams.get('find') ?? '',
    text: text ? { id: text.id, title: text.title } : undefined,
  };
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function GalleryPage({ loaderData }: Route.ComponentProps) {
  const { lessonId, title, stage, sheet, context, words, text, fits, find } = loaderData;
  const { send, message, fetcher } = useSend(`/lessons/${lessonId}`);
  const navigation = useNavigation();
  const busy = fetcher.state !== 'idle' || navigation.state !== 'idle';
  const about =
    words.length > 0
      ? t('page.withTheseWords', { words: words.length })
      : text
        ? t('page.about', { title: text.title })
        : '';
  return (
    <Gallery
      title={t('page.addTo', {
        which: sheet ? t('page.theSheet') : coreName(stageNames[stage]),
        about,
      })}
      back={`/lessons/${lessonId}${sheet ? `?part=${sheet}` : ''}`}
      context={context}
      words={words}
      text={text}
      fits={fits}
      find={find}
      problem={message}
      onBlock={(block) => {
        if (!busy) send({ intent: 'add-sheet', stage, title, block, ...(sheet ? { sheet } : {}) });
      }}
      onTake={(taken) => {
        if (busy) return;
        tookLast(taken.maker);
        send({
          intent: 'add-part',
          stage,
          exact: true,
          ...taken,
          ...(text ? { textId: text.id } : {}),
          ...(sheet ? { sheet } : {}),
        });
      }}
    />
  );
}
