import { useId } from 'react';
import { defaultSequences } from '~core/classes/class-sequence';
import type { Accent } from '~core/kernel/accent';

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
        Sounds and spellings taught up to
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
        <option value="0">Nothing yet</option>
        {defaultSequences[accent].steps.map((each) => (
          <option key={each.number} value={each.number}>
            Step {each.number}: {each.title}
          </option>
        ))}
        <option value="all">This class reads freely (no sequence)</option>
      </select>
    </div>
  );
}
