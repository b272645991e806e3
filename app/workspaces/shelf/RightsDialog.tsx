import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { forbidsChanges, licenceNames, licences } from '~core/kernel/licence';
import type { ShelfThing } from '~core/search/find-on-shelf';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

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
            {t('shelf.authorAndLicenceOf', { title: thing.title })}
          </Modal.Title>
        </Modal.Header>
        <Modal.Body>
          <label className="d-block mb-3">
            {t('shelf.author')}
            <input
              className="form-control"
              maxLength={120}
              value={author}
              onChange={(event) => setAuthor(event.currentTarget.value)}
            />
          </label>
          <label className="d-block mb-3">
            {t('shelf.whatOthersMayDoWith')}
            <select
              className="form-select"
              value={licence}
              onChange={(event) => setLicence(event.currentTarget.value)}
            >
              <option value="">{t('shelf.notSaidNobodyMayPass')}</option>
              {own && <option>{licence}</option>}
              {licenceNames.map((name) => (
                <option key={name} value={name}>
                  {coreName(licences[name])}
                </option>
              ))}
            </select>
          </label>
          {forbidsChanges(licence) && (
            <p className="message message--note">{t('shelf.copiesMayBeGivenOn')}</p>
          )}
          <label className="d-block">
            {t('shelf.whereItIsFrom')}
            <input
              className="form-control"
              maxLength={300}
              placeholder={t('shelf.aBookAnAddressA')}
              value={source}
              onChange={(event) => setSource(event.currentTarget.value)}
            />
          </label>
        </Modal.Body>
        <Modal.Footer>
          <Button variant="outline-dark" onClick={onClose}>
            {t('shelf.cancel')}
          </Button>
          <Button type="submit">{t('shelf.keepIt')}</Button>
        </Modal.Footer>
      </form>
    </Modal>
  );
}
