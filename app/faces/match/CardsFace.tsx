import { useState } from 'react';
import { BsArrowRepeat } from 'react-icons/bs';
import type {
  MatchPair,
  MatchResponse,
  MatchSide,
  MatchTask,
} from '~core/exercises/interactions/match/task';
import type { FaceProps } from '../kit/face-props';

type Props = FaceProps<MatchTask, MatchResponse>;

/** How the cards are gone through. */
type Way = 'turn' | 'type';

const tidy = (text: string) => text.trim().replace(/\s+/g, ' ').toLowerCase();

function Side({ side, picture }: { side: MatchSide | undefined; picture: Props['picture'] }) {
  if (side === undefined) return null;
  return side.picture === undefined ? (
    <span>{side.text}</span>
  ) : (
    <img className="play-card__picture" src={picture(side.picture)} alt={side.text} />
  );
}

/**
 * Cards one after the other: the front is seen, the back is said or typed, and the card turned. A
 * card that was not known comes again, until each has been known once.
 */
export function CardsFace({ task, response, onResponse, locked, picture }: Props) {
  const [queue, setQueue] = useState<readonly string[]>(() =>
    task.pairs.map(({ id }) => id).filter((id) => response[id] === undefined),
  );
  const [turned, setTurned] = useState(false);
  const [swapped, setSwapped] = useState(false);
  const [way, setWay] = useState<Way>('turn');
  const [typed, setTyped] = useState('');
  const [said, setSaid] = useState('');
  const [at, ...rest] = queue;
  const pair: MatchPair | undefined = task.pairs.find(({ id }) => id === at);
  const known = task.pairs.length - queue.length;
  const next = (knew: boolean) => {
    if (pair === undefined) return;
    setTurned(false);
    setTyped('');
    if (knew) {
      onResponse({ ...response, [pair.id]: pair.partner });
      setQueue(rest);
      setSaid('');
    } else {
      setQueue([...rest, pair.id]);
      setSaid('It comes again.');
    }
  };
  if (pair === undefined || locked) {
    return (
      <div className="play-card play-card--done" role="status">
        <p>All {task.pairs.length} cards are known.</p>
        <button
          type="button"
          className="play-button"
          onClick={() => {
            onResponse({});
            setQueue(task.pairs.map(({ id }) => id));
          }}
        >
          Go through them again
        </button>
      </div>
    );
  }
  const right = task.rights.find(({ id }) => id === pair.partner);
  const [front, back] = swapped ? [right, pair.left] : [pair.left, right];
  const canType = back?.picture === undefined;
  return (
    <div className="play-cards">
      <div className="play-cards__ways" role="group" aria-label="How to go through the cards">
        <button
          type="button"
          className="play-button"
          aria-pressed={way === 'turn'}
          onClick={() => setWay('turn')}
        >
          Turn
        </button>
        <button
          type="button"
          className="play-button"
          aria-pressed={way === 'type'}
          disabled={!canType}
          onClick={() => setWay('type')}
        >
          Type
        </button>
        <button
          type="button"
          className="play-button"
          aria-pressed={swapped}
          onClick={() => {
            setSwapped(!swapped);
            setTurned(false);
          }}
        >
          <BsArrowRepeat aria-hidden="true" /> Other side first
        </button>
      </div>
      <div className={`play-card${turned ? ' play-card--turned' : ''}`} aria-live="polite">
        <Side side={front} picture={picture} />
        {turned && (
          <>
            <hr />
            <Side side={back} picture={picture} />
          </>
        )}
      </div>
      {way === 'type' && canType && !turned ? (
        <form
          className="play__foot"
          onSubmit={(event) => {
            event.preventDefault();
            const knew = tidy(typed) === tidy(back?.text ?? '');
            if (knew) next(true);
            else {
              setSaid(`You wrote ${typed.trim() || 'nothing'}. Compare it with the card.`);
              setTurned(true);
            }
          }}
        >
          <input
            className="play-write"
            aria-label="What stands on the other side"
            autoCapitalize="off"
            autoComplete="off"
            spellCheck={false}
            maxLength={300}
            value={typed}
            onChange={(event) => setTyped(event.currentTarget.value)}
          />
          <button type="submit" className="play-button play-button--main">
            Check the card
          </button>
        </form>
      ) : (
        <div className="play__foot">
          {!turned && (
            <button
              type="button"
              className="play-button play-button--main"
              onClick={() => setTurned(true)}
            >
              Turn the card
            </button>
          )}
          {turned && way === 'turn' && (
            <button
              type="button"
              className="play-button play-button--main"
              onClick={() => next(true)}
            >
              I knew it
            </button>
          )}
          {turned && (
            <button type="button" className="play-button" onClick={() => next(false)}>
              Not yet
            </button>
          )}
        </div>
      )}
      <p role="status" className="quiet">
        {known} of {task.pairs.length} known. {said}
      </p>
    </div>
  );
}
