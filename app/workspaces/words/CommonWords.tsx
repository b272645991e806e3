import { useState } from 'react';
import { Button } from 'react-bootstrap';
import type { ClassProfile } from '~core/classes/class-profile';
import { conceptLanguages } from '~core/languages/concepts/concept';
import { languageNames, packOf } from '~core/languages/registry/registry';
import { Picture } from '~/ui/Picture';
import { engine } from '~/workers/engine.client';
import { useAsked } from '../texts/use-engine';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** Words shown at once. */
const AT_ONCE = 60;

/** A word of the common list that was chosen, as it goes into a list. */
export interface TakenWord {
  readonly word: string;
  readonly translation: string;
  readonly note?: string;
  readonly picture?: string;
}

export const hasCommonWords = (language: string) =>
  conceptLanguages.some((each) => each === language);

/** Everyday words of another language by topic and level, with what they mean and their pictures. */
export function CommonWords({
  profile,
  said,
  onTake,
}: {
  profile: ClassProfile;
  /** What came of the last that was added. */
  said: string | undefined;
  onTake: (words: readonly TakenWord[]) => void;
}) {
  const { language } = profile;
  const [topic, setTopic] = useState('weather');
  const [cefr, setCefr] = useState('');
  const [sound, setSound] = useState('');
  const [articles, setArticles] = useState(true);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const asked = useAsked(() => engine().commonWords(language), [language]);
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  if (asked.state === 'working') return <p role="status">{t('words.fetchingTheWords')}</p>;
  const topics = [...new Set(asked.value.flatMap((each) => each.topics))].sort();
  const { spelling } = packOf(language);
  const says = (word: string) =>
    spelling?.letters(word)?.some((unit) => unit.sound === sound) === true;
  const found = asked.value
    .filter((each) => topic === '' || each.topics.includes(topic))
    .filter((each) => cefr === '' || each.cefr === cefr)
    .filter((each) => sound === '' || says(each.word));
  const shown = found.slice(0, AT_ONCE);
  const hasArticles = asked.value.some(({ word, withArticle }) => word !== withArticle);
  const written = (each: (typeof shown)[number]) => (articles ? each.withArticle : each.word);
  const taken = shown.filter(({ word }) => !left.has(word));
  return (
    <section className="card-paper mb-3" aria-label={t('words.everydayWords')}>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
        <h2 className="h5 mb-0 me-auto">
          {t('words.everydayWordsIn', {
            languageNames: coreName(languageNames()[language] ?? language),
          })}
        </h2>
        <select
          className="form-select form-select-sm w-auto"
          aria-label={t('words.topic')}
          value={topic}
          onChange={(event) => setTopic(event.currentTarget.value)}
        >
          <option value="">{t('words.everyTopic')}</option>
          {topics.map((each) => (
            <option key={each}>{each}</option>
          ))}
        </select>
        <select
          className="form-select form-select-sm w-auto"
          aria-label={t('words.levelOfTheWords')}
          value={cefr}
          onChange={(event) => setCefr(event.currentTarget.value)}
        >
          <option value="">{t('words.a1AndA2')}</option>
          <option>A1</option>
          <option>A2</option>
        </select>
        {spelling && (
          <select
            className="form-select form-select-sm w-auto"
            aria-label={t('words.soundOfTheWords')}
            value={sound}
            onChange={(event) => {
              setSound(event.currentTarget.value);
              // A sound is looked for in all words, until a topic is chosen again.
              if (event.currentTarget.value !== '') setTopic('');
            }}
          >
            <option value="">{t('words.everySound')}</option>
            {spelling.taught.map((each) => (
              <option key={each.sound} value={each.sound}>
                {t('words.asIn', { sign: `[${each.sound}]`, word: each.keyword })}
              </option>
            ))}
          </select>
        )}
        {hasArticles && (
          <label className="behaviour__tick">
            <input
              type="checkbox"
              className="form-check-input"
              checked={articles}
              onChange={() => setArticles(!articles)}
            />
            {t('words.nounsWithTheirArticle')}
          </label>
        )}
        <Button
          size="sm"
          disabled={taken.length === 0}
          onClick={() =>
            onTake(
              taken.map((each) => ({
                word: written(each),
                translation: each.english,
                ...(each.said ? { note: each.said } : {}),
                ...(each.picture ? { picture: each.picture } : {}),
              })),
            )
          }
        >
          {t('words.addToTheList', { taken: taken.length })}
        </Button>
      </div>
      <ul className="common-words">
        {shown.map((each) => (
          <li key={each.word}>
            <label>
              <input
                type="checkbox"
                className="form-check-input"
                checked={!left.has(each.word)}
                onChange={() => {
                  const next = new Set(left);
                  if (!next.delete(each.word)) next.add(each.word);
                  setLeft(next);
                }}
              />
              {each.picture && <Picture picture={each.picture} size="1.8rem" />}
              <span className="learner-text" lang={language}>
                {written(each)}
              </span>
              {each.said && (
                <span className="quiet small" lang={language}>
                  {each.said}
                </span>
              )}
              <span className="quiet">{each.english}</span>
            </label>
          </li>
        ))}
      </ul>
      <p className="quiet small mb-0" role="status">
        {said && <strong>{said} </strong>}
        {t('words.word', { count: found.length })}
        {found.length > shown.length &&
          t('words.theFirstShownNarrowIt', {
            ATONCE: AT_ONCE,
            which: spelling ? t('words.orSound') : '',
          })}
      </p>
    </section>
  );
}
