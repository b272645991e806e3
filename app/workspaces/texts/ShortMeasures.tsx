import type { ClassProfile } from '~core/classes/class-profile';
import type { TextReach } from '~core/texts/fit/text-reach';
import { speaks } from '~core/languages/registry/registry';
import type { ReadingText } from '~core/texts/reading-text';
import { engine } from '~/workers/engine.client';
import { useAsked } from './use-engine';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const percent = (share: number) => `${Math.round(share * 100)} %`;

/** The few measures that move while a text is fitted. */
export function ShortMeasures({
  text,
  profile,
  found,
}: {
  text: ReadingText;
  profile: ClassProfile;
  found: TextReach;
}) {
  const asked = useAsked(
    () =>
      engine().analyseText({ body: text.body, kind: text.kind, language: text.language }, profile),
    [text.body, text.kind, text.language, profile],
  );
  const before = useAsked(
    async () =>
      text.original === text.body || text.original.trim() === ''
        ? undefined
        : engine().analyseText(
            { body: text.original, kind: text.kind, language: text.language },
            profile,
          ),
    [text.original, text.body === text.original, profile],
  );
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  if (asked.state === 'working') return <p role="status">{t('texts.measuring')}</p>;
  const { counts, readability, sure, decodable } = asked.value;
  const original = before.state === 'ready' ? before.value : undefined;
  const grade = (value: number) => (Number.isFinite(value) ? value.toFixed(1) : '–');
  return (
    <dl className="measures" aria-live="polite">
      <dt>{t('texts.wordsSentences2')}</dt>
      <dd>
        {counts.words.toLocaleString(locale)} · {counts.sentences}
      </dd>
      <dt>{t('texts.withinReach')}</dt>
      <dd>{found.total === 0 ? '–' : percent(found.secure / found.total)}</dd>
      {decodable && (
        <>
          <dt>{t('texts.decodableAtStep', { step: decodable.step })}</dt>
          <dd>{percent(decodable.share)}</dd>
        </>
      )}
      {/* The formula is of English: for another language its number says nothing. */}
      {speaks(text.language, 'words') && (
        <>
          <dt>{t('texts.gradeFleschKincaid')}</dt>
          <dd>
            {sure ? '' : t('texts.about2')}
            {grade(readability.fleschKincaid)}
            {original && (
              <span className="quiet">
                {' '}
                {t('texts.was', { grade: grade(original.readability.fleschKincaid) })}
              </span>
            )}
          </dd>
        </>
      )}
    </dl>
  );
}
