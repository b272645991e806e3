/** A switch with its name. */
export function Toggle({
  name,
  checked,
  onChange,
}: {
  name: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  return (
    <label className="form-check form-switch">
      <input
        type="checkbox"
        role="switch"
        className="form-check-input"
        checked={checked}
        onChange={(event) => onChange(event.currentTarget.checked)}
      />
      <span className="form-check-label">{name}</span>
    </label>
  );
}
