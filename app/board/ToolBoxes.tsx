import { penTools, stampSigns, type PenTool, type StampSign } from '~core/board/drawn';
import { StampDrawing } from './Stamps';
import type { DrawnBoard } from './use-drawn';
import { t } from '~/phrases/t';

/** What is in the teacher's hand. */
export type Hand =
  | { readonly kind: 'pen'; readonly tool: PenTool }
  | { readonly kind: 'stamp'; readonly sign: StampSign };

/** Whether what is drawn stays with the lesson. */
function Kept({ drawn }: { drawn: DrawnBoard }) {
  if (drawn.isEmpty && drawn.isKept) return null;
  return (
    <>
      <span className="board-foot__gap" />
      {drawn.message && <span role="alert">{drawn.message}</span>}
      {drawn.isKept ? (
        <span role="status">{t('board.keptWithTheLesson')}</span>
      ) : (
        <button type="button" className="board-button" onClick={drawn.keep}>
          {t('board.keepWithTheLesson')}
        </button>
      )}
      <button type="button" className="board-button" onClick={drawn.throwAway}>
        {t('board.throwItAllAway')}
      </button>
      {drawn.clash}
    </>
  );
}

/** Pens and stamps, while one is taken. */
export function PenBox({
  hand,
  onHand,
  onClear,
  onStampMiddle,
  drawn,
}: {
  hand: Hand;
  onHand: (hand: Hand) => void;
  onClear: () => void;
  /** For whoever has no pointer. */
  onStampMiddle: (sign: StampSign) => void;
  drawn: DrawnBoard;
}) {
  return (
    <div className="board-row board-pens" role="group" aria-label={t('board.pensAndStamps')}>
      {Object.entries(penTools).map(([id, name]) => (
        <button
          key={id}
          type="button"
          className="board-button"
          aria-pressed={hand.kind === 'pen' && hand.tool === id}
          onClick={() => onHand({ kind: 'pen', tool: id as PenTool })}
        >
          {name}
        </button>
      ))}
      {Object.entries(stampSigns).map(([id, name]) => (
        <button
          key={id}
          type="button"
          className="board-button board-button--stamp"
          aria-pressed={hand.kind === 'stamp' && hand.sign === id}
          aria-label={t('board.stamp', { name })}
          title={name}
          onClick={() => onHand({ kind: 'stamp', sign: id as StampSign })}
        >
          <StampDrawing sign={id as StampSign} />
        </button>
      ))}
      {hand.kind === 'stamp' && (
        <button type="button" className="board-button" onClick={() => onStampMiddle(hand.sign)}>
          {t('board.setItInTheMiddle')}
        </button>
      )}
      <button type="button" className="board-button" onClick={onClear}>
        {t('board.clearThisPlace')}
      </button>
      <Kept drawn={drawn} />
    </div>
  );
}

/** Which cover there is: a sheet from above, or covers over single parts of the board. */
export function CoverBox({
  overAreas,
  onFromAbove,
  onOverAreas,
  onMiddle,
  onOpenAll,
  drawn,
}: {
  overAreas: boolean;
  onFromAbove: () => void;
  onOverAreas: () => void;
  onMiddle: () => void;
  onOpenAll: () => void;
  drawn: DrawnBoard;
}) {
  const button = (name: string, onClick: () => void, pressed?: boolean) => (
    <button type="button" className="board-button" aria-pressed={pressed} onClick={onClick}>
      {name}
    </button>
  );
  return (
    <div className="board-row board-pens" role="group" aria-label={t('board.covers')}>
      {button(t('board.fromAbove'), onFromAbove, !overAreas)}
      {button(t('board.overParts'), onOverAreas, overAreas)}
      {overAreas && (
        <>
          {button(t('board.coverTheMiddle'), onMiddle)}
          {button(t('board.openAll'), onOpenAll)}
          <span>{t('board.drawACoverOverWhat')}</span>
        </>
      )}
      <Kept drawn={drawn} />
    </div>
  );
}
