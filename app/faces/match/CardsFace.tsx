import { useCallback, useMemo, useState } from 'react';
import { BsArrowRepeat } from 'react-icons/bs';
import type { MatchResponse, MatchTask } from '~core/exercises/interactions/match/task';
import { signsOf } from '~core/practice/behaviour';
import { cardsOf, type AskedCard } from '~core/practice/cards';
import { withNumbers, type Phrases } from '~core/practice/phrases';
import { dueCards, reviewCard } from '~core/practice/spaced';
import type { FaceProps } from '../kit/face-props';
import type { CardProgress } from '../progress';
import { usePhrases } from '../kit/use-phrases';
import { ChooseCards } from './ChooseCards';
import type { WayProps } from './card-kit';
import { PairCards } from './PairCards';
import { TestCards } from './TestCards';
import { TurnCards } from './TurnCards';
import { TypeCards } from './TypeCards';

type Props = FaceProps<MatchTask, MatchResponse>;

/** How the cards are gone through. */
const ways = ['turn', 'type', 'choose', 'spell', 'pairs', 'race', 'quickTest'] as const;
type Way = (typeof ways)[number];

/** Which cards are gone through. */
type Some = 'all' | 'due' | 'hard';

const minutes = () => Math.floor(Date.now() / 60_000);

/** The ways that fit the cards: a picture cannot be typed, and nothing is spelt where nothing is heard. */
function waysFor(cards: readonly AskedCard[], hears: boolean): readonly Way[] {
  const typed = cards.every(({ back }) => back.picture === undefined);
  return ways.filter((way) => {
    if (way === 'type' || way === 'quickTest') return typed;
    if (way === 'spell') return hears;
    if (way === 'choose' || way === 'race' || way === 'pairs') return cards.length > 1;
    return true;
  });
}

function Cards({ way, ...props }: WayProps & { readonly way: Way }) {
  switch (way) {
    case 'turn':
      return <TurnCards {...props} />;
    case 'type':
      return <TypeCards {...props} />;
    case 'spell':
      return <TypeCards {...props} heard />;
    case 'choose':
      return <ChooseCards {...props} />;
    case 'race':
      return <ChooseCards {...props} race />;
    case 'pairs':
      return <PairCards {...props} />;
    case 'quickTest':
      return <TestCards {...props} />;
  }
}

const name = (way: Way, says: Phrases) => says[way];

/**
 * A set of cards, gone through in the way the learner chooses. What is known is kept, what was hard
 * comes again sooner, and each card has its own day on which it is to be seen next.
 */
export function CardsFace(props: Props) {
  const { task, response, picture, hear, cards: kept, onCards } = props;
  const says = usePhrases();
  const [swapped, setSwapped] = useState(false);
  const [way, setWay] = useState<Way>('turn');
  const [some, setSome] = useState<Some>('all');
  const [turn, setTurn] = useState(0);
  const [ended, setEnded] = useState(false);
  const states = useMemo(() => kept?.states ?? {}, [kept]);
  const hard = kept?.hard ?? [];
  const all = useMemo(() => cardsOf(task, swapped), [task, swapped]);
  const ids = all.map(({ id }) => id);
  const due = dueCards(ids, states, minutes());
  const seen = Object.keys(states).length > 0;
  // The deck of a round stands still while it is gone through.
  const deck = useMemo(
    () => {
      if (some === 'hard') return all.filter(({ id }) => hard.includes(id));
      return some === 'due' ? all.filter(({ id }) => due.includes(id)) : all;
    },
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [all, some, turn],
  );
  // What is spelt is the word, whichever side it stands on.
  const typed =
    way === 'spell'
      ? task.pairs[0]?.left.language
      : all.find(({ back }) => back.language)?.back.language;
  const signs = typed === undefined ? props.signs : signsOf(typed);
  const able = waysFor(all, hear !== undefined);
  const anew = () => {
    setEnded(false);
    setTurn(turn + 1);
  };
  const keep = (next: Partial<CardProgress>, known = response) =>
    onCards?.({ states, hard, ...kept, ...next }, known);
  const recall: WayProps['onRecall'] = (...went) => {
    const at = minutes();
    const now = { ...states };
    const known = { ...response };
    for (const [id, how] of went) {
      const pair = task.pairs.find((each) => each.id === id);
      if (pair === undefined) continue;
      now[id] = reviewCard(now[id], how, at);
      if (how !== 'again') known[id] ??= pair.partner;
    }
    keep({ states: now }, known);
  };
  const end = useCallback(() => setEnded(true), []);
  const known = task.pairs.filter(({ id }) => response[id] !== undefined).length;
  return (
    <div className="play-cards">
      <div className="play-cards__ways" role="group" aria-label={says.allCards}>
        {able.map((each) => (
          <button
            key={each}
            type="button"
            className="play-button"
            aria-pressed={way === each}
            onClick={() => {
              setWay(each);
              anew();
            }}
          >
            {name(each, says)}
          </button>
        ))}
      </div>
      <div className="play-cards__ways play-cards__ways--some">
        <button
          type="button"
          className="play-link"
          aria-pressed={swapped}
          onClick={() => {
            setSwapped(!swapped);
            anew();
          }}
        >
          <BsArrowRepeat aria-hidden="true" /> {says.otherSide}
        </button>
        {(seen || hard.length > 0) && (
          <select
            className="play-select"
            aria-label={says.allCards}
            value={some}
            onChange={(event) => {
              setSome(event.currentTarget.value as Some);
              anew();
            }}
          >
            <option value="all">
              {says.allCards}: {all.length}
            </option>
            {seen && <option value="due">{withNumbers(says.due, { n: due.length })}</option>}
            {hard.length > 0 && (
              <option value="hard">
                {says.onlyHard}: {hard.length}
              </option>
            )}
          </select>
        )}
      </div>
      {deck.length === 0 ? (
        <div className="play-card play-card--done" role="status">
          <p>{says.nothingDue}</p>
        </div>
      ) : ended ? (
        <div className="play-card play-card--done" role="status">
          <p>
            {known === all.length
              ? says.allKnown
              : withNumbers(says.known, { n: known, of: all.length })}
          </p>
          {way === 'race' && kept?.best !== undefined && (
            <p>{withNumbers(says.best, { n: kept.best })}</p>
          )}
          <button type="button" className="play-button" onClick={anew}>
            {says.throughAgain}
          </button>
        </div>
      ) : (
        <Cards
          key={`${way} ${some} ${String(swapped)} ${turn}`}
          way={way}
          deck={deck}
          all={all}
          picture={picture}
          hear={hear}
          onRecall={recall}
          onEnd={end}
          best={kept?.best}
          onBest={(seconds) => keep({ best: Math.min(seconds, kept?.best ?? seconds) })}
          hard={hard}
          signs={signs}
          onHard={(id) =>
            keep({ hard: hard.includes(id) ? hard.filter((each) => each !== id) : [...hard, id] })
          }
        />
      )}
      <p className="quiet">{withNumbers(says.known, { n: known, of: all.length })}</p>
    </div>
  );
}
