import type { BoardItem } from '~core/board/board-state';
import { pictureAddress } from '~/ui/Picture';
import { t } from '~/phrases/t';

const PICTURE = 'picture: ';

/** An item at board size. What is not open is not on the page at all. */
export function Question({ item, open }: { item: BoardItem; open: 0 | 1 | 2 }) {
  const picture = item.question.startsWith(PICTURE)
    ? item.question.slice(PICTURE.length)
    : undefined;
  return (
    <div className="board-question">
      <p className="board-question__asked learner-text">
        {picture === undefined ? (
          item.question
        ) : (
          <img src={pictureAddress(picture, 'colour')} alt={t('board.whatIsAskedFor')} />
        )}
      </p>
      <div aria-live="polite">
        {open >= 1 && <p className="board-question__answer learner-text">{item.answer}</p>}
        {open >= 2 && item.reason !== '' && <p className="board-question__why">{item.reason}</p>}
      </div>
    </div>
  );
}
