import { useState } from 'react';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { OverTime } from '~core/results/over-time';
import { Empty } from '~/ui/Empty';
import { SharesOverTime } from './SharesOverTime';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const percent = (share: number) => `${Math.round(share * 100)} %`;
const day = (at: number) =>
  at < 1_000_000
    ? ''
    : new Date(at * 60_000).toLocaleDateString(locale, { day: 'numeric', month: 'short' });

/** A class over its lessons: how much was right each time, and which errors stay. No ranks. */
export function ClassResults({ profile, time }: { profile: ClassProfile; time: OverTime }) {
  const [learner, setLearner] = useState('');
  const { steps, learners } = time;
  const one = learners.find((each) => each.learner === learner);
  return (
    <div className="page results prints-itself">
      <p className="mb-1">
        <Link to={`/classes/${profile.id}`}>{profile.name}</Link>
      </p>
      <h1>{t('results.overTheWeeks2')}</h1>
      {steps.length === 0 ? (
        <Empty title={t('results.nothingHasComeBackYet')}>
          <p>{t('results.takeSlipsInUnderResults')}</p>
        </Empty>
      ) : (
        <>
          <section className="card-paper mb-3" aria-label={t('results.byLesson')}>
            <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
              <h2 className="h5 mb-0 me-auto">{t('results.byLesson')}</h2>
              <label className="d-flex gap-2 align-items-center">
                {t('results.besideTheClass')}
                <select
                  className="form-select form-select-sm"
                  value={learner}
                  onChange={(event) => setLearner(event.currentTarget.value)}
                >
                  <option value="">{t('results.nobody')}</option>
                  {learners.map(({ learner: name }) => (
                    <option key={name}>{name}</option>
                  ))}
                </select>
              </label>
            </div>
            <SharesOverTime steps={steps} learner={one} />
            <table className="table results-table">
              <thead>
                <tr>
                  <th scope="col">{t('results.lesson')}</th>
                  <th scope="col">{t('results.day')}</th>
                  <th scope="col">{t('results.cameBack')}</th>
                  <th scope="col">{t('results.rightClass')}</th>
                  {one && <th scope="col">{t('results.right2', { learner: one.learner })}</th>}
                </tr>
              </thead>
              <tbody>
                {steps.map(({ lesson, title, at, share, learners: count }) => {
                  const own = one?.steps.find((step) => step.lesson === lesson);
                  return (
                    <tr key={lesson}>
                      <th scope="row">
                        <Link to={`/lessons/${lesson}/results`}>{title}</Link>
                      </th>
                      <td>{day(at)}</td>
                      <td>{count}</td>
                      <td>{percent(share)}</td>
                      {one && <td>{own ? percent(own.share) : '–'}</td>}
                    </tr>
                  );
                })}
              </tbody>
            </table>
          </section>
          <section className="card-paper" aria-label={t('results.whatStays')}>
            <h2 className="h5">{t('results.whatStays')}</h2>
            <p className="quiet small">{t('results.errorsThatSomebodyMadeIn')}</p>
            <Lasting learners={learners} />
          </section>
        </>
      )}
    </div>
  );
}

function Lasting({ learners }: Pick<OverTime, 'learners'>) {
  const lasting = learners.filter((each) => each.lasting.length > 0);
  if (lasting.length === 0) return <p className="mb-0">{t('results.noErrorHasComeTwice')}</p>;
  return (
    <table className="table results-table mb-0">
      <thead>
        <tr>
          <th scope="col">{t('results.learner')}</th>
          <th scope="col">{t('results.error')}</th>
          <th scope="col">{t('results.lessons')}</th>
          <th scope="col">{t('results.times')}</th>
        </tr>
      </thead>
      <tbody>
        {lasting.flatMap(({ learner, lasting: errors }) =>
          errors.slice(0, 3).map(({ error, lessons, count }) => (
            <tr key={`${learner} ${error}`}>
              <th scope="row">{learner}</th>
              <td>{error}</td>
              <td>{lessons}</td>
              <td>{count}</td>
            </tr>
          )),
        )}
      </tbody>
    </table>
  );
}
