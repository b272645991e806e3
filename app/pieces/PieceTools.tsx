import { fix, group, layer, resize, takeAway, turn, ungroup } from '~core/pieces/moves';
import type { PieceBoard } from '~core/pieces/piece-board';
import { nameOf } from '~core/pieces/say-where';
import { newId } from '~/operations/operation';
import type { Laying } from './use-laying';
import { t } from '~/phrases/t';

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
          {pieces.length === 0 ? t('pieces.tapTheFirstPiece') : t('pieces.tapThePieceItIs')}
        </p>
        <button type="button" className="board-button" onClick={() => onJoining(false)}>
          {t('pieces.joinNothing')}
        </button>
      </>
    );
  }
  if (pieces.length === 0) {
    return <p className="loose-hint">{t('pieces.dragAPieceOrTap')}</p>;
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
    <div className="board-row" role="group" aria-label={t('pieces.for', { names })}>
      {!fixed && (
        <>
          {button(t('pieces.turn'), () => act(turn(board, chosen, 15), t('pieces.turned')))}
          {button(t('pieces.larger'), () =>
            act(resize(board, chosen, 1.25), t('pieces.madeLarger')),
          )}
          {button(t('pieces.smaller'), () =>
            act(resize(board, chosen, 0.8), t('pieces.madeSmaller')),
          )}
          {pieces.length === 1 && button(t('pieces.joinTo'), () => onJoining(true))}
          {pieces.length > 1 &&
            !grouped &&
            button(t('pieces.keepTogether'), () =>
              act(group(board, chosen, newId()), t('pieces.keptTogether')),
            )}
          {grouped &&
            button(t('pieces.letGo'), () => act(ungroup(board, chosen), t('pieces.letGo2')))}
          {button(t('pieces.onTop'), () =>
            act(layer(board, chosen, 'front'), t('pieces.laidOnTop')),
          )}
          {button(t('pieces.underneath'), () =>
            act(layer(board, chosen, 'back'), t('pieces.laidUnderneath')),
          )}
          {button(t('pieces.takeAway'), () => {
            act(takeAway(board, chosen), t('pieces.tookAway'));
            onChosen([]);
          })}
        </>
      )}
      {button(fixed ? t('pieces.loosen') : t('pieces.fix'), () =>
        act(
          layer(fix(board, chosen, !fixed), chosen, 'front'),
          fixed ? t('pieces.loosened') : t('pieces.fixed'),
        ),
      )}
    </div>
  );
}
