import { useState } from 'react';
import { BID } from '~core/board/auction';
import { WORD_LENGTH, type GameMove } from '~core/room/games/rules';
import { roomGames, type GameView } from '~core/room/games/table';
import { PathSquares, Rope, TeamSign, VaneField } from '~/board/GameDrawings';
import { pictureAddress } from '~/ui/Picture';

const PICTURE = 'picture: ';

/** What is asked, or stands on a card: words or a picture. */
function Face({ text }: { text: string }) {
  return text.startsWith(PICTURE) ? (
    <img src={pictureAddress(text.slice(PICTURE.length), 'colour')} alt="drawn, without words" />
  ) : (
    <span>{text}</span>
  );
}

/** Whose turn it is, as she reads it. */
type Turn = Pick<GameView, 'partner'> & { readonly mine: boolean };

const choosing = (mine: boolean, partner: string, what: string) =>
  mine ? `Choose ${what}.` : `${partner} chooses ${what}.`;

const aboutTask = ({ mine, partner }: Turn) =>
  mine ? `Say the answer to ${partner}.` : `${partner} answers. You have the answer: is it right?`;

function aboutLot({ lot, you }: GameView, { mine, partner }: Turn): string {
  if (!lot) return '';
  if (lot.settled) return lot.settled.right ? 'The sentence is right.' : 'The sentence is wrong.';
  const bid = lot.bid
    ? `${lot.bid.team === you ? 'You bid' : `${partner} bids`} ${lot.bid.coins}. `
    : '';
  return bid + (mine ? 'Is it right? Bid, or leave it.' : `${partner} thinks about it.`);
}

/** Who does what now, in one line. */
function saysNow(view: GameView): string {
  const { you, partner, turn, over, question, task, path, squares, cards, lot } = view;
  const mine = turn === you;
  const now = { mine, partner };
  if (over === 'both') return 'It is over, and both are even.';
  if (over !== undefined) return over === you ? 'You have won.' : `${partner} has won.`;
  if (lot) return aboutLot(view, now);
  if (question !== undefined) return aboutTask(now);
  if (cards) return choosing(mine, partner, 'a card');
  if (squares) return choosing(mine, partner, 'a square');
  if (task) return mine ? 'Do it.' : `${partner} does it. Is it done?`;
  if (view.letters) return mine ? 'What is the word?' : `${partner} thinks of the word.`;
  if (path) return mine ? 'Throw the die.' : `${partner} throws the die.`;
  if (view.kind === 'describe') {
    return mine
      ? `Describe it to ${partner}. Do not say what stands here.`
      : `${partner} describes a word. Say what it is.`;
  }
  if (view.vane) return mine ? 'Turn the vane.' : `${partner} turns the vane.`;
  return mine ? 'Throw the dice.' : `${partner} throws the dice.`;
}

interface Act {
  readonly name: string;
  readonly move: GameMove;
  readonly main?: boolean;
}

/** What can be done now with a button. */
function actsOf(view: GameView): readonly Act[] {
  const { you, turn, over, judges, task, lot, path, kind } = view;
  if (over !== undefined) return [];
  if (judges || view.describe) {
    const names = task
      ? ['Done', 'Not yet']
      : view.describe
        ? ['Found', 'Give it up']
        : ['Right', 'Not yet'];
    return [
      { name: names[0] ?? '', move: { said: true }, main: true },
      { name: names[1] ?? '', move: { said: false } },
    ];
  }
  if (lot?.settled) return [{ name: 'Next sentence', move: { does: 'next' }, main: true }];
  if (turn !== you) return [];
  if (lot) {
    const bid = (lot.bid?.coins ?? 0) + BID;
    return [
      ...(lot.raises ? [{ name: `Bid ${bid}`, move: { does: 'raise' } as const, main: true }] : []),
      { name: lot.bid ? 'No more' : 'Leave it', move: { does: 'pass' } },
    ];
  }
  if (view.guesses) return [{ name: 'I do not know it', move: { does: 'pass' } }];
  if (path && path.thrown === undefined)
    return [{ name: 'Throw', move: { does: 'throw' }, main: true }];
  if ((kind === 'vane' || kind === 'dice') && !task) {
    return [{ name: kind === 'vane' ? 'Turn it' : 'Throw', move: { does: 'throw' }, main: true }];
  }
  return [];
}

/** The hidden word as far as it is open, and where it may be written. */
function Letters({ view, move }: { view: GameView; move: (move: GameMove) => void }) {
  const { letters = [], guesses, found, you, partner } = view;
  const [word, setWord] = useState('');
  const by = found?.by === undefined ? 'nobody' : found.by === you ? 'you' : partner;
  return (
    <>
      {letters.length > 0 && (
        <p className="room-game__letters learner-text">
          {letters.map((letter, at) => (
            <span key={at} className={letter === null ? 'room-game__covered' : undefined}>
              {letter ?? <span className="visually-hidden">covered</span>}
            </span>
          ))}
        </p>
      )}
      {guesses && (
        <form
          className="room-game__guess"
          onSubmit={(event) => {
            event.preventDefault();
            if (word.trim() !== '') move({ word: word.trim() });
          }}
        >
          <label>
            The word is
            <input
              className="form-control learner-text"
              autoComplete="off"
              maxLength={WORD_LENGTH}
              value={word}
              onChange={(event) => setWord(event.currentTarget.value)}
            />
          </label>
          <button
            type="submit"
            className="play-button play-button--main"
            disabled={word.trim() === ''}
          >
            Say it
          </button>
        </form>
      )}
      {found && (
        <p className="quiet mb-0">
          The last word was <b className="learner-text">{found.word}</b>: found by {by}.
        </p>
      )}
    </>
  );
}

