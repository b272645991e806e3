import { useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { BsCheck, BsX } from 'react-icons/bs';
import { useNavigate } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { isPatternName, patternTexts } from '~core/languages/en/sounds/patterns';
import type { WhyHere } from '~core/search/find-words';
import type { Pseudoword } from '~core/search/pseudowords';
import { Slot, type SlotOption } from '~/ui/Slot';
import { engine } from '~/workers/engine.client';
import type { SearchAnswer } from '~/workers/engine-service';
import { useAddress } from '~/ui/use-address';
import { writeQuery, type ScreenQuery } from './query';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';
import { coreName } from '~/phrases/core-name';

const sortSlot: readonly SlotOption[] = [
  { value: 'known', label: t('words.knownWordsFirst'), text: t('words.knownWordsFirst') },
  { value: 'frequency', label: t('words.mostFrequentFirst'), text: t('words.mostFrequentFirst') },
  { value: 'alphabet', label: t('words.fromAToZ'), text: t('words.fromAToZ') },
  { value: 'reach', label: t('words.easiestFirst'), text: t('words.easiestFirst') },
  { value: 'spelling', label: t('words.shortestFirst'), text: t('words.shortestFirst') },
];

/** The conditions of the search with whether a word meets each. */
export function WhyList({ why }: { why: WhyHere }) {
  return (
    <ul className="why">
      {why.conditions.map(({ asks, met }) => (
        <li key={asks}>
          {met ? (
            <BsCheck className="why__yes" aria-label={t('words.yes')} role="img" />
          ) : (
            <BsX className="why__no" aria-label={t('words.no')} role="img" />
          )}{' '}
          {asks}
        </li>
      ))}
    </ul>
  );
}

function WhyNot({ profile, query }: { profile: ClassProfile; query: ScreenQuery }) {
  const [word, setWord] = useState('');
  const [why, setWhy] = useState<WhyHere>();
  const ask = async (event: FormEvent) => {
    event.preventDefault();
    if (word.trim() !== '') setWhy(await engine().explain(word, { ...query, class: profile }));
  };
  return (
    <form className="ask" onSubmit={(event) => void ask(event)}>
      <label>
        {t('words.whyIsThisWordHere')}{' '}
        <input
          className="form-control form-control-sm"
          value={word}
          placeholder={t('words.aWord')}
          maxLength={80}
          onChange={(event) => setWord(event.currentTarget.value)}
        />
      </label>
      <Button type="submit" size="sm" variant="outline-dark" disabled={word.trim() === ''}>
        {t('words.ask')}
      </Button>
      {why && (
        <div className="ask__answer" role="status">
          {!why.known ? (
            <p className="mb-0">
              <b>{why.word}</b> {t('words.isNotInTheWord')}
            </p>
          ) : (
            <>
              <p className="mb-1">
                <b>{why.word}</b>{' '}
                {t('words.theWord', { which: why.here ? t('words.isHere') : t('words.isNotHere') })}
              </p>
              <WhyList why={why} />
              {!why.here && why.reach && why.reach.reach !== 'secure' && (
                <p className="mb-0">{why.reach.reasons.map((reason) => reason.text).join(' ')}</p>
              )}
            </>
          )}
        </div>
      )}
    </form>
  );
}

function LikeThese({ profile }: { profile: ClassProfile }) {
  const navigate = useNavigate();
  const [words, setWords] = useState('');
  const [said, setSaid] = useState('');
  const ask = async (event: FormEvent) => {
    event.preventDefault();
    const examples = words
      .split(/[\s,;]+/)
      .filter((word) => word !== '')
      .slice(0, 8);
    const { query, shared, unknown } = await engine().like(examples, profile);
    if (shared.length === 0) {
      setSaid(
        unknown.length > 0
          ? t('words.notInTheWordBank2', { unknown: unknown.join(', ') })
          : t('words.theseWordsShareNoPattern'),
      );
      return;
    }
    setSaid(t('words.they', { shared: shared.join(', ') }));
    void navigate(`/words?${writeQuery(query).toString()}`, { preventScrollReset: true });
  };
  return (
    <form className="ask" onSubmit={(event) => void ask(event)}>
      <label>
        {t('words.wordsLikeThese')}{' '}
        <input
          className="form-control form-control-sm"
          value={words}
          placeholder={t('words.twoOrThreeWords')}
          maxLength={200}
          onChange={(event) => setWords(event.currentTarget.value)}
        />
      </label>
      <Button type="submit" size="sm" variant="outline-dark" disabled={words.trim() === ''}>
        {t('words.findMore')}
      </Button>
      {said && (
        <p className="ask__answer mb-0" role="status">
          {said}
        </p>
      )}
    </form>
  );
}

const madeUpPatterns: readonly SlotOption[] = [
  { value: '', label: t('words.ofAnyPattern'), text: t('words.ofAnyPattern') },
  ...(
    ['CVC', 'CCVC', 'CVCC', 'CVCe', 'vowel-team', 'r-controlled', 'consonant-digraph'] as const
  ).map((value) => ({
    value,
    label: coreName(patternTexts[value]),
    text: coreName(patternTexts[value]),
  })),
];

function MadeUp({ profile, onKeep }: { profile: ClassProfile; onKeep: (words: string) => void }) {
  const [pattern, setPattern] = useState('');
  const [words, setWords] = useState<readonly Pseudoword[]>([]);
  const make = async (chosen: string) => {
    const seed = Math.floor(Math.random() * 1e6);
    setWords(await engine().madeUp(profile, isPatternName(chosen) ? chosen : undefined, seed));
  };
  return (
    <div className="ask">
      <span>
        {t('words.madeUpWordsThatCan', { name: profile.name })}{' '}
        <Slot
          name={t('words.patternOfTheMadeUp')}
          value={pattern}
          options={madeUpPatterns}
          onChoose={(value) => {
            setPattern(value);
            void make(value);
          }}
        />
      </span>
      <Button size="sm" variant="outline-dark" onClick={() => void make(pattern)}>
        {words.length === 0 ? t('words.makeSome') : t('words.makeOthers')}
      </Button>
      <div className="ask__answer" role="status">
        {words.length > 0 && (
          <>
            <p className="made-up learner-text">
              {words.map(({ word }) => (
                <span key={word}>{word}</span>
              ))}
            </p>
            <Button
              size="sm"
              variant="outline-dark"
              onClick={() => onKeep(words.map(({ word }) => word).join('\n'))}
            >
              {t('words.keepThemInTheList')}
            </Button>
          </>
        )}
      </div>
    </div>
  );
}

export interface ToolbarProps {
  /** Keeps words, one a line, in the open list. */
  readonly onKeep: (words: string) => void;
  readonly profile: ClassProfile;
  readonly query: ScreenQuery;
  readonly found: SearchAnswer;
  /** How many of the answers are here; fewer than the total where the rest was not asked for. */
  readonly here: number;
}

/** The count, the order, and two questions: what is like these words, and why is a word here or not. */
export function Toolbar({ profile, query, found, here, onKeep }: ToolbarProps) {
  const { change } = useAddress();
  const [asking, setAsking] = useState<'like' | 'why' | 'made-up'>();
  const set = (name: string, value: string) => change((next) => next.set(name, value));
  const toggle = (which: 'like' | 'why' | 'made-up') =>
    setAsking(asking === which ? undefined : which);
  return (
    <div className="toolbar-words">
      <p className="toolbar-words__count" role="status">
        <b>{found.total.toLocaleString(locale)}</b> {t('words.word2', { count: found.total })}
        {here < found.total && (
          <>
            {t('words.theFirstHere', { here: here.toLocaleString(locale) })}{' '}
            <button type="button" className="btn btn-link p-0" onClick={() => set('all', '1')}>
              {t('words.showAll')}
            </button>
          </>
        )}
        ,{' '}
        <Slot
          name={t('words.order')}
          value={query.sort ?? 'known'}
          options={sortSlot}
          onChoose={(value) => set('sort', value)}
        />
      </p>
      <span className="toolbar-words__asks">
        <button
          type="button"
          className="btn btn-sm btn-link"
          aria-expanded={asking === 'like'}
          onClick={() => toggle('like')}
        >
          {t('words.wordsLikeThese2')}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-link"
          aria-expanded={asking === 'why'}
          onClick={() => toggle('why')}
        >
          {t('words.whyIsAWordNot')}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-link"
          aria-expanded={asking === 'made-up'}
          onClick={() => toggle('made-up')}
        >
          {t('words.madeUpWords')}
        </button>
      </span>
      {asking === 'like' && <LikeThese profile={profile} />}
      {asking === 'why' && <WhyNot profile={profile} query={query} />}
      {asking === 'made-up' && <MadeUp profile={profile} onKeep={onKeep} />}
    </div>
  );
}
