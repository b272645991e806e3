import { resultsByTarget, targetKinds, type TargetKind } from '~core/results/by-target';
import type { GivenExercise, Results } from '~core/results/results-of';
import { t } from '~/phrases/t';

const kindNames: Readonly<Record<TargetKind, string>> = {
  spelling: t('results.bySpelling'),
  rule: t('results.byRule'),
  kind: t('results.byKind'),
  word: t('results.byWord'),
};

/** Words are many: those that went least well are shown. */
const MOST_WORDS = 15;

/** How each spelling, rule and word went, the weakest first. */
export function ByTarget({
  results,
  exercises,
}: {
  results: Results;
  exercises: readonly GivenExercise[];
}) {
  const all = resultsByTarget(results, exercises);
  if (all.length === 0) return null;
  return (
    <section className="card-paper" aria-label={t('results.byWhatIsPractised')}>
      <h2 className="h5">{t('results.byWhatIsPractised')}</h2>
      {targetKinds.map((kind) => {
        const own = all.filter((target) => target.kind === kind);
        const shown = kind === 'word' ? own.slice(0, MOST_WORDS) : own;
        if (shown.length === 0) return null;
        return (
          <table key={kind} className="table results-table">
            <thead>
              <tr>
                <th scope="col">{kindNames[kind]}</th>
                <th scope="col">{t('results.right')}</th>
                <th scope="col">{t('results.notYet')}</th>
              </tr>
            </thead>
            <tbody>
              {shown.map(({ name, answered, right, learners }) => (
                <tr key={name}>
                  <th scope="row" className="learner-text">
                    {name}
                  </th>
                  <td className="text-nowrap">
                    <span
                      className="results-share"
                      aria-hidden="true"
                      style={{ '--share': right / answered } as object}
                    />
                    {t('results.of', { right, answered })}
                  </td>
                  <td>
                    {learners.length > 6
                      ? t('results.learners', { learners: learners.length })
                      : learners.join(', ')}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        );
      })}
    </section>
  );
}
