import { useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import type { RoomSlate } from '~core/room/show';
import { slateStrokes } from '~core/room/posts';
import { newId } from '~/operations/new-id';
import { DrawPad } from './DrawPad';
import type { TeacherClient, TeacherSees } from './teacher-client';
import { t } from '~/phrases/t';

/** A slate is begun: what stands on it, to be marked, finished or corrected. */
export function NewSlate({
  onOpen,
  onClose,
}: {
  onOpen: (slate: RoomSlate) => void;
  onClose: () => void;
}) {
  const id = useId();
  const [text, setText] = useState('');
  return (
    <Modal show onHide={onClose} aria-labelledby={id}>
      <Modal.Header closeButton>
        <Modal.Title id={id} className="h5">
          {t('room.aSlateForAll')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <label className="d-block">
          {t('room.whatStandsOnItCan')}
          <textarea
            className="form-control"
            rows={3}
            maxLength={300}
            value={text}
            onChange={(event) => setText(event.currentTarget.value)}
          />
        </label>
        <p className="quiet small mt-2 mb-0">{t('room.allSeeItYouDraw')}</p>
      </Modal.Body>
      <Modal.Footer>
        <Button onClick={() => onOpen({ id: newId(), text: text.trim() })}>
          {t('room.showTheSlate')}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}

/** The slate on the teacher's screen: drawn on by her, and by who has the pen. */
export function SlateBoard({
  slate,
  sees: { room, drawn },
  client,
}: {
  slate: RoomSlate;
  sees: TeacherSees;
  client: TeacherClient | undefined;
}) {
  const here = room.members.filter((member) => member.here && member.name !== '');
  return (
    <section aria-label={t('room.theSlate')}>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
        <label className="d-flex gap-2 align-items-center me-auto">
          <span className="text-nowrap">{t('room.thePenHas')}</span>
          <select
            className="form-select"
            value={slate.pen ?? ''}
            onChange={(event) => {
              const { pen: _before, ...bare } = slate;
              const pen = event.currentTarget.value;
              client?.slate(pen === '' ? bare : { ...bare, pen });
            }}
          >
            <option value="">{t('room.nobodyButMe')}</option>
            {here.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          onClick={() => client?.slate({ id: newId(), text: slate.text })}
        >
          {t('room.wipeIt')}
        </button>
        <button
          type="button"
          className="btn btn-sm btn-outline-dark"
          onClick={() => client?.slate(undefined)}
        >
          {t('room.putItAway')}
        </button>
      </div>
      <DrawPad
        label={t('room.theSlate')}
        text={slate.text}
        behind={slateStrokes(room, slate.id, [])}
        strokes={drawn}
        onStrokes={(next) => client?.draw(next)}
      />
    </section>
  );
}
