import { redirect } from 'react-router';
import type { Route } from './+types/texts';
import { Start } from '~/workspaces/Start';
import { TextsWorkspace } from '~/workspaces/texts/TextsWorkspace';
import { focusClass, textsOfClass } from '~/storage/repository';
import { createText, removeText } from '~/storage/whole-records';
import { engine } from '~/workers/engine.client';
import type { TextFormat } from '~core/records/exchange/read-text';
import { FACT_LIMITS } from '~core/texts/reading-text';
import { answer, type ActionAnswer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.textsWordane') }];

export async function clientLoader() {
  const profile = await focusClass();
  return profile ? { profile, texts: await textsOfClass(profile.id) } : null;
}

export type TextsIntent =
  | {
      intent: 'bring';
      text: string;
      title: string;
      fileName: string;
      format?: TextFormat;
      /** What was left out before it came here. */
      notes?: string[];
    }
  | { intent: 'remove'; id: string; title: string };

/** A title where none was given: the file's name, or how the text begins. */
function titleOf(fileName: string, body: string): string {
  if (fileName !== '') return fileName.replace(/\.[^.]+$/, '').replaceAll(/[-_]+/g, ' ');
  const first = body.split('\n')[0]?.replace(/^#+ +/, '') ?? '';
  return first
    .split(/\s+/)
    .slice(0, 7)
    .join(' ')
    .replace(/[,:;]$/, '')
    .slice(0, 120);
}

/** What is known of a text, cut to what its record holds; what was cut is said. */
function fittedFacts<Told extends Partial<Record<keyof typeof FACT_LIMITS, string>>>(told: Told) {
  const long = (Object.keys(FACT_LIMITS) as (keyof typeof FACT_LIMITS)[]).filter(
    (fact) => (told[fact]?.length ?? 0) > FACT_LIMITS[fact],
  );
  const short = Object.fromEntries(
    long.map((fact) => [fact, `${told[fact]?.slice(0, FACT_LIMITS[fact] - 1) ?? ''}…`]),
  );
  return {
    rest: { ...told, ...short },
    cut: long.map((fact) =>
      t('page.theWasCutToLetters', { fact: String(fact), FACTLIMITS: FACT_LIMITS[fact] }),
    ),
  };
}

async function bringIn(
  body: Extract<TextsIntent, { intent: 'bring' }>,
): Promise<ActionAnswer | Response> {
  const profile = await focusClass();
  if (!profile) return { ok: false, message: t('page.makeAClassFirstA') };
  const read = await engine().readText(body.text, body.fileName, body.format);
  if (!read.ok) return read;
  const { notes, annotations, title, ...told } = read.text;
  const { rest, cut } = fittedFacts(told);
  let id = '';
  const done = await answer(async () => {
    const made = await createText({
      ...rest,
      classId: profile.id,
      language:
        rest.language && rest.language === profile.language ? rest.language : profile.language,
      title: (body.title || title || titleOf(body.fileName, rest.body)).slice(0, 200),
      annotations: [...(annotations ?? [])],
    });
    id = made.id;
  });
  if (!done.ok) return done;
  const said = [...(body.notes ?? []), ...cut, ...notes];
  const query = said.length > 0 ? `?left=${encodeURIComponent(said.join(' '))}` : '';
  return redirect(`/texts/${id}${query}`);
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as TextsIntent;
  if (body.intent === 'bring') return bringIn(body);
  return answer(() => removeText(body.id, body.title));
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Texts({ loaderData }: Route.ComponentProps) {
  return loaderData === null ? <Start /> : <TextsWorkspace {...loaderData} />;
}
