import { Button, Offcanvas } from 'react-bootstrap';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { offeredAge } from '~core/reach/fitness';
import { patternTexts } from '~core/languages/en/sounds/patterns';
import type { KnownWord, WordShapeAnalysis } from '~core/languages/en/words/analyse-word';
import type { WordSense } from '~core/languages/en/words/meanings';
import { MarkedWord } from '~/ui/MarkedWord';
import { Picture } from '~/ui/Picture';
import { ReachTag } from '~/ui/ReachTag';
import { SpeakButton } from '~/ui/SpeakButton';
import type { CardGrapheme, WordCardData } from '~/workers/word-card';
import { soundLink, writeQuery } from './query';
import { classNames, WordMeaning } from './WordMeaning';
import { WhyList } from './Toolbar';
import { t } from '~/phrases/t';

export interface OpenCard {
  readonly word: string;
  readonly card: WordCardData;
  /** The word whose senses these are, and the senses; empty where none is known. */
  readonly meaning: { readonly word: string; readonly senses: readonly WordSense[] };
}

/** Where a word's level is from, in words. */
const levelFrom = {
  wordbook: t('words.readAndJudgedForWordane'),
  headword: t('words.asItsHeadword'),
  estimate: t('words.anEstimateItMayBe'),
} as const;

/** Zipf frequency in words (van Heuven et al. 2014: 1 to 3 low, 4 to 7 high). */
function frequencyText(zipf: number): string {
  if (zipf >= 6) return t('words.oneOfTheCommonestWords');
  if (zipf >= 5) return t('words.veryCommon');
  if (zipf >= 4) return 'common';
  if (zipf >= 3) return t('words.notSoCommon');
  return 'rare';
}

