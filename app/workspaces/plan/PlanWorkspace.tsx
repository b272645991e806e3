import { useState } from 'react';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { checkObjective } from '~core/plan/check-objective';
import { reasonIds, reasons, type Plan, type Reason } from '~core/plan/plan';
import type { PlanLayout } from '~core/plan/plan-document';
import { minutesOf, type Lesson } from '~core/records/lesson';
import type { Standard } from '~core/standards/standard';
import { AutoField } from '~/ui/AutoField';
import { useAhead } from '~/ui/use-ahead';
import { useSend } from '~/ui/use-send';
import { PlanPaper } from './PlanPaper';
import { materialsFor, type PlannedPart } from './planned';
import { StandardsOfLesson } from './StandardsOfLesson';
import { StagePlans } from './StagePlans';
import { TargetLearners } from './TargetLearners';
import { t } from '~/phrases/t';

export type { PlannedPart } from './planned';

export interface PlanWorkspaceProps {
  readonly lesson: Lesson;
  readonly profile: ClassProfile;
  readonly made: readonly PlannedPart[];
  readonly standards: readonly Standard[];
}

const none: readonly Reason[] = [];

/** What an objective has, and what it still needs. */
function ObjectiveCheck({ objective }: { objective: string }) {
  return (
    <ul className="objective-check" aria-label={t('plan.whatTheObjectiveSays')}>
      {checkObjective(objective).map(({ part, found, says }) => (
        <li key={part} className={says === '' ? 'objective-check__well' : ''}>
          <strong>{part}</strong> {found ?? '–'}
          {says !== '' && <span className="d-block small">{says}</span>}
        </li>
      ))}
    </ul>
  );
}

/** A lesson as it is planned: objective, class, learners, stages, reasons; and on paper. */
export function PlanWorkspace({ lesson, profile, made, standards }: PlanWorkspaceProps) {
  const { send, message, clash } = useSend();
  const [layout, setLayout] = useState<PlanLayout>();
  const { plan = {} } = lesson;
  const set = (fields: Partial<Plan>, what: string) => send({ intent: 'plan', fields, what });
  const [given, setGiven] = useAhead(plan.reasons ?? none, (next) =>
    send({ intent: 'plan', fields: { reasons: next }, what: t('plan.theReasons') }),
  );
  const field = (name: 'background' | 'materials' | 'rationale', what: string) => ({
    value: plan[name] ?? '',
    multiline: true,
    payload: (value: string) => ({ intent: 'plan', fields: { [name]: value }, what }),
  });
  if (layout) {
    return (
      <PlanPaper
        layout={layout}
        onLayout={setLayout}
        lesson={lesson}
        profile={profile}
        made={made}
        standards={standards}
      />
    );
  }
  return (
    <div className="page plan">
      <p className="mb-1">
        <Link to={`/lessons/${lesson.id}`}>{lesson.title}</Link> ·{' '}
        <Link to={`/classes/${profile.id}/coverage`}>
          {t('plan.whatHaveMet', { name: profile.name })}
        </Link>{' '}
        · <Link to={`/lessons/${lesson.id}/adapt`}>{t('plan.forAnotherClass')}</Link>
      </p>
      <div className="d-flex flex-wrap gap-3 align-items-center mb-3">
        <h1 className="mb-0 me-auto">{t('plan.plan')}</h1>
        <button type="button" className="btn btn-primary" onClick={() => setLayout('table')}>
          {t('plan.onPaper')}
        </button>
      </div>
      {clash}
      {message && (
        <p className="message" role="alert">
          {message}
        </p>
      )}
      <div className="plan-layout">
        <div>
          <section className="card-paper" aria-labelledby="plan-objective">
            <h2 className="h5" id="plan-objective">
              {t('plan.objective')}
            </h2>
            <AutoField
              label={t('plan.objective')}
              value={lesson.objective}
              multiline
              placeholder={t('plan.whoWillDoWhatWith')}
              payload={(value) => ({ intent: 'field', field: 'objective', value })}
            />
            <ObjectiveCheck objective={lesson.objective} />
          </section>
          <StagePlans lesson={lesson} made={made} send={send} />
          <section className="card-paper" aria-labelledby="plan-why">
            <h2 className="h5" id="plan-why">
              {t('plan.whySo')}
            </h2>
            <div className="plan-reasons">
              {reasonIds.map((id) => (
                <label key={id} className="behaviour__tick">
                  <input
                    type="checkbox"
                    className="form-check-input"
                    checked={given.includes(id)}
                    onChange={(event) =>
                      setGiven(
                        event.currentTarget.checked
                          ? [...given, id]
                          : given.filter((each) => each !== id),
                      )
                    }
                  />
                  {reasons[id]}
                </label>
              ))}
            </div>
            <AutoField
              label={t('plan.reasonsOfYourOwn')}
              placeholder={t('plan.reasonsOfYourOwn')}
              {...field('rationale', t('plan.theReasons'))}
            />
          </section>
        </div>
        <aside>
          <section className="card-paper" aria-labelledby="plan-when">
            <h2 className="h5" id="plan-when">
              {t('plan.when')}
            </h2>
            <div className="d-flex flex-wrap gap-2">
              <input
                type="date"
                className="form-control"
                aria-label={t('plan.day')}
                value={plan.date ?? ''}
                onChange={(event) =>
                  set({ date: event.currentTarget.value }, t('plan.theDayOfTheLesson'))
                }
              />
              <input
                type="time"
                className="form-control"
                aria-label={t('plan.time')}
                value={plan.time ? plan.time.padStart(5, '0') : ''}
                onChange={(event) =>
                  set({ time: event.currentTarget.value }, t('plan.theTimeOfTheLesson'))
                }
              />
            </div>
            <p className="quiet small mt-2 mb-0">
              {t('plan.minutesInAll', { minutesOf: minutesOf(lesson) })}{' '}
              <Link to="/week">{t('plan.theWeek')}</Link>
            </p>
          </section>
          <StandardsOfLesson
            lesson={lesson}
            profile={profile}
            made={made}
            standards={standards}
            send={send}
          />
          <section className="card-paper" aria-labelledby="plan-class">
            <h2 className="h5" id="plan-class">
              {profile.name}
            </h2>
            <p className="quiet small">
              {t('plan.learners', { roster: profile.roster.length })}{' '}
              <Link to={`/classes/${profile.id}/results`}>{t('plan.whatCameBackSoFar')}</Link>
            </p>
            <AutoField
              label={t('plan.whatTheyBring')}
              placeholder={t('plan.whatTheyKnowWhatIs')}
              {...field('background', t('plan.theBackground'))}
            />
          </section>
          <TargetLearners lesson={lesson} profile={profile} send={send} />
          <section className="card-paper" aria-labelledby="plan-materials">
            <h2 className="h5" id="plan-materials">
              {t('plan.materials')}
            </h2>
            <ul className="plan-materials">
              {materialsFor(made, profile).map((each) => (
                <li key={each}>{each}</li>
              ))}
            </ul>
            <AutoField
              label={t('plan.alsoNeeded')}
              placeholder={t('plan.alsoNeeded')}
              {...field('materials', t('plan.theMaterials'))}
            />
          </section>
        </aside>
      </div>
    </div>
  );
}
