import { redirect } from 'react-router';
import type { Route } from './+types/texts';
import { Start } from '~/workspaces/Start';
import { TextsWorkspace } from '~/workspaces/texts/TextsWorkspace';
import { focusClass, textsOfClass } from '~/storage/repository';
import { createText, removeText } from '~/storage/whole-records';
import { engine } from '~/workers/engine.client';
import type { TextFormat } from '~core/records/exchange/read-text';
import { answer, type ActionAnswer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Texts · Wordane' }];

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

async function bringIn(
  body: Extract<TextsIntent, { intent: 'bring' }>,
): Promise<ActionAnswer | Response> {
  const profile = await focusClass();
  if (!profile) return { ok: false, message: 'Make a class first: a text is read for a class.' };
  const read = await engine().readText(body.text, body.fileName, body.format);
  if (!read.ok) return read;
  const { notes, annotations, title, ...rest } = read.text;
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
  const said = [...(body.notes ?? []), ...notes];
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
