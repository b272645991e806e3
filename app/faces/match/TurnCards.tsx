import { useEffect, useState } from 'react';
import { BsStar, BsStarFill, BsVolumeUp } from 'react-icons/bs';
import { usePhrases } from '../kit/use-phrases';
import { HearSide, Side, type WayProps } from './card-kit';
import { useQueue } from './use-queue';

/** The front is seen, the back is said, the card is turned, and the learner says whether she knew it. */
export function TurnCards(props: WayProps) {
  const { deck, picture, hear, onRecall, onEnd, hard, onHard } = props;
  const says = usePhrases();
  const { card, left, late, next } = useQueue(deck);
  const [turned, setTurned] = useState(false);
  const [said, setSaid] = useState('');
  useEffect(() => {
    if (left === 0) onEnd();
  }, [left, onEnd]);
  if (card === undefined) return null;
  const went = (known: boolean) => {
    onRecall([card.id, known ? (late ? 'hard' : 'good') : 'again']);
    setSaid(known ? '' : says.comesAgain);
    setTurned(false);
    next(known);
  };
  const isHard = hard.includes(card.id);
  return (
    <>
      <div className={`play-card${turned ? ' play-card--turned' : ''}`} aria-live="polite">
        <Side side={card.front} picture={picture} />
        {turned && (
          <>
            <hr />
            <Side side={card.back} picture={picture} />
            <HearSide side={card.back} hear={hear} />
          </>
        )}
      </div>
      <div className="play__foot">
        {!turned ? (
          <button
            type="button"
            className="play-button play-button--main"
            onClick={() => setTurned(true)}
          >
            {says.turnCard}
          </button>
        ) : (
          <>
            <button
              type="button"
              className="play-button play-button--main"
              onClick={() => went(true)}
            >
              {says.knew}
            </button>
            <button type="button" className="play-button" onClick={() => went(false)}>
              {says.notYet}
            </button>
          </>
        )}
        {hear && (
          <button type="button" className="play-button" onClick={() => hear(card.id)}>
            <BsVolumeUp aria-hidden="true" /> {says.hear}
          </button>
        )}
        <button
          type="button"
          className="play-button"
          aria-pressed={isHard}
          onClick={() => onHard(card.id)}
        >
          {isHard ? <BsStarFill aria-hidden="true" /> : <BsStar aria-hidden="true" />} {says.hard}
        </button>
      </div>
      <p role="status" className="quiet">
        {said}
      </p>
    </>
  );
}
