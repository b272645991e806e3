import { BsX } from 'react-icons/bs';
import { MOST_LIT } from '~core/sheets/reading/lit-forms';
import { litNames } from '~core/texts/reading-layout';
import { Choice } from './Choice';
import { t } from '~/phrases/t';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Forms lit with a line under each in the printed text: one added at a time, each taken away again. */
export function LitChoice({
  lit,
  onSet,
}: {
  lit: readonly string[];
  onSet: (lit: readonly string[], label: string) => void;
}) {
  return (
    <div className="mb-2">
      {lit.length < MOST_LIT && (
        <Choice
          name={t('lesson.grammarUnderlined')}
          value=""
          options={[
            ['', lit.length === 0 ? 'nothing' : t('lesson.addAnotherForm')],
            ...litNames
              .filter((name) => !lit.includes(name))
              .map((name) => [name, capital(name)] as const),
          ]}
          onChoose={(name) => {
            if (name !== '') onSet([...lit, name], t('lesson.underlined', { name }));
          }}
        />
      )}
      {lit.length > 0 && (
        <div className="form-chips" role="group" aria-label={t('lesson.underlinedInTheText')}>
          {lit.map((name) => (
            <button
              key={name}
              type="button"
              className="form-chip"
              aria-label={t('lesson.takeAway', { name })}
              onClick={() =>
                onSet(
                  lit.filter((each) => each !== name),
                  t('lesson.noLongerUnderlined', { name }),
                )
              }
            >
              {capital(name)} <BsX aria-hidden="true" />
            </button>
          ))}
        </div>
      )}
    </div>
  );
}
