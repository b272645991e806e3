import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import type { ClassProfile } from '~core/classes/class-profile';
import type { TextComparison } from '~core/lists/combine-lists';
import { engine } from '~/workers/engine.client';
import { t } from '~/phrases/t';

/** Words of the text that are offered for the list. */
const MOST_OTHERS = 40;

export interface CompareDialogProps {
  readonly profile: ClassProfile;
  readonly words: readonly string[];
  readonly onAdd: (word: string) => void;
  readonly onClose: () => void;
}

/** The list against a text: what it uses, what it does not, and what it has besides. */
export function CompareDialog({ profile, words, onAdd, onClose }: CompareDialogProps) {
  const id = useId();
  const [text, setText] = useState('');
  const [compared, setCompared] = useState<TextComparison>();
  const compare = async () => setCompared(await engine().compare(profile, words, text));
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby={`${id}-title`} scrollable>
      <Modal.Header closeButton closeLabel="Close">
        <Modal.Title as="h2" id={`${id}-title`} className="h4">
          {t('lists.compareWithAText')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <label className="form-label" htmlFor={id}>
          {t('lists.theTextTheClassReads')}
        </label>
        <textarea
          id={id}
          className="form-control mb-2"
          rows={6}
          value={text}
          maxLength={200_000}
          placeholder={t('lists.pasteTheTextHere')}
          onChange={(event) => setText(event.currentTarget.value)}
        />
        <Button disabled={text.trim() === ''} onClick={() => void compare()}>
          {t('lists.compare')}
        </Button>
        {compared && (
          <div role="status" className="mt-3">
            <h3 className="h6">
              {t('lists.theTextUsesOfWords', { used: compared.used.length, words: words.length })}
            </h3>
            {compared.used.length > 0 && (
              <p className="learner-text">
                {compared.used
                  .map(({ word, times, forms }) => {
                    const others = forms.filter((form) => form !== word.toLowerCase());
                    const as =
                      others.length > 0 ? t('lists.as', { others: others.join(', ') }) : '';
                    return `${word}${as} ×${times}`;
                  })
                  .join(', ')}
              </p>
            )}
            <h3 className="h6">{t('lists.notInTheText')}</h3>
            <p className="learner-text">
              {compared.unused.join(', ') || t('lists.everyWordIsUsed')}
            </p>
            <h3 className="h6">{t('lists.inTheTextNotIn')}</h3>
            <p className="mb-0">
              {compared.others.slice(0, MOST_OTHERS).map(({ word, times }) => (
                <button
                  key={word}
                  type="button"
                  className="ask-chip ask-chip--word"
                  aria-label={t('lists.addTimesInTheText', { word, times })}
                  onClick={() => onAdd(word)}
                >
                  + {word} <small>×{times}</small>
                </button>
              ))}
              {compared.others.length === 0 && t('lists.everyWordOfTheText')}
            </p>
          </div>
        )}
      </Modal.Body>
    </Modal>
  );
}
