import { saveAs } from 'file-saver';
import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { licenceSays } from '~core/kernel/licence';
import { shelfKinds, type ShelfThing } from '~core/search/find-on-shelf';
import { answer } from '~/routes/action-answer';
import { exportThings } from '~/storage/backups';
import { isPart } from './ShelfRow';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const fileNameOf = (things: readonly ShelfThing[]) => {
  const [first] = things;
  const name =
    things.length === 1 && first ? first.title : t('shelf.things', { things: things.length });
  return t('shelf.wordaneZip', { name })
    .replace(/[\\/:*?"<>|]+/g, ' ')
    .replace(/\s+/g, ' ');
};

/** Chosen things as one file, with what they need and who made them. */
export function GiveOn({
  things,
  onClose,
}: {
  things: readonly ShelfThing[];
  onClose: () => void;
}) {
  const id = useId();
  const [withLearners, setWithLearners] = useState(false);
  const [said, setSaid] = useState<{ readonly ok: boolean; readonly text: string }>();
  const idsOf = (kind: ShelfThing['kind']) =>
    things.filter((each) => each.kind === kind).map((each) => each.id);
  const parts = things.filter(isPart).map(({ record, id: part }) => ({ lesson: record.id, part }));
  const save = async () => {
    const done = await answer(async () => {
      const chosen = {
        lessons: idsOf('lessons'),
        lists: idsOf('lists'),
        texts: idsOf('texts'),
        parts,
      };
      const bytes = await exportThings(chosen, withLearners);
      const name = fileNameOf(things);
      saveAs(new Blob([bytes as BlobPart], { type: 'application/zip' }), name);
      return [t('shelf.savedAs', { name })];
    });
    setSaid(
      done.ok ? { ok: true, text: done.notes?.join(' ') ?? '' } : { ok: false, text: done.message },
    );
  };
  const silent = things.filter(({ licence }) => licence === undefined);
  return (
    <Modal show onHide={onClose} aria-labelledby={id}>
      <Modal.Header closeButton>
        <Modal.Title id={id} className="h5">
          {t('shelf.saveAsAFile2')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <ul className="give-on">
          {things.map((thing) => (
            <li key={`${thing.kind} ${thing.id}`}>
              <strong>{thing.title}</strong>{' '}
              <span className="quiet small">
                {coreName(shelfKinds[thing.kind])}
                {thing.author && t('shelf.by', { author: thing.author })}
                {thing.licence && ` · ${licenceSays(thing.licence)}`}
              </span>
            </li>
          ))}
        </ul>
        <p>{t('shelf.theTextsAndListsThat')}</p>
        {silent.length > 0 && (
          <p className="message message--note">
            {t('shelf.saysWhatOthersMayDo', {
              which:
                silent.length === things.length
                  ? t('shelf.nothingHere')
                  : t('shelf.ofThese', { silent: silent.length }),
            })}
          </p>
        )}
        <label className="behaviour__tick">
          <input
            type="checkbox"
            className="form-check-input"
            checked={withLearners}
            onChange={(event) => setWithLearners(event.currentTarget.checked)}
          />
          {t('shelf.withTheLearnersNamesAnswers')}
        </label>
        {said && (
          <p
            className={`message mt-2 mb-0${said.ok ? ' message--good' : ''}`}
            role={said.ok ? 'status' : 'alert'}
          >
            {said.text}
          </p>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-dark" onClick={onClose}>
          {t('shelf.close')}
        </Button>
        <Button onClick={() => void save()}>{t('shelf.saveTheFile')}</Button>
      </Modal.Footer>
    </Modal>
  );
}
