import { useEffect, useRef, useState } from 'react';
import { BsCheckLg, BsVolumeUp } from 'react-icons/bs';
import { isTyped } from '~core/practice/cards';
import { usePhrases } from '../kit/use-phrases';
import { useSigns } from '../kit/SignsBar';
import { Side, type WayProps } from './card-kit';
import { useQueue } from './use-queue';

/** The back is typed; or the word is heard, and spelt. What was not right stands beside the card, and it comes again. */
export function TypeCards({ heard = false, ...props }: WayProps & { readonly heard?: boolean }) {
  const { deck, picture, hear, onRecall, onEnd } = props;
  const says = usePhrases();
  const { card, left, late, next } = useQueue(deck);
  const { bar, onFocus } = useSigns(props.signs);
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState('');
  const [said, setSaid] = useState('');
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (left === 0) onEnd();
  }, [left, onEnd]);
  if (card === undefined) return null;
  // What is heard is the word itself, whichever side it stands on.
  const sought = heard ? { id: card.id, text: card.word } : card.back;
  const seen = wrong !== '';
  const check = () => {
    const known = isTyped(typed, sought);
    if (known) {
      onRecall([card.id, late ? 'hard' : 'good']);
      setSaid(`${says.right}: ${sought.text}`);
      setTyped('');
      next(true);
    } else {
      onRecall([card.id, 'again']);
      setWrong(typed.trim() || '–');
      setSaid(says.comesAgain);
    }
    field.current?.focus();
  };
  return (
    <>
      <div className={`play-card${seen ? ' play-card--turned' : ''}`} aria-live="polite">
        {heard ? (
          <button
            type="button"
            className="play-button play-button--main"
            onClick={() => hear?.(card.id)}
          >
            <BsVolumeUp aria-hidden="true" /> {says.hear}
          </button>
        ) : (
          <Side side={card.front} picture={picture} />
        )}
        {seen && (
          <>
            <hr />
            <s>{wrong}</s>
            <Side side={sought} picture={picture} />
          </>
        )}
      </div>
      {bar}
      <form
        className="play__foot"
        onFocus={onFocus}
        onSubmit={(event) => {
          event.preventDefault();
          if (!seen) check();
          else {
            setWrong('');
            setTyped('');
            next(false);
            field.current?.focus();
          }
        }}
      >
        <input
          ref={field}
          type="text"
          className="play-write"
          aria-label={says.otherSideIs}
          autoCapitalize="off"
          autoComplete="off"
          autoCorrect="off"
          spellCheck={false}
          maxLength={300}
          readOnly={seen}
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
        />
        <button type="submit" className="play-button play-button--main">
          {seen ? (
            says.next
          ) : (
            <>
              <BsCheckLg aria-hidden="true" /> {says.check}
            </>
          )}
        </button>
      </form>
      <p role="status" className="quiet">
        {said}
      </p>
    </>
  );
}
