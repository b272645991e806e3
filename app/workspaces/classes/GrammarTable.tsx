import type { ClassProfile, StructureSetting } from '~core/classes/class-profile';
import { grammarReach } from '~core/reach/structure-reach';
import { reaches, type Reach } from '~core/kernel/reach';
import { cefrOf } from '~core/kernel/level';
import { t } from '~/phrases/t';

const names: Readonly<Record<Reach, string>> = {
  secure: 'taught',
  stretch: t('classes.justAhead'),
  beyond: 'later',
};

/** Which structures the class has been taught; what is not set by hand follows its level. */
export function GrammarTable({
  profile,
  change,
}: {
  profile: ClassProfile;
  change: (fields: { grammar: StructureSetting[] }) => void;
}) {
  const set = (structure: string, reach: string) => {
    const others = (profile.grammar ?? []).filter((each) => each.structure !== structure);
    change({
      grammar: reach === '' ? others : [...others, { structure, reach: reach as Reach }],
    });
  };
  const rows = grammarReach(profile);
  return (
    <section className="card-paper my-3">
      <h2 className="h5">{t('classes.grammarTaught')}</h2>
      <p className="quiet mb-2">{t('classes.inTheOrderInWhich')}</p>
      <details>
        <summary>
          {t('classes.ofStructuresTaught', {
            rows: rows.filter(({ reach }) => reach === 'secure').length,
            rowsA: rows.length,
            which: rows.some(({ own }) => own)
              ? t('classes.someSetByYou')
              : t('classes.byTheLevelOfThe'),
          })}
        </summary>
        <table className="table table-sm mt-2 mb-0 grammar-table">
          <thead>
            <tr>
              <th scope="col">{t('classes.structure')}</th>
              <th scope="col">{t('classes.usuallyTaughtAt')}</th>
              <th scope="col">{t('classes.thisClass')}</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ structure, reach, own }) => (
              <tr key={structure.name}>
                <th scope="row">{structure.name}</th>
                <td>{cefrOf(structure.level)}</td>
                <td>
                  <select
                    className="form-select form-select-sm"
                    aria-label={t('classes.for', { name: structure.name, nameA: profile.name })}
                    value={own ? reach : ''}
                    onChange={(event) => set(structure.name, event.currentTarget.value)}
                  >
                    <option value="">
                      {t('classes.byLevel', { which: own ? '' : `: ${names[reach]}` })}
                    </option>
                    {reaches.map((each) => (
                      <option key={each} value={each}>
                        {names[each]}
                      </option>
                    ))}
                  </select>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
