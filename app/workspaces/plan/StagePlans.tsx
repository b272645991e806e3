import { Link } from 'react-router';
import { groupingIds, groupings, type StagePlan } from '~core/plan/plan';
import { stageNames, type Lesson } from '~core/records/lesson';
import { AutoField } from '~/ui/AutoField';
import type { Send } from '../lesson/built-part';
import type { PlannedPart } from './planned';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const fields: readonly (readonly [Exclude<keyof StagePlan, 'grouping'>, string])[] = [
  ['teacher', t('plan.iDo')],
  ['learners', t('plan.learnersDo')],
  ['check', t('plan.iLookFor')],
  ['reflection', t('plan.afterwardsWhatToChange')],
];

/** Each stage: how the class works, what each side does, what is looked for, and what to change next time. */
export function StagePlans({
  lesson,
  made,
  send,
}: {
  lesson: Lesson;
  made: readonly PlannedPart[];
  send: Send;
}) {
  return (
    <section className="card-paper" aria-labelledby="plan-stages">
      <h2 className="h5" id="plan-stages">
        {t('plan.stages')}
      </h2>
      {lesson.stages.map((stage) => (
        <section key={stage.id} className="plan-stage" aria-label={coreName(stageNames[stage.id])}>
          <div className="d-flex flex-wrap gap-2 align-items-center">
            <h3 className="h6 mb-0 me-auto">
              {coreName(stageNames[stage.id])}{' '}
              <span className="quiet">{t('plan.min', { minutes: stage.minutes })}</span>
            </h3>
            <select
              className="form-select form-select-sm w-auto"
              aria-label={t('plan.howTheClassWorksIn', {
                stageNames: coreName(stageNames[stage.id]),
              })}
              value={stage.grouping ?? ''}
              onChange={(event) =>
                send({
                  intent: 'plan-stage',
                  stage: stage.id,
                  fields: { grouping: event.currentTarget.value },
                  what: t('plan.theGrouping'),
                })
              }
            >
              <option value="">{t('plan.howTheClassWorks')}</option>
              {groupingIds.map((id) => (
                <option key={id} value={id}>
                  {groupings[id]}
                </option>
              ))}
            </select>
          </div>
          <ul className="plan-parts">
            {stage.parts.map((part) => {
              const own = made.find((each) => each.part.id === part.id);
              return (
                <li key={part.id}>
                  {part.kind === 'note' ? (
                    <span className="quiet">{own?.title}</span>
                  ) : (
                    <Link to={`/lessons/${lesson.id}?part=${part.id}`}>{own?.title}</Link>
                  )}
                </li>
              );
            })}
          </ul>
          <div className="plan-fields">
            {fields.map(([name, label]) => (
              <label key={name}>
                <span className="small quiet">{label}</span>
                <AutoField
                  label={`${label}, ${coreName(stageNames[stage.id])}`}
                  className="form-control form-control-sm"
                  value={stage[name] ?? ''}
                  multiline
                  payload={(value) => ({
                    intent: 'plan-stage',
                    stage: stage.id,
                    fields: { [name]: value },
                    what: `“${label}”`,
                  })}
                />
              </label>
            ))}
          </div>
        </section>
      ))}
    </section>
  );
}
