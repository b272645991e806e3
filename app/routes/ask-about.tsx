import { useNavigation } from 'react-router';
import type { Route } from './+types/ask-about';
import { materialOf } from '~core/texts/reading/text-material';
import { engine } from '~/workers/engine.client';
import { useSend } from '~/ui/use-send';
import { tookLast } from '~/workspaces/gallery/favourites';
import { Gallery } from '~/workspaces/gallery/Gallery';
import { openText } from './open-record';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData ? t('page.askAbout', { title: loaderData.text.title }) : ''}Wordane` },
];

/** The text as the material of every exercise that asks about one. */
export async function clientLoader({ params, request }: Route.ClientLoaderArgs) {
  const { text, profile } = await openText(params.textId, request);
  const context = {
    profile,
    footer: `${text.title} · ${profile.name}`,
    beside: {},
    texts: { [text.id]: materialOf(text) },
  };
  const fits = await engine().fits(
    {
      recipe: { words: [], parameters: { textId: text.id } },
      stage: 'together',
      present: [],
    },
    context,
  );
  return { text: { id: text.id, title: text.title }, language: text.language, context, fits };
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

const noWords: readonly string[] = [];

export default function AskAboutPage({ loaderData }: Route.ComponentProps) {
  const { text, language, context, fits } = loaderData;
  const { send, message, fetcher } = useSend(`/texts/${text.id}`);
  const navigation = useNavigation();
  const busy = fetcher.state !== 'idle' || navigation.state !== 'idle';
  return (
    <Gallery
      title={t('page.askAbout2', { title: text.title })}
      back={`/texts/${text.id}`}
      context={context}
      language={language}
      words={noWords}
      text={text}
      textOnly
      fits={fits}
      problem={message}
      onTake={({ maker, seed }) => {
        if (busy) return;
        tookLast(maker);
        send({ intent: 'ask', maker, seed });
      }}
    />
  );
}
