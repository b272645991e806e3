import { Link } from 'react-router';
import { makerInfo } from '~core/exercises/catalogue';
import { Choice } from './Choice';
import { sectionChoices, textChoices, useClassTexts } from './class-texts';
import type { PanelProps } from './panel-props';
import { t } from '~/phrases/t';

interface LabelledProps extends PanelProps {
  readonly label: string;
}

/** The text an exercise is made from; for sentences it may be none, and own sentences come before it. */
export function TextChoice({ label, open, onSet }: LabelledProps) {
  const texts = useClassTexts();
  const { maker, parameters } = open.part;
  const text = texts.find(({ id }) => id === parameters.textId);
  const needed = makerInfo(maker)?.needsText === true;
  const own = (parameters['sentences'] as readonly string[] | undefined) ?? [];
  if (!needed && own.length > 0) return null;
  const choices = textChoices(texts);
  return (
    <>
      <Choice
        name={label}
        value={text?.id ?? ''}
        options={needed ? choices : [['', t('lesson.noneWordanesOwn')], ...choices.slice(1)]}
        onChoose={(textId, title) =>
          onSet(
            { textId: textId || null, section: null },
            textId === '' ? t('lesson.ownSentences') : t('lesson.askedAbout', { title }),
          )
        }
      />
      {needed && texts.length === 0 && <Link to="/texts">{t('lesson.bringATextIn')}</Link>}
      {needed && text && (
        <p className="small mt-1 mb-2">
          <Link to={`/texts/${text.id}`}>{t('lesson.openTheText')}</Link>
        </p>
      )}
    </>
  );
}

/** A section of that text, where it has some. */
export function SectionChoice({ label, open, onSet }: LabelledProps) {
  const texts = useClassTexts();
  const { textId, section } = open.part.parameters;
  const sections = sectionChoices(texts.find(({ id }) => id === textId));
  if (sections.length <= 1) return null;
  return (
    <Choice
      name={label}
      value={section ?? ''}
      options={sections}
      onChoose={(chosen, title) =>
        onSet({ section: chosen === '' ? null : Number(chosen) }, t('lesson.askedAbout', { title }))
      }
    />
  );
}
