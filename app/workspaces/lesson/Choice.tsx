/** One thing to choose from a list. */
export function Choice(props: {
  readonly name: string;
  readonly value: string | number;
  readonly options: readonly (readonly [string | number, string])[];
  readonly onChoose: (value: string, text: string) => void;
}) {
  const { name, value, options, onChoose } = props;
  return (
    <label className="d-block mb-2">
      {name}
      <select
        className="form-select form-select-sm"
        value={value}
        onChange={(event) => {
          const chosen = event.currentTarget.value;
          onChoose(chosen, options.find(([each]) => String(each) === chosen)?.[1] ?? chosen);
        }}
      >
        {options.map(([each, text]) => (
          <option key={each} value={each}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
