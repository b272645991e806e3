import { useEffect, useMemo, useState } from 'react';
import { choicesFor } from '~core/practice/cards';
import { Random } from '~core/kernel/random';
import { clockSays } from '../Clock';
import { withNumbers } from '~core/practice/phrases';
import { usePhrases } from '../kit/use-phrases';
import { Side, type WayProps } from './card-kit';
import { useQueue } from './use-queue';

/** The back is chosen of four; against the clock, the time that all take is kept. */
export function ChooseCards({ race = false, ...props }: WayProps & { readonly race?: boolean }) {
  const { deck, all, picture, onRecall, onEnd, onBest, best } = props;
  const says = usePhrases();
  const { card, left, late, next } = useQueue(deck);
  const [wrong, setWrong] = useState<string>();
  const [said, setSaid] = useState('');
  const [started] = useState(() => Date.now());
  const [now, setNow] = useState(started);
  useEffect(() => {
    if (!race) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [race]);
  useEffect(() => {
    if (left > 0) return;
    if (race) onBest?.(Math.max(1, Math.round((Date.now() - started) / 1000)));
    onEnd();
  }, [left, race, started, onBest, onEnd]);
  const options = useMemo(
    () => (card ? choicesFor(card, all, new Random(card.id.length * 31 + left)) : []),
    [card, all, left],
  );
  if (card === undefined) return null;
  const choose = (id: string) => {
    const known = id === card.back.id;
    if (!race || known) onRecall([card.id, known ? (late ? 'hard' : 'good') : 'again']);
    setWrong(known ? undefined : id);
    setSaid(known ? says.right : says.lookAgain);
    if (known) next(true);
  };
  return (
    <>
      {race && (
        <p className="play-clock" role="timer">
          {clockSays(now - started)}
          {best !== undefined && (
            <span className="quiet"> · {withNumbers(says.best, { n: best })}</span>
          )}
        </p>
      )}
      <div className="play-card">
        <Side side={card.front} picture={picture} />
      </div>
      <div className="play-options" role="group" aria-label={says.otherSideIs}>
        {options.map((side) => (
          <button
            key={side.id}
            type="button"
            className={`play-option play-option--button${wrong === side.id ? ' play-option--wrong' : ''}`}
            onClick={() => choose(side.id)}
          >
            <Side side={side} picture={picture} />
          </button>
        ))}
      </div>
      <p role="status" className="quiet">
        {said}
      </p>
    </>
  );
}
