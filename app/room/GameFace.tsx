import { roomGames, type GameMove, type GameView } from '~core/room/games';
import { TeamSign } from '~/board/games';
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

/** Who does what now, in one line. */
function saysNow(view: GameView): string {
  const { you, partner, turn, over, question, kind } = view;
  if (over === 'both') return 'It is over, and both are even.';
  if (over !== undefined) return over === you ? 'You have won.' : `${partner} has won.`;
  if (kind === 'pairs') return turn === you ? 'Turn a card.' : `${partner} turns a card.`;
  if (question === undefined) {
    return turn === you ? 'Choose a square.' : `${partner} chooses a square.`;
  }
  return turn === you
    ? `Say the answer to ${partner}.`
    : `${partner} answers. You have the answer: is it right?`;
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
  const { you, partner, turn, over, squares, columns = 3, line, question, answer, cards } = view;
  const mine = over === undefined && turn === you;
  const move = (next: GameMove) => onMoves([...moves, next]);
  const [yours, theirs] = you === 0 ? view.standing : [...view.standing].reverse();
  return (
    <section
      className="card-paper room-game"
      aria-label={`${roomGames[view.kind]} with ${partner}`}
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
      {question !== undefined && (
        <div className="room-game__task">
          <p className="learner-text">
            <Face text={question} />
          </p>
          {answer !== undefined && (
            <>
              <p className="room-game__answer learner-text">{answer}</p>
              <div className="room-options room-options--row">
                <button
                  type="button"
                  className="play-button play-button--main"
                  onClick={() => move({ said: true })}
                >
                  Right
                </button>
                <button type="button" className="play-button" onClick={() => move({ said: false })}>
                  Not yet
                </button>
              </div>
            </>
          )}
        </div>
      )}
      {squares && question === undefined && (
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
      )}
      {cards && (
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
      )}
    </section>
  );
}
