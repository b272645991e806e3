import { useState } from 'react';
import { checkBoard } from '~core/pieces/check-board';
import { turn } from '~core/pieces/moves';
import type { PieceBoard } from '~core/pieces/piece-board';
import { withNumbers } from '~core/practice/phrases';
import type { TakeHomeBoard } from '~core/practice/take-home';
import { usePhrases } from '~/faces/kit/use-phrases';
import { PieceStage } from './PieceStage';
import { useLaying } from './use-laying';

/** A board of loose pieces as it is laid at home: kept as it lies, checked where it has a key. */
export function LayHome({
  given,
  kept,
  onKeep,
  address,
}: {
  given: TakeHomeBoard;
  /** As it lay last. */
  kept: PieceBoard | undefined;
  onKeep: (board: PieceBoard) => void;
  address: (picture: string) => string;
}) {
  const says = usePhrases();
  const laying = useLaying(kept ?? given.board, onKeep, says.takeBack);
  const { board, undo, change, said } = laying;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [checked, setChecked] = useState<PieceBoard>();
  const { task } = given;
  const verdicts = task && checked === board ? checkBoard(board, task) : [];
  const right = verdicts.filter(({ is }) => is === 'right').length;
  return (
    <section className="play lay-home" aria-label={given.board.name}>
      <h2 className="play__title">{given.board.name}</h2>
      <p>{says.howPieces}</p>
      <div className="lay-home__board">
        <PieceStage
          laying={laying}
          chosen={chosen}
          onChosen={setChosen}
          onJoin={undefined}
          verdicts={verdicts}
          label={given.board.name}
          address={address}
          words={says}
        />
      </div>
      <p className="visually-hidden" role="status">
        {said}
      </p>
      <div className="play__foot">
        <button
          type="button"
          className="play-button"
          disabled={chosen.length === 0}
          onClick={() => change(turn(board, chosen, 15), says.turnPiece)}
        >
          {says.turnPiece}
        </button>
        <button type="button" className="play-button" disabled={!undo} onClick={undo}>
          {says.takeBack}
        </button>
        <button
          type="button"
          className="play-button"
          onClick={() => {
            change(given.board, says.beginAgain);
            setChosen([]);
          }}
        >
          {says.beginAgain}
        </button>
        {task && (
          <button
            type="button"
            className="play-button play-button--main"
            onClick={() => setChecked(board)}
          >
            {says.check}
          </button>
        )}
        <span role="status">
          {verdicts.length > 0 && withNumbers(says.score, { n: right, of: verdicts.length })}
        </span>
      </div>
    </section>
  );
}
