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

const sortSlot: readonly SlotOption[] = [
  { value: 'known', label: 'known words first', text: 'known words first' },
  { value: 'frequency', label: 'most frequent first', text: 'most frequent first' },
  { value: 'alphabet', label: 'from a to z', text: 'from a to z' },
  { value: 'reach', label: 'easiest first', text: 'easiest first' },
  { value: 'spelling', label: 'shortest first', text: 'shortest first' },
];

/** The conditions of the search with whether a word meets each. */
export function WhyList({ why }: { why: WhyHere }) {
  return (
    <ul className="why">
      {why.conditions.map(({ asks, met }) => (
        <li key={asks}>
          {met ? (
            <BsCheck className="why__yes" aria-label="yes" role="img" />
          ) : (
            <BsX className="why__no" aria-label="no" role="img" />
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
        Why is this word here, or not?{' '}
        <input
          className="form-control form-control-sm"
          value={word}
          placeholder="a word"
          maxLength={80}
          onChange={(event) => setWord(event.currentTarget.value)}
        />
      </label>
      <Button type="submit" size="sm" variant="outline-dark" disabled={word.trim() === ''}>
        Ask
      </Button>
      {why && (
        <div className="ask__answer" role="status">
          {!why.known ? (
            <p className="mb-0">
              <b>{why.word}</b> is not in the word bank. It can still be added to a list by hand.
            </p>
          ) : (
            <>
              <p className="mb-1">
                <b>{why.word}</b> {why.here ? 'is here' : 'is not here'}. The word:
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
          ? `Not in the word bank: ${unknown.join(', ')}. Try other examples.`
          : 'These words share no pattern that could be searched for. Try others.',
      );
      return;
    }
    setSaid(`They ${shared.join(', ')}.`);
    void navigate(`/words?${writeQuery(query).toString()}`, { preventScrollReset: true });
  };
  return (
    <form className="ask" onSubmit={(event) => void ask(event)}>
      <label>
        Words like these{' '}
        <input
          className="form-control form-control-sm"
          value={words}
          placeholder="two or three words"
          maxLength={200}
          onChange={(event) => setWords(event.currentTarget.value)}
        />
      </label>
      <Button type="submit" size="sm" variant="outline-dark" disabled={words.trim() === ''}>
        Find more
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
  { value: '', label: 'of any pattern', text: 'of any pattern' },
  ...(
    ['CVC', 'CCVC', 'CVCC', 'CVCe', 'vowel-team', 'r-controlled', 'consonant-digraph'] as const
  ).map((value) => ({ value, label: patternTexts[value], text: patternTexts[value] })),
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
        Made-up words that {profile.name} can sound out and cannot know,{' '}
        <Slot
          name="Pattern of the made-up words"
          value={pattern}
          options={madeUpPatterns}
          onChoose={(value) => {
            setPattern(value);
            void make(value);
          }}
        />
      </span>
      <Button size="sm" variant="outline-dark" onClick={() => void make(pattern)}>
        {words.length === 0 ? 'Make some' : 'Make others'}
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
              Keep them in the list
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
        <b>{found.total.toLocaleString('en')}</b> {found.total === 1 ? 'word' : 'words'}
        {here < found.total && (
          <>
            , the first {here.toLocaleString('en')} here{' '}
            <button type="button" className="btn btn-link p-0" onClick={() => set('all', '1')}>
              Show all
            </button>
          </>
        )}
        ,{' '}
        <Slot
          name="Order"
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
          Words like these …
        </button>
        <button
          type="button"
          className="btn btn-sm btn-link"
          aria-expanded={asking === 'why'}
          onClick={() => toggle('why')}
        >
          Why is a word not here?
        </button>
        <button
          type="button"
          className="btn btn-sm btn-link"
          aria-expanded={asking === 'made-up'}
          onClick={() => toggle('made-up')}
        >
          Made-up words …
        </button>
      </span>
      {asking === 'like' && <LikeThese profile={profile} />}
      {asking === 'why' && <WhyNot profile={profile} query={query} />}
      {asking === 'made-up' && <MadeUp profile={profile} onKeep={onKeep} />}
    </div>
  );
}
