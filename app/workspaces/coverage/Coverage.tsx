import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsDownload, BsPrinter } from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { dayName } from '~core/kernel/day-name';
import { toCase, toCsv } from '~core/standards/case-json';
import type { Covered } from '~core/standards/coverage';
import { setName, standardId } from '~core/standards/standard';
import { Empty } from '~/ui/Empty';
import { OwnPaper } from '~/ui/OwnPaper';
import { saveText } from '~/ui/save-text';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

type Shown = 'all' | 'met' | 'not yet';

const day = (date: string | undefined) =>
  date === undefined ? '' : dayName(date, { day: 'numeric', month: 'short' }, locale);

/** The standards of a class's year: which lesson served each, on which day, and which none has. */
export function Coverage({
  profile,
  covered,
}: {
  profile: ClassProfile;
  covered: readonly Covered[];
}) {
  const [shown, setShown] = useState<Shown>('all');
  const met = covered.filter(({ lessons }) => lessons.length > 0).length;
  const [first] = covered;
  const standards = covered.map(({ standard }) => standard);
  const strands = [...new Set(standards.map(({ strand }) => strand))];
  const fits = ({ lessons }: Covered) =>
    shown === 'all' || (shown === 'met') === lessons.length > 0;
  if (first === undefined) {
    return (
      <Empty title={t('coverage.noStandardsForThisLevel')}>
        <p>{t('coverage.standardsShipForUsGrades', { name: profile.name })}</p>
        <Link className="btn btn-primary" to={`/classes/${profile.id}`}>
          {profile.name}
        </Link>
      </Empty>
    );
  }
  const file = `${setName(first.standard.set)} ${first.standard.grade}`;
  return (
    <div className="page results prints-itself">
      <OwnPaper paper={profile.paper} />
      <p className="mb-1 no-print">
        <Link to={`/classes/${profile.id}`}>{profile.name}</Link>
      </p>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3">
        <h1 className="mb-0 me-auto">{t('coverage.standardsMet')}</h1>
        <Button variant="outline-dark" onClick={() => saveText(`${file}.csv`, toCsv(standards))}>
          <BsDownload aria-hidden="true" /> CSV
        </Button>
        <Button
          variant="outline-dark"
          onClick={() =>
            saveText(
              `${file}.case.json`,
              `${JSON.stringify(toCase(standards, new Date().toISOString()), null, 2)}\n`,
            )
          }
        >
          <BsDownload aria-hidden="true" /> CASE
        </Button>
        <Button variant="outline-dark" onClick={() => window.print()}>
          <BsPrinter aria-hidden="true" /> {t('coverage.print')}
        </Button>
      </div>
      <p>
        <strong>{t('coverage.of', { met, covered: covered.length })}</strong>{' '}
        {t('coverage.standardsOfHaveBeenMet', {
          setName: setName(first.standard.set),
          name: profile.name,
        })}
      </p>
      <div className="faces mb-3 no-print" role="group" aria-label={t('coverage.show')}>
        {(['all', 'met', 'not yet'] as const).map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={shown === each}
            onClick={() => setShown(each)}
          >
            {each === 'all'
              ? t('coverage.all')
              : each === 'met'
                ? t('coverage.met')
                : t('coverage.notYet2')}
          </button>
        ))}
      </div>
      {strands.map((strand) => {
        const own = covered.filter((each) => each.standard.strand === strand && fits(each));
        if (own.length === 0) return null;
        return (
          <section className="card-paper mb-3" key={strand} aria-label={strand}>
            <h2 className="h5">{strand}</h2>
            <table className="table results-table mb-0">
              <thead>
                <tr>
                  <th scope="col">{t('coverage.code')}</th>
                  <th scope="col">{t('coverage.standard')}</th>
                  <th scope="col">{t('coverage.lessons')}</th>
                </tr>
              </thead>
              <tbody>
                {own.map(({ standard, lessons }) => (
                  <tr key={standardId(standard)}>
                    <th scope="row" className="text-nowrap">
                      {standard.code}
                    </th>
                    <td>{standard.wording}</td>
                    <td>
                      {lessons.length === 0 ? (
                        <span className="quiet">{t('coverage.notYet')}</span>
                      ) : (
                        lessons.map(({ id, title, date, whole, chosen }) => (
                          <span key={id} className="d-block">
                            <Link to={`/lessons/${id}/plan`}>{title}</Link>{' '}
                            <span className="quiet small">
                              {[day(date), chosen || whole ? '' : t('coverage.inPart')]
                                .filter(Boolean)
                                .join(' · ')}
                            </span>
                          </span>
                        ))
                      )}
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </section>
        );
      })}
    </div>
  );
}
