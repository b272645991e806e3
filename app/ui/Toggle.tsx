import { useAhead } from './use-ahead';

/** A switch with its name; it turns as it is pressed, before what depends on it is made anew. */
export function Toggle({
  name,
  checked,
  onChange,
}: {
  name: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  const [shown, set] = useAhead(checked, onChange);
  return (
    <label className="form-check form-switch">
      <input
        type="checkbox"
        role="switch"
        className="form-check-input"
        checked={shown}
        onChange={(event) => set(event.currentTarget.checked)}
      />
      <span className="form-check-label">{name}</span>
    </label>
  );
}