/** A sentence under the hammer, and what became of it. */
function Lot({ lot }: { lot: NonNullable<GameView['lot']> }) {
  return (
    <div className="room-game__task">
      <p className="quiet room-game__number">
        Sentence {lot.number} of {lot.of}
      </p>
      <p className="learner-text">{lot.sentence}</p>
      {lot.settled && lot.settled.says !== '' && (
        <p className="room-game__says learner-text">{lot.settled.says}</p>
      )}
    </div>
  );
}

/** Squares in which lines are made. */
function Squares({ view, move }: { view: GameView; move: (move: GameMove) => void }) {
  const { squares = [], columns = 3, line, you, partner, turn, over } = view;
  const mine = over === undefined && turn === you;
  return (
    <div className="room-game__grid" style={{ gridTemplateColumns: `repeat(${columns}, 1fr)` }}>
      {squares.map((team, at) => (
        <button
          key={at}
          type="button"
          className={`room-game__square${line?.includes(at) ? ' room-game__square--line' : ''}`}
          disabled={!mine || team !== null}
          aria-label={`Square ${at + 1}${team === null ? '' : team === you ? ': yours' : `: ${partner}’s`}`}
          onClick={() => move({ at })}
        >
          {team !== null && <TeamSign team={team} />}
        </button>
      ))}
    </div>
  );
}

/** Cards that lie face down. */
function Cards({ view, move }: { view: GameView; move: (move: GameMove) => void }) {
  const { cards = [], you, partner, turn, over } = view;
  const mine = over === undefined && turn === you;
  return (
    <div className="room-game__cards">
      {cards.map(({ text, of }, at) => (
        <button
          key={at}
          type="button"
          className={`room-game__card${text === undefined ? ' room-game__card--closed' : ''}${of === undefined ? '' : ' room-game__card--taken'}`}
          disabled={!mine || text !== undefined}
          aria-label={
            text === undefined
              ? `Card ${at + 1}, closed`
              : `Card ${at + 1}: ${text.replace(PICTURE, 'a picture')}${of === undefined ? '' : of === you ? ', yours' : `, ${partner}’s`}`
          }
          onClick={() => move({ at })}
        >
          {text !== undefined && <Face text={text} />}
          {of !== undefined && <TeamSign team={of} size={22} />}
        </button>
      ))}
    </div>
  );
}

/** A game with a partner: each on a screen of her own, each sees what she may. */
export function GameFace({
  view,
  moves,
  onMoves,
}: {
  view: GameView;
  /** All that she has done so far. */
  moves: readonly GameMove[];
  onMoves: (moves: readonly GameMove[]) => void;
}) {
  const { you, partner, question, answer, squares, cards, task, describe, lot, path } = view;
  const move = (next: GameMove) => onMoves([...moves, next]);
  const [yours, theirs] = you === 0 ? view.standing : [...view.standing].reverse();
  const acts = actsOf(view);
  return (
    <section
      className="card-paper room-game"
      aria-label={`${roomGames[view.kind].name} with ${partner}`}
    >
      <header className="room-game__head">
        <TeamSign team={you} size={34} /> <strong>You {yours}</strong>
        <span className="room-game__gap" />
        <strong>
          {partner} {theirs}
        </strong>{' '}
        <TeamSign team={you === 0 ? 1 : 0} size={34} />
      </header>
      <p className="room-game__now" role="status">
        {saysNow(view)}
      </p>
      {view.knot !== undefined && <Rope knot={view.knot} />}
      {path && (
        <>
          <PathSquares places={path.places} />
          {path.thrown !== undefined && <p className="room-game__thrown">{path.thrown}</p>}
        </>
      )}
      {view.vane && (
        <VaneField
          words={view.vane.words}
          turned={view.vane.turned}
          lit={view.vane.at === undefined ? undefined : view.vane.words[view.vane.at]}
        />
      )}
      {(view.letters ?? view.found) && <Letters key={view.found?.word} view={view} move={move} />}
      {task && (
        <div className="room-game__task">
          <p className="learner-text">{task.word}</p>
          <p className="room-game__says">{task.does}</p>
        </div>
      )}
      {describe && (
        <div className="room-game__task">
          <p className="learner-text">{describe.text}</p>
          <p className="room-game__says">
            Do not say: <span className="learner-text">{describe.avoid.join(', ')}</span>
          </p>
        </div>
      )}
      {lot && <Lot lot={lot} />}
      {question !== undefined && (
        <div className="room-game__task">
          <p className="learner-text">
            <Face text={question} />
          </p>
          {answer !== undefined && <p className="room-game__answer learner-text">{answer}</p>}
        </div>
      )}
      {acts.length > 0 && (
        <div className="room-options room-options--row">
          {acts.map(({ name, move: next, main }) => (
            <button
              key={name}
              type="button"
              className={`play-button${main ? ' play-button--main' : ''}`}
              onClick={() => move(next)}
            >
              {name}
            </button>
          ))}
        </div>
      )}
      {squares && question === undefined && <Squares view={view} move={move} />}
      {cards && <Cards view={view} move={move} />}
    </section>
  );
}
