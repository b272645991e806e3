import { withHandEdit } from '~core/exercises/interactions/kit/hand-edit';
import { AutoField } from '~/ui/AutoField';
import type { ExercisePart, Send } from './built-part';
import { t } from '~/phrases/t';

const saveEdits = (part: string, edits: object, label: string) => ({
  intent: 'parameters',
  part,
  parameters: { edits },
  label,
});

/** The texts of the items of one word, to be changed by hand. */
export function TextsOfWord({
  open,
  word,
  send,
}: {
  open: ExercisePart;
  word: string;
  send: Send;
}) {
  const { part, facts } = open;
  const edits = part.parameters.edits ?? [];
  const { editable, accepted } = facts;
  return (
    <>
      {editable
        .filter((text) => text.word === word)
        .map((text, index) => (
          <div key={`${text.label} ${index}`} className="item-text">
            <span className="quiet small">{text.label}</span>
            <AutoField
              label={t('lesson.of', { label: text.label, word })}
              className="form-control form-control-sm"
              multiline={text.text.length > 30}
              value={text.text}
              payload={(to) =>
                saveEdits(
                  part.id,
                  withHandEdit(edits, text.word, text.text, to),
                  t('lesson.changedByHand', { word }),
                )
              }
            />
            {text.was !== undefined && (
              <button
                type="button"
                className="btn btn-link btn-sm p-0"
                aria-label={t('lesson.asItWasMadeOf', { label: text.label, word })}
                onClick={() =>
                  send(
                    saveEdits(
                      part.id,
                      withHandEdit(edits, text.word, text.text, text.was ?? ''),
                      t('lesson.restored', { word }),
                    ),
                  )
                }
              >
                {t('lesson.asItWasMade', { was: text.was || t('lesson.empty') })}
              </button>
            )}
          </div>
        ))}
      {accepted[word] && (
        <div className="mb-1">
          <span className="quiet small">{t('lesson.alsoRightOneALine')}</span>
          <AutoField
            label={t('lesson.alsoRightFor', { word })}
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
              label: t('lesson.changedWhatIsRightFor', { word }),
            })}
          />
        </div>
      )}
    </>
  );
}

/** Every text of the exercise, to be changed by hand; a change stays when the exercise is made again. */
export function ItemsByHand({ open, send }: { open: ExercisePart; send: Send }) {
  const edits = open.part.parameters.edits ?? [];
  const words = [...new Set(open.facts.editable.map((text) => text.word))];
  if (words.length === 0) return null;
  return (
    <details className="panel-fold">
      <summary>
        {t('lesson.changeItemsByHand', {
          which: edits.length > 0 ? t('lesson.changed2', { edits: edits.length }) : '',
        })}
      </summary>
      {words.map((word) => (
        <details key={word} className="item-texts">
          <summary>
            {word}
            {edits.some((edit) => edit.word === word) ? t('lesson.changed3') : ''}
          </summary>
          <TextsOfWord open={open} word={word} send={send} />
        </details>
      ))}
    </details>
  );
}
