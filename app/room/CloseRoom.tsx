import { Button, Modal } from 'react-bootstrap';
import { t } from '~/phrases/t';

/** What becomes of what came in. */
export function CloseRoom({
  count,
  onKeep,
  onNothing,
  onStay,
}: {
  count: number;
  onKeep: () => void;
  onNothing: () => void;
  onStay: () => void;
}) {
  return (
    <Modal show onHide={onStay} aria-labelledby="room-closing">
      <Modal.Header closeButton>
        <Modal.Title id="room-closing" className="h5">
          {t('room.closeTheRoom')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p className="mb-0">
          {count === 0
            ? t('room.nothingWasAnsweredInIt')
            : t('room.everybodyLeavesTheAnswersOf', { count })}
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-dark" onClick={onNothing}>
          {t('room.closeKeepNothing')}
        </Button>
        {count > 0 && (
          <Button onClick={onKeep}>{t('room.closeKeepTheAnswersOf', { number: count })}</Button>
        )}
      </Modal.Footer>
    </Modal>
  );
}
