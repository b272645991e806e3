import { fix, group, layer, resize, takeAway, turn, ungroup } from '~core/pieces/moves';
import type { PieceBoard } from '~core/pieces/piece-board';
import { nameOf } from '~core/pieces/say-where';
import { newId } from '~/operations/operation';
import type { Laying } from './use-laying';

/** What is done to the chosen pieces; with none chosen it says how to begin. */
export function PieceTools({
  laying,
  chosen,
  onChosen,
  joining,
  onJoining,
}: {
  laying: Laying;
  chosen: readonly string[];
  onChosen: (ids: readonly string[]) => void;
  joining: boolean;
  onJoining: (joining: boolean) => void;
}) {
  const { board, change } = laying;
  const pieces = board.pieces.filter(({ id }) => chosen.includes(id));
  if (joining) {
    return (
      <>
        <p className="loose-hint">
          {pieces.length === 0 ? 'Tap the first piece.' : 'Tap the piece it is joined to.'}
        </p>
        <button type="button" className="board-button" onClick={() => onJoining(false)}>
          Join nothing
        </button>
      </>
    );
  }
  if (pieces.length === 0) {
    return (
      <p className="loose-hint">
        Drag a piece. Or tap it, then tap where it goes. Arrow keys move it, R turns it.
      </p>
    );
  }
  const names = pieces.map((piece) => nameOf(piece)).join(', ');
  const [first] = pieces;
  const fixed = first?.fixed === true;
  const grouped = pieces.some((piece) => piece.group !== undefined);
  const act = (next: PieceBoard, did: string) => change(next, `${did} ${names}`);
  const button = (name: string, onClick: () => void) => (
    <button key={name} type="button" className="board-button" onClick={onClick}>
      {name}
    </button>
  );
  return (
    <div className="board-row" role="group" aria-label={`For ${names}`}>
      {!fixed && (
        <>
          {button('Turn', () => act(turn(board, chosen, 15), 'Turned'))}
          {button('Larger', () => act(resize(board, chosen, 1.25), 'Made larger:'))}
          {button('Smaller', () => act(resize(board, chosen, 0.8), 'Made smaller:'))}
          {pieces.length === 1 && button('Join to …', () => onJoining(true))}
          {pieces.length > 1 &&
            !grouped &&
            button('Keep together', () => act(group(board, chosen, newId()), 'Kept together:'))}
          {grouped && button('Let go', () => act(ungroup(board, chosen), 'Let go:'))}
          {button('On top', () => act(layer(board, chosen, 'front'), 'Laid on top:'))}
          {button('Underneath', () => act(layer(board, chosen, 'back'), 'Laid underneath:'))}
          {button('Take away', () => {
            act(takeAway(board, chosen), 'Took away');
            onChosen([]);
          })}
        </>
      )}
      {button(fixed ? 'Loosen' : 'Fix', () =>
        act(layer(fix(board, chosen, !fixed), chosen, 'front'), fixed ? 'Loosened' : 'Fixed'),
      )}
    </div>
  );
}
