/** The meanings of a word on its card: which sense, with sentences; chosen, or written anew. */
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import type { ClassProfile } from '~core/classes/class-profile';
import type { WordSense } from '~core/languages/en/words/meanings';
import { showSound, type Phoneme } from '~core/languages/en/sounds/phonemes';
import { SpeakButton } from '~/ui/SpeakButton';
import { t } from '~/phrases/t';

/** The letters of word classes, as teachers call them. */
export const classNames: Readonly<Record<string, string>> = {
  n: t('words.class.noun'),
  v: t('words.class.verb'),
  a: t('words.class.adjective'),
  d: t('words.class.adverb'),
  p: t('words.class.preposition'),
  c: t('words.class.conjunction'),
  o: t('words.class.pronoun'),
  t: t('words.class.determiner'),
  m: t('words.class.number'),
  x: t('words.class.auxiliary'),
  i: t('words.class.interjection'),
};

function SenseLevel({ sense }: { sense: WordSense }) {
  if (sense.age === undefined) return null;
  return (
    <span className="quiet small">
      {' '}
      · {sense.level}
      {t('words.fromAboutAge', { age: sense.age })}
    </span>
  );
}

/** How a word that is read in several ways is read in this sense. */
function SenseReading({ sense: { reading } }: { sense: WordSense }) {
  if (reading === undefined) return null;
  const sounds = reading.phonemes.map((each) => each.split(' ') as Phoneme[]);
  const said = sounds.map((sound) => showSound(sound).replaceAll('/', '')).join('');
  return <span className="quiet small"> {t('words.said', { said })}</span>;
}

/** The sentences of a sense, the one for the class in front; the word stands out in each. */
function Sentences({ sense, profile }: { sense: WordSense; profile: ClassProfile }) {
  const all =
    sense.sentences.length > 0
      ? sense.sentences
      : sense.example
        ? [{ text: sense.example, start: 0, end: 0, age: 0 }]
        : [];
  return (
    <>
      {all.map(({ text, start, end }) => (
        <span key={text} className="d-block word-card__sentence">
          {text.slice(0, start)}
          <b>{text.slice(start, end)}</b>
          {text.slice(end)}{' '}
          <SpeakButton
            spoken={{ text, language: 'en', accent: profile.accent }}
            name={t('words.say', { text })}
          />
        </span>
      ))}
    </>
  );
}

export interface WordMeaningProps {
  readonly word: string;
  /** The word whose senses these are, and the senses; empty where none is known. */
  readonly meaning: { readonly word: string; readonly senses: readonly WordSense[] };
  readonly profile: ClassProfile;
  readonly keptMeaning: string | undefined;
  readonly onKeepMeaning: (definition: string) => void;
}

/** What a word means: the senses to choose from, with their sentences, and the teacher's own words. */
export function WordMeaning(props: WordMeaningProps) {
  const { word, meaning, profile, keptMeaning, onKeepMeaning } = props;
  const [editing, setEditing] = useState(false);
  const [text, setText] = useState(keptMeaning ?? '');
  return (
    <section aria-label={t('words.meaning')}>
      <h3 className="h6">
        {t('words.meaning')}
        {meaning.word !== word && meaning.word !== '' && t('words.of2', { word: meaning.word })}
      </h3>
      {meaning.senses.length === 0 && <p className="quiet">{t('words.noMeaningIsKnownWrite')}</p>}
      <ol className="word-card__senses">
        {meaning.senses.map((sense) => {
          const kept = keptMeaning === sense.definition;
          return (
            <li
              key={sense.wordClass + sense.definition}
              className={kept ? 'word-card__sense--kept' : ''}
            >
              <span className="quiet">{classNames[sense.wordClass]}</span> {sense.definition}
              <SenseReading sense={sense} />
              <SenseLevel sense={sense} />
              <Sentences sense={sense} profile={profile} />
              {sense.near.length > 0 && (
                <span className="quiet d-block">
                  {t('words.like', { near: sense.near.join(', ') })}
                </span>
              )}
              {sense.opposites.length > 0 && (
                <span className="quiet d-block">
                  {t('words.opposite', { opposites: sense.opposites.join(', ') })}
                </span>
              )}
              {sense.kindOf && (
                <span className="quiet d-block">
                  {t('words.aKindOf', { kindOf: sense.kindOf })}
                </span>
              )}
              <button
                type="button"
                className="btn btn-link btn-sm p-0"
                aria-pressed={kept}
                onClick={() => onKeepMeaning(kept ? '' : sense.definition)}
              >
                {kept ? t('words.keptWithYourList') : t('words.keepThisMeaning')}
              </button>
            </li>
          );
        })}
      </ol>
      {editing ? (
        <form
          onSubmit={(event) => {
            event.preventDefault();
            onKeepMeaning(text.trim());
            setEditing(false);
          }}
        >
          <textarea
            className="form-control mb-1"
            aria-label={t('words.yourOwnMeaning')}
            rows={2}
            maxLength={600}
            value={text}
            onChange={(event) => setText(event.currentTarget.value)}
          />
          <Button type="submit" size="sm">
            {t('words.keep')}
          </Button>
        </form>
      ) : (
        <button
          type="button"
          className="btn btn-link btn-sm p-0"
          onClick={() => {
            setText(keptMeaning ?? meaning.senses[0]?.definition ?? '');
            setEditing(true);
          }}
        >
          {t('words.writeItInYourOwn')}
        </button>
      )}
      <p className="quiet small mt-2 mb-0">
        {meaning.senses.some(({ source }) => source === 'wordnet')
          ? t('words.fromWordnet31Princeton')
          : t('words.meaningsAndSentencesWrittenFor')}
      </p>
    </section>
  );
}
