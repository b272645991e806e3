import { useState } from 'react';
import { BID } from '~core/board/auction';
import { WORD_LENGTH, type GameMove } from '~core/room/games/rules';
import { roomGames, type GameView } from '~core/room/games/table';
import { PathSquares, Rope, TeamSign, VaneField } from '~/board/GameDrawings';
import { pictureAddress } from '~/ui/Picture';
import { t } from '~/phrases/t';

const PICTURE = 'picture: ';

/** What is asked, or stands on a card: words or a picture. */
function Face({ text }: { text: string }) {
  return text.startsWith(PICTURE) ? (
    <img
      src={pictureAddress(text.slice(PICTURE.length), 'colour')}
      alt={t('room.drawnWithoutWords')}
    />
  ) : (
    <span>{text}</span>
  );
}

/** Whose turn it is, as she reads it. */
type Turn = Pick<GameView, 'partner'> & { readonly mine: boolean };

const choosing = (mine: boolean, partner: string, what: string) =>
  mine ? t('room.choose2', { what }) : t('room.chooses', { partner, what });

const aboutTask = ({ mine, partner }: Turn) =>
  mine ? t('room.sayTheAnswerTo', { partner }) : t('room.answersYouHaveTheAnswer', { partner });

function aboutLot({ lot, you }: GameView, { mine, partner }: Turn): string {
  if (!lot) return '';
  if (lot.settled)
    return lot.settled.right ? t('room.theSentenceIsRight') : t('room.theSentenceIsWrong');
  const bid = lot.bid
    ? `${lot.bid.team === you ? t('room.youBid') : t('room.bids', { partner })} ${lot.bid.coins}. `
    : '';
  return bid + (mine ? t('room.isItRightBidOr') : t('room.thinksAboutIt', { partner }));
}

/** Who does what now, in one line. */
function saysNow(view: GameView): string {
  const { you, partner, turn, over, question, task, path, squares, cards, lot } = view;
  const mine = turn === you;
  const now = { mine, partner };
  if (over === 'both') return t('room.itIsOverAndBoth');
  if (over !== undefined)
    return over === you ? t('room.youHaveWon') : t('room.hasWon', { partner });
  if (lot) return aboutLot(view, now);
  if (question !== undefined) return aboutTask(now);
  if (cards) return choosing(mine, partner, t('room.aCard'));
  if (squares) return choosing(mine, partner, t('room.aSquare'));
  if (task) return mine ? t('room.doIt') : t('room.doesItIsItDone', { partner });
  if (view.letters) return mine ? t('room.whatIsTheWord') : t('room.thinksOfTheWord', { partner });
  if (path) return mine ? t('room.throwTheDie') : t('room.throwsTheDie', { partner });
  if (view.kind === 'describe') {
    return mine
      ? t('room.describeItToDoNot', { partner })
      : t('room.describesAWordSayWhat', { partner });
  }
  if (view.vane) return mine ? t('room.turnTheVane') : t('room.turnsTheVane', { partner });
  return mine ? t('room.throwTheDice') : t('room.throwsTheDice', { partner });
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
      ? [t('room.done'), t('room.notYet')]
      : view.describe
        ? [t('room.found'), t('room.giveItUp')]
        : [t('room.right'), t('room.notYet')];
    return [
      { name: names[0] ?? '', move: { said: true }, main: true },
      { name: names[1] ?? '', move: { said: false } },
    ];
  }
  if (lot?.settled) return [{ name: t('room.nextSentence'), move: { does: 'next' }, main: true }];
  if (turn !== you) return [];
  if (lot) {
    const bid = (lot.bid?.coins ?? 0) + BID;
    return [
      ...(lot.raises
        ? [{ name: t('room.bid', { bid }), move: { does: 'raise' } as const, main: true }]
        : []),
      { name: lot.bid ? t('room.noMore') : t('room.leaveIt'), move: { does: 'pass' } },
    ];
  }
  if (view.guesses) return [{ name: t('room.iDoNotKnowIt'), move: { does: 'pass' } }];
  if (path && path.thrown === undefined)
    return [{ name: t('room.throw'), move: { does: 'throw' }, main: true }];
  if ((kind === 'vane' || kind === 'dice') && !task) {
    return [
      {
        name: kind === 'vane' ? t('room.turnIt') : t('room.throw'),
        move: { does: 'throw' },
        main: true,
      },
    ];
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
              {letter ?? <span className="visually-hidden">{t('room.covered')}</span>}
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
            {t('room.theWordIs')}
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
            {t('room.sayIt')}
          </button>
        </form>
      )}
      {found && (
        <p className="quiet mb-0">
          {t('room.theLastWordWas')} <b className="learner-text">{found.word}</b>
          {t('room.foundBy', { by })}
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
        {t('room.sentenceOf', { number: lot.number, of: lot.of })}
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
          aria-label={t('room.square', {
            at: at + 1,
            which: team === null ? '' : team === you ? t('room.yours') : t('room.s', { partner }),
          })}
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
              ? t('room.cardClosed', { at: at + 1 })
              : t('room.card', {
                  at: at + 1,
                  shows: text.replace(PICTURE, t('room.aPictureOnIt')),
                  which:
                    of === undefined
                      ? ''
                      : of === you
                        ? t('room.yours2')
                        : t('room.s2', { partner }),
                })
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
      aria-label={t('room.with2', { name: roomGames[view.kind].name, partner })}
    >
      <header className="room-game__head">
        <TeamSign team={you} size={34} /> <strong>{t('room.you', { yours })}</strong>
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
            {t('room.doNotSay')} <span className="learner-text">{describe.avoid.join(', ')}</span>
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
