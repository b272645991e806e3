import { useState } from 'react';
import type { Task } from '~core/exercises/interactions';
import { checkBoard } from '~core/pieces/check-board';
import type { PieceBoard } from '~core/pieces/piece-board';
import { PieceStage } from './PieceStage';
import { useLaying } from './use-laying';
import { t } from '~/phrases/t';

/** One of two boards beside one another: it is laid against the other, and nothing of it is kept. */
export function Side({
  name,
  start,
  task,
}: {
  name: string;
  start: PieceBoard;
  task: Task | undefined;
}) {
  const laying = useLaying(start, () => undefined);
  const [begun] = useState(() => Date.now());
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [checked, setChecked] = useState<{ readonly of: PieceBoard; readonly says: string }>();
  const { board } = laying;
  const current = checked?.of === board ? checked : undefined;
  const verdicts = current && task ? checkBoard(board, task) : [];
  const check = () => {
    const found = task ? checkBoard(board, task) : [];
    const right = found.filter(({ is }) => is === 'right').length;
    const seconds = Math.round((Date.now() - begun) / 1000);
    const all = found.length > 0 && right === found.length;
    setChecked({
      of: board,
      says: all
        ? t('pieces.allRightAfterS', { seconds })
        : t('pieces.ofAreRight', { right, found: found.length }),
    });
  };
  return (
    <section className="loose-side" aria-label={name}>
      <div className="board-row">
        <h2>{name}</h2>
        {task && (
          <button type="button" className="board-button" onClick={check}>
            {t('pieces.check')}
          </button>
        )}
        <span role="status">{current?.says}</span>
      </div>
      <PieceStage
        laying={laying}
        chosen={chosen}
        onChosen={setChosen}
        onJoin={undefined}
        verdicts={verdicts}
        label={name}
      />
    </section>
  );
}
