import type { Route } from './+types/week';
import { perform } from '~/storage/perform';
import { focusClass, lessonsOfClass } from '~/storage/repository';
import { Start } from '~/workspaces/Start';
import { Week } from '~/workspaces/week/Week';
import { answer } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.weekWordane') }];

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const profile = await focusClass();
  if (!profile) return null;
  const asked = new URL(request.url).searchParams.get('from') ?? '';
  return {
    profile,
    lessons: await lessonsOfClass(profile.id),
    from: /^\d{4}-\d{2}-\d{2}$/.test(asked) ? asked : undefined,
  };
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { id, date } = (await request.json()) as { id: string; date: string };
  return answer(() =>
    perform('lessons', id, { intent: 'plan', fields: { date }, what: t('page.theDay') }),
  );
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function WeekRoute({ loaderData }: Route.ComponentProps) {
  return loaderData === null ? <Start /> : <Week {...loaderData} />;
}
