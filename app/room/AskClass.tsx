import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { newId } from '~/operations/new-id';
import { Picture } from '~/ui/Picture';
import { NO_PICTURE, readPicture } from '~/ui/read-picture';
import type { RoomPicture } from './room-lesson';
import { questionKinds, type RoomQuestion } from '~core/room/show';
import { t } from '~/phrases/t';
import { namesIn } from '~/phrases/core-name';

const MOST_OPTIONS = 6;

/** A question on the spot: a choice, words as they come, or a sentence. */
export function AskClass({
  onAsk,
  onClose,
  pictures,
}: {
  onAsk: (question: RoomQuestion) => void;
  onClose: () => void;
  /** On which a ring can be set. */
  pictures: readonly RoomPicture[];
}) {
  const id = useId();
  const [kind, setKind] = useState<RoomQuestion['kind']>('choice');
  const [text, setText] = useState('');
  const [options, setOptions] = useState(t('room.yesNoNotSure'));
  const given = [...new Set(options.split('\n').map((line) => line.trim()))].filter(
    (line) => line !== '',
  );
  const [picture, setPicture] = useState(pictures[0]?.picture ?? '');
  const [own, setOwn] = useState<string>();
  const [fault, setFault] = useState('');
  const read = async (file: File | undefined) => {
    if (!file) return;
    try {
      const { picture: made } = await readPicture(file, { side: 1000, photograph: true });
      setOwn(made);
      setPicture(made);
      setFault('');
    } catch {
      setFault(NO_PICTURE);
    }
  };
  const problem =
    text.trim() === ''
      ? t('room.writeTheQuestion')
      : kind === 'ring' && picture === ''
        ? t('room.chooseAPicture')
        : kind === 'choice' && (given.length < 2 || given.length > MOST_OPTIONS)
          ? t('room.aChoiceHasTwoTo', { MOSTOPTIONS: MOST_OPTIONS })
          : '';
  return (
    <Modal show onHide={onClose} aria-labelledby={id}>
      <Modal.Header closeButton>
        <Modal.Title id={id} className="h5">
          {t('room.askTheClass')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <label className="d-block mb-2">
          {t('room.theQuestion')}
          <input
            className="form-control"
            maxLength={200}
            value={text}
            onChange={(event) => setText(event.currentTarget.value)}
          />
        </label>
        <label className="d-block mb-2">
          {t('room.theyAnswerWith')}
          <select
            className="form-select"
            value={kind}
            onChange={(event) => setKind(event.currentTarget.value as RoomQuestion['kind'])}
          >
            {namesIn(questionKinds).map(([value, name]) => (
              <option key={value} value={value}>
                {name}
              </option>
            ))}
          </select>
        </label>
        {kind === 'choice' && (
          <label className="d-block mb-2">
            {t('room.answersToChooseFromOne')}
            <textarea
              className="form-control"
              rows={4}
              value={options}
              onChange={(event) => setOptions(event.currentTarget.value)}
            />
          </label>
        )}
        {kind === 'ring' && (
          <>
            <label className="d-block mb-2">
              {t('room.onWhichPicture')}
              <select
                className="form-select"
                value={picture}
                onChange={(event) => setPicture(event.currentTarget.value)}
              >
                {picture === '' && <option value="">{t('room.choose')}</option>}
                {own !== undefined && (
                  <option value={own}>{t('room.thePictureFromTheFile')}</option>
                )}
                {pictures.map(({ name, picture: each }) => (
                  <option key={each} value={each}>
                    {name}
                  </option>
                ))}
              </select>
            </label>
            <label className="d-block mb-2">
              {t('room.orAPictureFromA')}
              <input
                className="form-control"
                type="file"
                accept="image/*"
                onChange={(event) => void read(event.currentTarget.files?.[0])}
              />
            </label>
            {fault && (
              <p className="message" role="alert">
                {fault}
              </p>
            )}
            {picture !== '' && (
              <Picture picture={picture} name={t('room.theChosenPicture')} size="8rem" />
            )}
          </>
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
              ...(kind === 'ring' ? { picture } : {}),
            })
          }
        >
          {t('room.askIt')}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
