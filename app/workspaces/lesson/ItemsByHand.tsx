import { withHandEdit } from '~core/exercises/interactions/kit/hand-edit';
import { AutoField } from '~/ui/AutoField';
import type { ExercisePart, Send } from './built-part';

/** Every text of the exercise, to be changed by hand; a change stays when the exercise is made again. */
export function ItemsByHand({ open, send }: { open: ExercisePart; send: Send }) {
  const { part, facts } = open;
  const edits = part.parameters.edits ?? [];
  const { editable: texts, accepted } = facts;
  if (texts.length === 0) return null;
  const words = [...new Set(texts.map((text) => text.word))];
  const save = (next: typeof edits, label: string) => ({
    intent: 'parameters',
    part: part.id,
    parameters: { edits: next },
    label,
  });
  return (
    <details className="panel-fold">
      <summary>Change items by hand{edits.length > 0 ? ` · ${edits.length} changed` : ''}</summary>
      {words.map((word) => (
        <details key={word} className="item-texts">
          <summary>
            {word}
            {edits.some((edit) => edit.word === word) ? ' · changed' : ''}
          </summary>
          {texts
            .filter((text) => text.word === word)
            .map((text, index) => (
              <div key={`${text.label} ${index}`} className="mb-1">
                <span className="quiet small">{text.label}</span>
                <AutoField
                  label={`${text.label} of ${word}`}
                  className="form-control form-control-sm"
                  multiline={text.text.length > 30}
                  value={text.text}
                  payload={(to) =>
                    save(withHandEdit(edits, text.word, text.text, to), `Changed ${word} by hand`)
                  }
                />
                {text.was !== undefined && (
                  <button
                    type="button"
                    className="btn btn-link btn-sm p-0"
                    aria-label={`As it was made: ${text.label} of ${word}`}
                    onClick={() =>
                      send(
                        save(
                          withHandEdit(edits, text.word, text.text, text.was ?? ''),
                          `Restored ${word}`,
                        ),
                      )
                    }
                  >
                    As it was made: {text.was || 'empty'}
                  </button>
                )}
              </div>
            ))}
          {accepted[word] && (
            <div className="mb-1">
              <span className="quiet small">Also right, one a line</span>
              <AutoField
                label={`Also right for ${word}`}
                className="form-control form-control-sm"
                multiline
                value={(accepted[word] ?? []).join('\n')}
                payload={(to) => ({
                  intent: 'parameters',
                  part: part.id,
                  parameters: {
                    accept: {
                      ...part.parameters.accept,
                      [word]: to.split('\n').flatMap((line) => line.trim() || []),
                    },
                  },
                  label: `Changed what is right for ${word}`,
                })}
              />
            </div>
          )}
        </details>
      ))}
    </details>
  );
}
