import { sidesOf } from '~core/board/dice';

export type SidesField = readonly [
  label: string,
  text: string,
  set: (step: (text: string) => string) => void,
];

/** What stands on dice or around a vane, to be written anew by the teacher. */
export function Sides({ fields, most }: { fields: readonly SidesField[]; most: number }) {
  return (
    <details className="board-sides">
      <summary>Other words</summary>
      <div className="board-row">
        {fields.map(([label, text, set]) => (
          <label key={label}>
            {label}, one a line
            <textarea
              className="form-control"
              rows={6}
              value={text}
              onChange={(event) => {
                const { value } = event.currentTarget;
                set(() => value);
              }}
            />
            {sidesOf(text).length > most && <span>Only the first {most} are used.</span>}
            {sidesOf(text).length === 0 && <span>Write at least one.</span>}
          </label>
        ))}
      </div>
    </details>
  );
}
