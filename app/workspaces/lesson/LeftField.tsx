import { useEffect, useState } from 'react';

/** A field that is kept when it is left. */
export function LeftField(props: {
  readonly label: string;
  readonly value: string;
  readonly onSave: (value: string) => void;
  readonly lines?: number;
  readonly longest?: number;
}) {
  const { label, value, onSave, lines = 1, longest } = props;
  const [draft, setDraft] = useState(value);
  useEffect(() => setDraft(value), [value]);
  const Tag = lines > 1 ? 'textarea' : 'input';
  return (
    <label className="d-block mb-2">
      {label}
      <Tag
        className="form-control form-control-sm"
        rows={lines > 1 ? lines : undefined}
        maxLength={longest}
        value={draft}
        onChange={(event) => setDraft(event.currentTarget.value)}
        onBlur={() => draft !== value && onSave(draft)}
      />
    </label>
  );
}
