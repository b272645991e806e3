import { Button, Modal } from 'react-bootstrap';

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
          Close the room
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <p className="mb-0">
          {count === 0
            ? 'Nothing was answered in it. Everybody leaves.'
            : `Everybody leaves. The answers of ${count} ${count === 1 ? 'learner' : 'learners'} can be kept with the lesson, as slips are; questions asked on the spot are not.`}
        </p>
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-dark" onClick={onNothing}>
          Close, keep nothing
        </Button>
        {count > 0 && <Button onClick={onKeep}>Close, keep the answers of {count}</Button>}
      </Modal.Footer>
    </Modal>
  );
}
