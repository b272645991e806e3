import { useId } from 'react';
import { BsX } from 'react-icons/bs';
import type { ClassProfile } from '~core/classes/class-profile';
import { helpIds, helps, type TargetLearner } from '~core/plan/plan';
import type { Lesson } from '~core/records/lesson';
import { newId } from '~/operations/operation';
import { AutoField } from '~/ui/AutoField';
import { useAhead } from '~/ui/use-ahead';
import type { Send } from '../lesson/built-part';
import { t } from '~/phrases/t';

const none: readonly TargetLearner[] = [];

/** Learners whom the lesson looks to: what each needs, and what is done for her; her printed copy is made so. */
export function TargetLearners({
  lesson,
  profile,
  send,
}: {
  lesson: Lesson;
  profile: ClassProfile;
  send: Send;
}) {
  const id = useId();
  const bodyOf = (next: readonly TargetLearner[]) => ({
    intent: 'plan',
    fields: { targets: next },
    what: t('plan.whomTheLessonLooksTo'),
  });
  const [targets, set] = useAhead(lesson.plan?.targets ?? none, (next) => send(bodyOf(next)));
  const changed = (target: TargetLearner, fields: Partial<TargetLearner>) =>
    targets.map((each) => (each.id === target.id ? { ...each, ...fields } : each));
  return (
    <section className="card-paper" aria-labelledby={id}>
      <h2 className="h5" id={id}>
        {t('plan.lookingTo')}
      </h2>
      {targets.length === 0 && (
        <p className="quiet small">{t('plan.learnersForWhomSomethingIs')}</p>
      )}
      {targets.map((target) => (
        <div key={target.id} className="plan-target">
          <div className="d-flex gap-2">
            <select
              className="form-select form-select-sm"
              aria-label={t('plan.learner')}
              value={target.name}
              onChange={(event) => {
                const name = event.currentTarget.value;
                // What is kept of her needs stands there at once, to be changed.
                const needs = profile.roster.find((learner) => learner.name === name)?.needs ?? '';
                set(changed(target, { name, ...(target.need === '' ? { need: needs } : {}) }));
              }}
            >
              <option value="">{t('plan.chooseALearner')}</option>
              {profile.roster.map(({ name }) => (
                <option key={name}>{name}</option>
              ))}
            </select>
            <button
              type="button"
              className="icon-button"
              aria-label={t('plan.noLongerLookTo', { name: target.name || t('plan.thisLearner') })}
              onClick={() => set(targets.filter((each) => each.id !== target.id))}
            >
              <BsX aria-hidden="true" />
            </button>
          </div>
          <AutoField
            label={t('plan.whatNeeds', { name: target.name || t('plan.thisLearner') })}
            className="form-control form-control-sm my-1"
            placeholder={t('plan.whatSheNeeds')}
            value={target.need}
            payload={(need) => bodyOf(changed(target, { need }))}
          />
          <div className="plan-helps">
            {helpIds.map((help) => (
              <label key={help} className="behaviour__tick">
                <input
                  type="checkbox"
                  className="form-check-input"
                  checked={target.help.includes(help)}
                  onChange={(event) =>
                    set(
                      changed(target, {
                        help: event.currentTarget.checked
                          ? [...target.help, help]
                          : target.help.filter((each) => each !== help),
                      }),
                    )
                  }
                />
                {helps[help].name}
              </label>
            ))}
          </div>
          <AutoField
            label={t('plan.whatElseIsDoneFor', { name: target.name || t('plan.thisLearner') })}
            className="form-control form-control-sm"
            placeholder={t('plan.whatElseIsDone')}
            value={target.also}
            payload={(also) => bodyOf(changed(target, { also }))}
          />
        </div>
      ))}
      <button
        type="button"
        className="btn btn-sm btn-outline-dark"
        onClick={() => set([...targets, { id: newId(), name: '', need: '', help: [], also: '' }])}
      >
        {t('plan.lookToALearner')}
      </button>
      {targets.some(({ help }) => help.length > 0) && (
        <p className="quiet small mt-2 mb-0">{t('plan.printCopiesByNameIn')}</p>
      )}
    </section>
  );
}
