import type { ExercisePart } from './built-part';

export interface ChoicesProps {
  readonly open: ExercisePart;
  readonly onSet: (parameters: object, label: string) => void;
}

/** Sentences that the teacher writes herself; kept when the field is left. */
export function OwnSentences({ open, onSet }: ChoicesProps) {
  const { parameters } = open.part;
  return (
    <label className="d-block mb-2">
      Your own sentences, one a line
      <textarea
        className="form-control form-control-sm"
        rows={3}
        defaultValue={(parameters.sentences ?? []).join('\n')}
        onBlur={(event) => {
          const sentences = event.currentTarget.value
            .split('\n')
            .map((line) => line.trim())
            .filter((line) => line !== '');
          if (sentences.join('\n') !== (parameters.sentences ?? []).join('\n')) {
            onSet({ sentences }, 'Wrote sentences');
          }
        }}
      />
    </label>
  );
}
