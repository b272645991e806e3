import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { boardFrom, canBeLaid } from '~core/pieces/from-task';
import { emptyBoard, type PieceBoard } from '~core/pieces/piece-board';
import type { Lesson } from '~core/records/lesson';
import { MOST_BOARDS } from '~core/records/piece-board-record';
import { newId } from '~/operations/operation';
import { useSend } from '~/ui/use-send';
import type { PieceLesson } from './piece-lesson';
import { t } from '~/phrases/t';

const count = (pieces: number) => `${pieces} ${t('pieces.piece', { count: pieces })}`;

/** The boards of a lesson, and what a new one can be laid out from. */
export function PieceBoards({ lesson, exercises }: { lesson: Lesson } & PieceLesson) {
  const { send, message } = useSend();
  const { boards = [] } = lesson;
  const address = `/lessons/${lesson.id}/pieces`;
  const make = (board: PieceBoard) =>
    send({
      intent: 'keep-board',
      board,
      did: t('pieces.madeTheBoard', { name: board.name }),
      open: board.id,
    });
  const laid = exercises.filter(({ task }) => canBeLaid(task));
  const full = boards.length >= MOST_BOARDS;
  return (
    <div className="page">
      <p className="mb-1">
        <Link to={`/lessons/${lesson.id}`}>{lesson.title}</Link>
      </p>
      <h1>{t('pieces.loosePieces')}</h1>
      <p className="quiet">{t('pieces.wordsPicturesAndShapesTo')}</p>
      {message && (
        <p className="message" role="alert">
          {message}
        </p>
      )}
      <div className="row g-3">
        <section className="col-lg-7" aria-label={t('pieces.boardsOfThisLesson')}>
          <div className="card-paper">
            <h2 className="h5">{t('pieces.boardsOfThisLesson')}</h2>
            {boards.length === 0 && <p className="quiet mb-0">{t('pieces.noneYetLayOneOut')}</p>}
            <ul className="list-unstyled mb-0">
              {boards.map(({ id, name, pieces, part }) => (
                <li key={id} className="loose-list">
                  <Link to={`${address}/${id}`}>{name}</Link>{' '}
                  <span className="quiet small">
                    {count(pieces.length)}
                    {part === undefined ? t('pieces.free') : t('pieces.checked')}
                  </span>
                  <button
                    type="button"
                    className="btn btn-link btn-sm"
                    aria-label={t('pieces.removeTheBoard', { name })}
                    onClick={() => send({ intent: 'remove-board', board: id, name })}
                  >
                    {t('pieces.remove')}
                  </button>
                </li>
              ))}
            </ul>
          </div>
        </section>
        <section className="col-lg-5" aria-label={t('pieces.aNewBoard')}>
          <div className="card-paper">
            <h2 className="h5">{t('pieces.aNewBoard')}</h2>
            {full && (
              <p className="message message--note">
                {t('pieces.aLessonCanHaveBoards', { MOSTBOARDS: MOST_BOARDS })}
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
            {laid.length === 0 && <p className="quiet">{t('pieces.noExerciseOfThisLesson')}</p>}
            <Button
              disabled={full}
              onClick={() => make(emptyBoard(newId(), t('pieces.loosePieces')))}
            >
              {t('pieces.anEmptyBoard')}
            </Button>
          </div>
        </section>
      </div>
    </div>
  );
}
