import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { boardFrom, canBeLaid } from '~core/pieces/from-task';
import { emptyBoard, type PieceBoard } from '~core/pieces/piece-board';
import type { Lesson } from '~core/records/lesson';
import { MOST_BOARDS } from '~core/records/piece-board-record';
import { newId } from '~/operations/operation';
import { useSend } from '~/ui/use-send';
import type { PieceLesson } from './piece-lesson';

const count = (pieces: number) => `${pieces} ${pieces === 1 ? 'piece' : 'pieces'}`;

/** The boards of a lesson, and what a new one can be laid out from. */
export function PieceBoards({ lesson, exercises }: { lesson: Lesson } & PieceLesson) {
  const { send, message } = useSend();
  const { boards = [] } = lesson;
  const address = `/lessons/${lesson.id}/pieces`;
  const make = (board: PieceBoard) =>
    send({ intent: 'keep-board', board, did: `Made the board ${board.name}`, open: board.id });
  const laid = exercises.filter(({ task }) => canBeLaid(task));
  const full = boards.length >= MOST_BOARDS;
  return (
    <div className="page">
      <p className="mb-1">
        <Link to={`/lessons/${lesson.id}`}>{lesson.title}</Link>
      </p>
      <h1>Loose pieces</h1>
      <p className="quiet">
        Words, pictures and shapes to be moved about at the board, on a screen, or cut out.
      </p>
      {message && (
        <p className="message" role="alert">
          {message}
        </p>
      )}
      <div className="row g-3">
        <section className="col-lg-7" aria-label="Boards of this lesson">
          <div className="card-paper">
            <h2 className="h5">Boards of this lesson</h2>
            {boards.length === 0 && (
              <p className="quiet mb-0">
                None yet. Lay one out from an exercise, or begin with an empty one.
              </p>
            )}
            <ul className="list-unstyled mb-0">
              {boards.map(({ id, name, pieces, part }) => (
                <li key={id} className="loose-list">
                  <Link to={`${address}/${id}`}>{name}</Link>{' '}
                  <span className="quiet small">
                    {count(pieces.length)}
                    {part === undefined ? ' · free' : ' · checked'}
                  </span>
                  <button
                    type="button"
                    className="btn btn-link btn-sm"
                    aria-label={`Remove the board ${name}`}
                    onClick={() => send({ intent: 'remove-board', board: id, name })}
                  >
                    Remove
                  </button>
                </li>
              ))}
            </ul>
          </div>
        </section>
        <section className="col-lg-5" aria-label="A new board">
          <div className="card-paper">
            <h2 className="h5">A new board</h2>
            {full && (
              <p className="message message--note">
                A lesson can have {MOST_BOARDS} boards. Remove one first.
              </p>
            )}
            {laid.map(({ id, title, task, words, seed }) => (
              <p key={id} className="mb-2">
                <Button
                  variant="outline-dark"
                  disabled={full}
                  onClick={() =>
                    make(
                      boardFrom(task, words, {
                        id: newId(),
                        name: title.slice(0, 120),
                        part: id,
                        seed,
                      }),
                    )
                  }
                >
                  {title}
                </Button>
              </p>
            ))}
            {laid.length === 0 && (
              <p className="quiet">
                No exercise of this lesson is put together from pieces: a sort, an order, pairs or a
                map would be.
              </p>
            )}
            <Button disabled={full} onClick={() => make(emptyBoard(newId(), 'Loose pieces'))}>
              An empty board
            </Button>
          </div>
        </section>
      </div>
    </div>
  );
}
