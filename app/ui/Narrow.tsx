/** A choice that narrows what is found; it cannot be opened where there is nothing to choose between. */
export function Narrow({
  label,
  all,
  of,
  value,
  set,
  name = (each) => each,
}: {
  label: string;
  all: string;
  of: readonly string[];
  value: string | undefined;
  set: (value: string | undefined) => void;
  name?: (value: string) => string;
}) {
  return (
    <select
      className="form-select form-select-sm"
      aria-label={label}
      disabled={of.length === 0}
      value={value ?? ''}
      onChange={(event) => set(event.currentTarget.value || undefined)}
    >
      <option value="">{all}</option>
      {of.map((each) => (
        <option key={each} value={each}>
          {name(each)}
        </option>
      ))}
    </select>
  );
}