function Graphemes({
  graphemes,
  profile,
}: {
  graphemes: readonly CardGrapheme[];
  profile: ClassProfile;
}) {
  return (
    <ul className="card-sounds" aria-label={t('words.spellingsAndSounds')}>
      {graphemes.map((each, index) => (
        <li key={index}>
          <span className="card-sounds__letters">{each.shown}</span>
          {each.sound === '' ? (
            <span className="quiet">{t('words.silent')}</span>
          ) : (
            <>
              <span>{each.sign}</span>
              <span className="quiet small">{t('words.ipa', { ipa: each.ipa })}</span>
              <span className="card-sounds__row">
                <SpeakButton
                  spoken={{ sound: each.sound, accent: profile.accent }}
                  name={t('words.sayTheSoundOf', { shown: each.shown })}
                />
                <Link
                  to={soundLink(each.sound, each.grapheme)}
                  className="small"
                  aria-label={t('words.moreWordsWithFor', { shown: each.shown, sign: each.sign })}
                >
                  {t('words.more2')}
                </Link>
              </span>
            </>
          )}
          {profile.step !== null && each.step !== undefined && (
            <span className={each.step > profile.step ? 'reach-stretch small' : 'quiet small'}>
              {t('words.step', { step: each.step })}
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}

function Syllables({
  word,
  shape,
  profile,
}: {
  word: string;
  shape: WordShapeAnalysis;
  profile: ClassProfile;
}) {
  const { syllables, syllableTypes, stress } = shape;
  const main = syllables.length > 1 ? stress.indexOf(1) : -1;
  return (
    <p className="mb-2">
      <span className="word-card__syllables">
        {syllables.map((syllable, index) => (
          <span key={index}>
            {index > 0 && '·'}
            {index === main ? <b>{syllable}</b> : syllable}
          </span>
        ))}
      </span>{' '}
      <SpeakButton
        spoken={{ text: word, language: 'en', accent: profile.accent }}
        name={t('words.say2', { word })}
      />
      <span className="quiet d-block">
        {t('words.syllable', {
          count: syllables.length,
          syllableTypes: syllableTypes.map((type) => type.replace('-', ' ')).join(', '),
        })}
        {main >= 0 && t('words.stressOn', { syllables: String(syllables[main]) })}
        {shape.onset !== undefined &&
          t('words.onsetRime', { onset: shape.onset || '–', rime: String(shape.rime) })}
      </span>
    </p>
  );
}

function Words({ title, words, to }: { title: string; words: readonly string[]; to?: string }) {
  if (words.length === 0) return null;
  return (
    <>
      <dt>{title}</dt>
      <dd>
        {words.slice(0, 12).map((word, index) => (
          <span key={word}>
            {index > 0 && ', '}
            <Link to={`?word=${encodeURIComponent(word)}`} preventScrollReset>
              {word}
            </Link>
          </span>
        ))}
        {to && (
          <>
            {' · '}
            <Link to={to}>{t('words.all')}</Link>
          </>
        )}
      </dd>
    </>
  );
}

function Facts({ known, card }: { known: KnownWord; card: WordCardData }) {
  const patternLink = (pattern: string) =>
    `/words?${writeQuery({ patterns: [pattern as never] }).toString()}`;
  return (
    <dl className="word-card__facts">
      <dt>{t('words.patterns')}</dt>
      <dd>
        {known.patterns.length === 0
          ? t('words.noneOfTheTaughtPatterns')
          : known.patterns.map((name, index) => (
              <span key={name}>
                {index > 0 && ', '}
                <Link to={patternLink(name)}>{patternTexts[name]}</Link>
              </span>
            ))}
      </dd>
      {known.partsKind !== 'simple' && (
        <>
          <dt>{t('words.madeOf')}</dt>
          <dd>
            {known.parts.map((part, index) => (
              <span key={index}>
                {index > 0 && ' + '}
                <b>{part.text}</b>
                {part.from && ` (${part.from})`}
                {part.meaning && <span className="quiet"> {part.meaning}</span>}
              </span>
            ))}
            {known.partsRule && <span className="d-block">{known.partsRule.reason}</span>}
          </dd>
        </>
      )}
      <dt>{t('words.wordClass')}</dt>
      <dd>{known.wordClasses.join(', ') || t('words.notKnown')}</dd>
      <dt>{t('words.howCommon')}</dt>
      <dd>
        {frequencyText(known.zipf)}{' '}
        <span className="quiet">{t('words.zipf', { zipf: known.zipf.toFixed(1) })}</span>
      </dd>
      <dt>{t('words.level')}</dt>
      <dd>
        {t('words.cefrUnderstoodFromAboutAge', {
          cefr: known.level.cefr,
          age: Math.round(known.level.age),
          ukYear: known.level.ukYear,
          usGrade: known.level.usGrade,
        })}{' '}
        <span className="quiet">{levelFrom[known.level.from]}</span>
      </dd>
      <Words title={t('words.soundsTheSame')} words={known.homophones} />
      <Words
        title={t('words.rhymes')}
        words={known.rhymes}
        to={`/words?${writeQuery({ rhymesWith: known.word, minSyllables: 1, maxSyllables: 99 }).toString()}`}
      />
      {card.pairs.length > 0 && (
        <>
          <dt>{t('words.oneSoundAway')}</dt>
          <dd>
            {card.pairs.map(({ word, signs }, index) => (
              <span key={`${word}${index}`}>
                {index > 0 && ', '}
                <Link to={`?word=${encodeURIComponent(word)}`} preventScrollReset>
                  {word}
                </Link>{' '}
                <span className="quiet">
                  {signs[0]}→{signs[1]}
                </span>
              </span>
            ))}
          </dd>
        </>
      )}
      <Words
        title={t('words.wordFamily')}
        words={card.family}
        to={`/words?${writeQuery({ family: known.headword, knows: 'any' }).toString()}`}
      />
      {known.topics.length > 0 && (
        <>
          <dt>{t('words.about3')}</dt>
          <dd>{known.topics.join(', ')}</dd>
        </>
      )}
      {known.otherSpelling && (
        <>
          <dt>
            {known.otherSpelling.spelling === 'uk' ? t('words.inBritain') : t('words.inAmerica')}
          </dt>
          <dd>{known.otherSpelling.word}</dd>
        </>
      )}
      {known.otherReadings.length > 0 && (
        <>
          <dt>{t('words.alsoSaid')}</dt>
          <dd>
            {known.otherReadings.map((reading, index) => (
              <span key={index} className="d-block">
                {reading.graphemes.replaceAll('.', ' ').replaceAll('_', '–')}{' '}
                {classNames[reading.wordClass] &&
                  t('words.asA', { classNames: String(classNames[reading.wordClass]) })}
              </span>
            ))}
          </dd>
        </>
      )}
    </dl>
  );
}

export interface WordCardProps extends OpenCard {
  readonly profile: ClassProfile;
  /** Whether the word is in the open list, and the meaning kept there. */
  readonly chosen: boolean;
  readonly keptMeaning: string | undefined;
  readonly onToggle: () => void;
  readonly onKeepMeaning: (definition: string) => void;
  readonly onHide: (hidden: boolean) => void;
  readonly onShow: (shown: boolean) => void;
  readonly onClose: () => void;
}

/** Says that a word is kept from the class for its age, and offers it all the same. */
function KeptBack({ card, profile, onShow }: WordCardProps) {
  const { analysis } = card;
  if (!analysis.known || analysis.from <= offeredAge(profile)) return null;
  const shown = profile.shownWords?.includes(analysis.word) === true;
  return (
    <p className="message message--note mt-3 mb-0">
      {shown
        ? t('words.isUsuallyKeptForAge', {
            word: analysis.word,
            from: analysis.from,
            name: profile.name,
          })
        : t('words.isKeptBackItIs', { word: analysis.word, from: analysis.from })}
      <button type="button" className="btn btn-link p-0" onClick={() => onShow(!shown)}>
        {shown ? t('words.keepItBackAgain') : t('words.offerItToAllThe', { name: profile.name })}
      </button>
    </p>
  );
}

/** Everything about a word, in a teacher's terms. */
export default function WordCard(props: WordCardProps) {
  const { word, card, profile, chosen, onToggle, onClose } = props;
  const { analysis, reach } = card;
  const shape = analysis.known ? analysis : analysis.guess;
  const picture = analysis.known ? analysis.pictures[0] : undefined;
  return (
    <Offcanvas
      show
      onHide={onClose}
      placement="end"
      className="word-card"
      aria-labelledby="word-card-title"
    >
      <Offcanvas.Header closeButton closeLabel={t('words.closeTheWordCard')}>
        <Offcanvas.Title as="h2" id="word-card-title" className="word-card__title">
          <MarkedWord units={card.units} />
          <span className="visually-hidden">{analysis.word}</span>
        </Offcanvas.Title>
        {picture && <Picture picture={picture} size="4.2rem" name="" />}
      </Offcanvas.Header>
      <Offcanvas.Body>
        <div className="word-card__actions">
          <Button variant={chosen ? 'outline-dark' : 'primary'} onClick={onToggle}>
            {chosen ? t('words.takeOutOfTheList') : t('words.keepInTheList')}
          </Button>
          <span>
            <ReachTag reach={reach.reach} />{' '}
            <span className="quiet">{reach.reasons.map((reason) => reason.text).join(' ')}</span>
          </span>
        </div>
        {!analysis.known && <p className="message message--note">{analysis.message}</p>}
        {shape && <Syllables word={word} shape={shape} profile={profile} />}
        {card.graphemes.length > 0 && <Graphemes graphemes={card.graphemes} profile={profile} />}
        <WordMeaning key={`${word} ${props.keptMeaning ?? ''}`} {...props} />
        {analysis.known && <Facts known={analysis} card={card} />}
        {card.why && card.why.conditions.length > 0 && (
          <section aria-label={t('words.whyItIsHere')}>
            <h3 className="h6 mt-3">
              {card.why.here ? t('words.whyItIsHere') : t('words.whyItIsNotAmong')}
            </h3>
            <WhyList why={card.why} />
          </section>
        )}
        <KeptBack {...props} />
        <p className="mt-3 mb-0">
          {profile.hiddenWords.includes(analysis.word) ? (
            <button type="button" className="btn btn-link p-0" onClick={() => props.onHide(false)}>
              {t('words.offerToAgain', { word: analysis.word, name: profile.name })}
            </button>
          ) : (
            <button type="button" className="btn btn-link p-0" onClick={() => props.onHide(true)}>
              {t('words.neverOfferTo', { word: analysis.word, name: profile.name })}
            </button>
          )}
        </p>
        <p className="quiet small mt-2 mb-0">{t('words.picturesNotoEmojiGoogleApache')}</p>
      </Offcanvas.Body>
    </Offcanvas>
  );
}
