import { Link, redirect, useRouteLoaderData, useSearchParams } from 'react-router';
import type { Route } from './+types/classes';
import type { clientLoader as rootLoader } from '~/root';
import type { ClassSettings } from '~core/classes/new-class';
import { scaleOf } from '~core/classes/class-level';
import { Start } from '~/workspaces/Start';
import { NewClassForm } from '~/workspaces/classes/NewClassForm';
import { createClass } from '~/storage/whole-records';
import { answer, unknownIntent } from './action-answer';
import { speaks } from '~core/languages/registry/registry';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

export const meta: Route.MetaFunction = () => [{ title: t('page.classesWordane') }];

export async function clientAction({ request }: Route.ClientActionArgs) {
  const { settings, intent } = (await request.json()) as {
    settings?: ClassSettings;
    intent?: unknown;
  };
  // What was meant for another screen makes no class.
  if (settings === undefined) return unknownIntent(intent);
  let id = '';
  const done = await answer(async () => {
    id = (await createClass(settings)).id;
  });
  return done.ok
    ? redirect(speaks(settings.language, 'words') ? '/words' : `/classes/${id}`)
    : done;
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Classes() {
  const root = useRouteLoaderData<typeof rootLoader>('root');
  const [parameters] = useSearchParams();
  const classes = root?.classes ?? [];
  if (classes.length === 0) return <Start />;
  return (
    <div className="page">
      <h1>{t('page.classes')}</h1>
      <div className="tiles my-3">
        {classes.map((profile) => (
          <section className="card-paper" key={profile.id}>
            <h2 className="h4">
              <Link to={`/classes/${profile.id}`}>{profile.name}</Link>
            </h2>
            <p className="mb-1">{coreName(scaleOf(profile.level).name)}</p>
            <p className="mb-1">
              {profile.step === null
                ? t('page.readsFreely')
                : t('page.steps1Taught', { step: profile.step })}
            </p>
            <p className="quiet mb-0">
              {profile.roster.length === 0
                ? t('page.noRosterYet')
                : `${profile.roster.length} ${t('page.learner', { count: profile.roster.length })}`}
            </p>
          </section>
        ))}
      </div>
      <details className="card-paper" open={parameters.has('new')}>
        <summary className="h5 mb-0">{t('page.makeAClass')}</summary>
        <div className="mt-3">
          <NewClassForm />
        </div>
      </details>
    </div>
  );
}
