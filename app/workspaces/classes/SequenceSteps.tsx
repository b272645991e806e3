import { useEffect, useRef } from 'react';
import type { ClassProfile } from '~core/classes/class-profile';
import { showGrapheme } from '~core/reach/check-word';
import { Link } from 'react-router';
import { sequenceOf } from '~core/classes/class-sequence';
import type { SequenceFacts } from '~/workers/engine-service';
import { t } from '~/phrases/t';

/** The sequence as a list of steps; the class stands at the one that is chosen. */
export function SequenceSteps({
  profile,
  facts,
  onStep,
}: {
  profile: ClassProfile;
  facts: SequenceFacts;
  onStep: (step: number | null) => void;
}) {
  const box = useRef<HTMLDivElement>(null);
  const here = profile.step;
  const sequence = sequenceOf(profile);
  useEffect(() => {
    // The class's own step is in sight when the page opens; later moves leave the list where it is.
    const row = box.current?.querySelector<HTMLElement>('.step--here');
    if (box.current && row) box.current.scrollTop = row.offsetTop - box.current.offsetTop - 120;
  }, [profile.id]);
  return (
    <section className="card-paper my-3">
      <div className="d-flex flex-wrap justify-content-between gap-2 mb-2">
        <h2 className="h5 mb-0">
          {t('classes.whereTheClassStandsIn')}{' '}
          <span className="quiet fs-6 fw-normal">
            {sequence.name} ·{' '}
            <Link to={`/classes/${profile.id}/sequence`}>{t('classes.changeTheSequence')}</Link>
          </span>
        </h2>
        <label>
          <input
            type="checkbox"
            className="form-check-input me-2"
            checked={here === null}
            onChange={(event) => onStep(event.currentTarget.checked ? null : 1)}
          />
          {t('classes.readsFreelyCheckWordsBy')}
        </label>
      </div>
      <div
        className="steps"
        ref={box}
        role="radiogroup"
        aria-label={t('classes.stepOfTheSequence')}
      >
        {sequence.steps.map((step) => {
          const taught = here !== null && step.number <= here;
          const state = step.number === here ? 'step--here' : taught ? 'step--taught' : '';
          return (
            <label key={step.number} className={state}>
              <input
                type="radio"
                className="form-check-input"
                name="step"
                value={step.number}
                checked={step.number === here}
                onChange={() => onStep(step.number)}
              />
              <span>{step.number}</span>
              <span>{step.title}</span>
              <span className="step__graphemes">
                {[
                  ...new Set(step.teaches.map((key) => showGrapheme(key.split('|')[0] ?? ''))),
                ].join('  ')}
                <span className="quiet">
                  {' '}
                  {t('classes.words', { number: facts.newly[step.number - 1]?.count ?? 0 })}
                </span>
                {step.sightWords.length > 0 && (
                  <span className="quiet">
                    {' '}
                    {t('classes.bySight', { sightWords: step.sightWords.join(', ') })}
                  </span>
                )}
              </span>
            </label>
          );
        })}
      </div>
    </section>
  );
}
