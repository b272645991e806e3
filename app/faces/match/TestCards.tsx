import { useState } from 'react';
import { isTyped } from '~core/practice/cards';
import { withNumbers } from '~core/practice/phrases';
import { usePhrases } from '../kit/use-phrases';
import { useSigns } from '../kit/SignsBar';
import { Side, type WayProps } from './card-kit';

/** All cards at once, each typed, and marked together at the end. */
export function TestCards({ deck, picture, onRecall, signs }: WayProps) {
  const says = usePhrases();
  const [written, setWritten] = useState<Readonly<Record<string, string>>>({});
  const [marked, setMarked] = useState(false);
  const { bar, onFocus } = useSigns(signs);
  const right = deck.filter(({ id, back }) => isTyped(written[id] ?? '', back));
  return (
    <form
      onFocus={onFocus}
      onSubmit={(event) => {
        event.preventDefault();
        onRecall(
          ...deck.map(
            ({ id }) => [id, right.some((each) => each.id === id) ? 'good' : 'again'] as const,
          ),
        );
        setMarked(true);
      }}
    >
      {bar}
      <ol className="play-test">
        {deck.map(({ id, front, back }, index) => (
          <li key={id}>
            <Side side={front} picture={picture} />
            <input
              type="text"
              className="play-write"
              aria-label={`${index + 1}: ${says.otherSideIs}`}
              autoCapitalize="off"
              autoComplete="off"
              spellCheck={false}
              maxLength={300}
              readOnly={marked}
              value={written[id] ?? ''}
              onChange={(event) => setWritten({ ...written, [id]: event.currentTarget.value })}
            />
            {marked && (
              <span className={right.some((each) => each.id === id) ? 'play-said--right' : ''}>
                {right.some((each) => each.id === id) ? says.right : back.text}
              </span>
            )}
          </li>
        ))}
      </ol>
      <p role="status" className="play__score">
        {marked && withNumbers(says.score, { n: right.length, of: deck.length })}
      </p>
      {marked ? (
        <button
          type="button"
          className="play-button"
          onClick={() => {
            setWritten({});
            setMarked(false);
          }}
        >
          {says.beginAgain}
        </button>
      ) : (
        <button type="submit" className="play-button play-button--main">
          {says.done}
        </button>
      )}
    </form>
  );
}
