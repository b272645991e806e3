import { useId } from 'react';
import { defaultSequences } from '~core/classes/class-sequence';
import type { Accent } from '~core/kernel/accent';
import { t } from '~/phrases/t';

/** The place of a class in the sequence, by the title of the last step taught. */
export function StepField({
  step,
  accent,
  onChange,
}: {
  step: number | null;
  accent: Accent;
  onChange: (step: number | null) => void;
}) {
  const id = useId();
  return (
    <div>
      <label className="form-label" htmlFor={id}>
        {t('classes.soundsAndSpellingsTaughtUp')}
      </label>
      <select
        id={id}
        className="form-select"
        value={step === null ? 'all' : String(step)}
        onChange={(event) => {
          const { value } = event.currentTarget;
          onChange(value === 'all' ? null : Number(value));
        }}
      >
        <option value="0">{t('classes.nothingYet')}</option>
        {defaultSequences[accent].steps.map((each) => (
          <option key={each.number} value={each.number}>
            {t('classes.step', { number: each.number, title: each.title })}
          </option>
        ))}
        <option value="all">{t('classes.thisClassReadsFreelyNo')}</option>
      </select>
    </div>
  );
}
