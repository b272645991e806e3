import type { Route } from './+types/standards';
import { setName, type Standard } from '~core/standards/standard';
import { readStandardsFile } from '~core/standards/read-standards';
import { ChangeError } from '~/operations/operation';
import { shippedStandards } from '~/documents/standards';
import { allOf } from '~/storage/repository';
import { keepStandards, removeStandards } from '~/storage/whole-records';
import { StandardsWorkspace } from '~/workspaces/standards/StandardsWorkspace';
import { answer, unknownIntent } from './action-answer';
import { t } from '~/phrases/t';

export const meta: Route.MetaFunction = () => [{ title: t('page.standardsWordane') }];

/** How many a set has, by its name. */
function counted(standards: readonly Standard[]) {
  const counts = new Map<string, number>();
  for (const { set } of standards) counts.set(set, (counts.get(set) ?? 0) + 1);
  return [...counts].map(([set, count]) => ({ name: setName(set), count }));
}

export async function clientLoader() {
  const [shipped, own] = await Promise.all([shippedStandards(), allOf('standards')]);
  return { shipped: counted(shipped), own };
}

/** Problems said one by one; of the rest only how many there are. */
const MOST_SAID = 12;

export async function clientAction({ request }: Route.ClientActionArgs) {
  const body = (await request.json()) as Record<string, unknown>;
  if (body['intent'] === 'remove') {
    return answer(() => removeStandards(String(body['id']), String(body['name'])));
  }
  if (body['intent'] !== 'read') return unknownIntent(body['intent']);
  return answer(async () => {
    const { standards, problems } = readStandardsFile(String(body['text']), String(body['name']));
    const [first] = standards;
    if (first === undefined) {
      throw new ChangeError(
        t('page.nothingWasReadIn', { problems: problems.slice(0, MOST_SAID).join(' ') }),
      );
    }
    const present = await allOf('standards');
    const sets = [...new Set(standards.map(({ set }) => set))];
    for (const set of sets) {
      await keepStandards(
        setName(set),
        standards.filter((each) => each.set === set),
        present,
      );
    }
    const more = problems.length - MOST_SAID;
    return [
      t('page.standardReadIn', { count: standards.length }),
      ...problems.slice(0, MOST_SAID),
      ...(more > 0 ? [t('page.andMoreLinesWereLeft', { more })] : []),
    ];
  });
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function StandardsRoute({ loaderData }: Route.ComponentProps) {
  return <StandardsWorkspace {...loaderData} />;
}
