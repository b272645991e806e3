import { pick } from '~core/board/pick';
import { Random } from '~core/kernel/random';
import type { SharedBoard } from './use-board';
import { t } from '~/phrases/t';

/** Asks somebody of the class: fairly, or anybody. */
export function askSomebody({ asked, setAsked }: SharedBoard, names: readonly string[]): void {
  const random = new Random(Date.now() % 1_000_000);
  const picked = pick(names, asked.had, random, asked.fair);
  if (picked) setAsked((before) => ({ ...before, ...picked, shown: true }));
}

/** The name of whoever is asked, until somebody else is. */
export function AskedName({ board, names }: { board: SharedBoard; names: readonly string[] }) {
  const { asked, setAsked } = board;
  if (!asked.shown || asked.name === '') return null;
  return (
    <div className="board-asked">
      <strong role="status">{asked.name}</strong>
      <button type="button" className="board-button" onClick={() => askSomebody(board, names)}>
        {t('board.somebodyElse')}
      </button>
      <label>
        <input
          type="checkbox"
          checked={asked.fair}
          onChange={() => setAsked((before) => ({ ...before, fair: !before.fair, had: [] }))}
        />{' '}
        {t('board.everybodyOnce')}
      </label>
      <button
        type="button"
        className="board-button"
        onClick={() => setAsked((before) => ({ ...before, shown: false }))}
      >
        {t('board.close')}
      </button>
    </div>
  );
}
