import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { withOtherWords } from '~core/pieces/moves';
import type { PieceBoard } from '~core/pieces/piece-board';
import { newId } from '~/operations/operation';
import { t } from '~/phrases/t';

/** The board as it lies now once more, with the same words or others. */
export function CopyBoard({
  board,
  onCopy,
  onClose,
}: {
  board: PieceBoard;
  onCopy: (copy: PieceBoard) => void;
  onClose: () => void;
}) {
  const id = useId();
  const own = board.pieces.flatMap(({ kind, text }) => (kind === 'word' ? [text] : []));
  const [name, setName] = useState(t('pieces.again', { name: board.name }).slice(0, 120));
  const [text, setText] = useState(own.join('\n'));
  const words = text
    .split('\n')
    .map((word) => word.trim())
    .filter((word) => word !== '');
  const same = words.length === own.length && words.every((word, at) => word === own[at]);
  return (
    <Modal show onHide={onClose} aria-labelledby={id}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          const fresh = { id: newId(), name: name.trim() || board.name };
          onCopy(
            same ? { ...board, ...fresh } : withOtherWords(board, words, fresh.id, fresh.name),
          );
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id={id} className="h5">
            {t('pieces.copyTheBoard')}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <label className="d-block mb-3">
            {t('pieces.name')}
            <input
              className="form-control"
              maxLength={120}
              value={name}
              onChange={(event) => setName(event.currentTarget.value)}
            />
          </label>
          <label className="d-block">
            {t('pieces.itsWordsOneALine')}
            <textarea
              className="form-control"
              rows={Math.min(12, Math.max(4, own.length))}
              value={text}
              onChange={(event) => setText(event.currentTarget.value)}
            />
          </label>
          {!same && (
            <p className="quiet small mt-2 mb-0">
              {t('pieces.withOtherWordsTheBoard')}
              {words.length < own.length &&
                t('pieces.theLastKeepTheirWords', { own: own.length - words.length })}
            </p>
          )}
        </Modal.Body>
        <Modal.Footer>
          <Button variant="outline-dark" onClick={onClose}>
            {t('pieces.cancel')}
          </Button>
          <Button type="submit">{t('pieces.makeTheCopy')}</Button>
        </Modal.Footer>
      </form>
    </Modal>
  );
}
