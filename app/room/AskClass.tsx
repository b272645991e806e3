import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { newId } from '~/operations/new-id';
import { questionKinds, type RoomQuestion } from '~core/room/show';

const MOST_OPTIONS = 6;

/** A question on the spot: a choice, words as they come, or a sentence. */
export function AskClass({
  onAsk,
  onClose,
}: {
  onAsk: (question: RoomQuestion) => void;
  onClose: () => void;
}) {
  const id = useId();
  const [kind, setKind] = useState<RoomQuestion['kind']>('choice');
  const [text, setText] = useState('');
  const [options, setOptions] = useState('yes\nno\nnot sure');
  const given = [...new Set(options.split('\n').map((line) => line.trim()))].filter(
    (line) => line !== '',
  );
  const problem =
    text.trim() === ''
      ? 'Write the question.'
      : kind === 'choice' && (given.length < 2 || given.length > MOST_OPTIONS)
        ? `A choice has two to ${MOST_OPTIONS} answers, one a line.`
        : '';
  return (
    <Modal show onHide={onClose} aria-labelledby={id}>
      <Modal.Header closeButton>
        <Modal.Title id={id} className="h5">
          Ask the class
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <label className="d-block mb-2">
          The question
          <input
            className="form-control"
            maxLength={200}
            value={text}
            onChange={(event) => setText(event.currentTarget.value)}
          />
        </label>
        <label className="d-block mb-2">
          They answer with
          <select
            className="form-select"
            value={kind}
            onChange={(event) => setKind(event.currentTarget.value as RoomQuestion['kind'])}
          >
            {Object.entries(questionKinds).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {kind === 'choice' && (
          <label className="d-block mb-2">
            Answers to choose from, one a line
            <textarea
              className="form-control"
              rows={4}
              value={options}
              onChange={(event) => setOptions(event.currentTarget.value)}
            />
          </label>
        )}
      </Modal.Body>
      <Modal.Footer>
        <span className="quiet me-auto" role="status">
          {problem}
        </span>
        <Button
          disabled={problem !== ''}
          onClick={() =>
            onAsk({
              id: `ask-${newId()}`,
              kind,
              text: text.trim(),
              options: kind === 'choice' ? given : [],
            })
          }
        >
          Ask it
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
