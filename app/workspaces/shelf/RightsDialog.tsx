import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { forbidsChanges, licenceNames, licences } from '~core/kernel/licence';
import type { ShelfThing } from '~core/search/find-on-shelf';

/** Who made a thing, where it is from, and what others may do with it. */
export function RightsDialog({
  thing,
  onSave,
  onClose,
}: {
  thing: ShelfThing;
  onSave: (fields: { author: string; licence: string; source: string }) => void;
  onClose: () => void;
}) {
  const id = useId();
  const [author, setAuthor] = useState(thing.author ?? '');
  const [licence, setLicence] = useState(thing.licence ?? '');
  const [source, setSource] = useState(thing.source ?? '');
  const own = licence !== '' && !(licenceNames as string[]).includes(licence);
  return (
    <Modal show onHide={onClose} aria-labelledby={id}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          onSave({ author: author.trim(), licence: licence.trim(), source: source.trim() });
          onClose();
        }}
      >
        <Modal.Header closeButton>
          <Modal.Title id={id} className="h5">
            Author and licence of {thing.title}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <label className="d-block mb-3">
            Author
            <input
              className="form-control"
              maxLength={120}
              value={author}
              onChange={(event) => setAuthor(event.currentTarget.value)}
            />
          </label>
          <label className="d-block mb-3">
            What others may do with it
            <select
              className="form-select"
              value={licence}
              onChange={(event) => setLicence(event.currentTarget.value)}
            >
              <option value="">not said: nobody may pass it on</option>
              {own && <option>{licence}</option>}
              {licenceNames.map((name) => (
                <option key={name} value={name}>
                  {licences[name]}
                </option>
              ))}
            </select>
          </label>
          {forbidsChanges(licence) && (
            <p className="message message--note">
              Copies may be given on, but not changed ones: adapting it is said to be against its
              licence.
            </p>
          )}
          <label className="d-block">
            Where it is from
            <input
              className="form-control"
              maxLength={300}
              placeholder="A book, an address, a colleague"
              value={source}
              onChange={(event) => setSource(event.currentTarget.value)}
            />
          </label>
        </Modal.Body>
        <Modal.Footer>
          <Button variant="outline-dark" onClick={onClose}>
            Cancel
          </Button>
          <Button type="submit">Keep it</Button>
        </Modal.Footer>
      </form>
    </Modal>
  );
}
