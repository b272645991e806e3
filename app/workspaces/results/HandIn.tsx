import { useId, useState, type DragEvent } from 'react';
import { Button } from 'react-bootstrap';
import { textsOfSlipFiles } from '~/documents/slip-files';
import { CameraCodes } from './CameraCodes';
import type { Send } from '../lesson/built-part';
import { t } from '~/phrases/t';

/** Where slips come in: dropped, chosen, or pasted. */
export function HandIn({ send, notes }: { send: Send; notes: readonly string[] | undefined }) {
  const id = useId();
  const [over, setOver] = useState(false);
  const [code, setCode] = useState('');
  const [reading, setReading] = useState(false);
  const take = async (files: readonly File[]) => {
    if (files.length === 0) return;
    setReading(true);
    const texts = await textsOfSlipFiles(files);
    setReading(false);
    send({ intent: 'hand-in', texts });
  };
  const onDrop = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    void take([...event.dataTransfer.files]);
  };
  return (
    <section className="card-paper results-in" aria-labelledby={id}>
      <h2 className="h5" id={id}>
        {t('results.whatHasComeBack')}
      </h2>
      <div
        className={`results-drop${over ? ' results-drop--over' : ''}`}
        onDragOver={(event) => {
          event.preventDefault();
          setOver(true);
        }}
        onDragLeave={() => setOver(false)}
        onDrop={onDrop}
      >
        <p className="mb-2">{t('results.dropSlipsHereFilesOr')}</p>
        <label className="btn btn-outline-dark btn-sm">
          {reading ? t('results.reading') : t('results.chooseFiles')}
          <input
            type="file"
            multiple
            className="visually-hidden"
            accept=".txt,image/*"
            onChange={(event) => {
              void take([...(event.currentTarget.files ?? [])]);
              event.currentTarget.value = '';
            }}
          />
        </label>
      </div>
      <CameraCodes onCode={(code) => send({ intent: 'hand-in', texts: [code] })} />
      <form
        onSubmit={(event) => {
          event.preventDefault();
          send({ intent: 'hand-in', texts: [code] });
          setCode('');
        }}
      >
        <label htmlFor={`${id}-code`} className="small">
          {t('results.orPasteOrTypeA')}
        </label>
        <textarea
          id={`${id}-code`}
          className="form-control form-control-sm mb-2"
          rows={2}
          value={code}
          placeholder="W1-…"
          onChange={(event) => setCode(event.currentTarget.value)}
        />
        <Button type="submit" size="sm" variant="outline-dark" disabled={code.trim() === ''}>
          {t('results.takeItIn')}
        </Button>
      </form>
      <div role="status">
        {notes && notes.length > 0 && (
          <ul className="message message--note small mt-3 mb-0 ps-4">
            {notes.map((note, index) => (
              <li key={index}>{note}</li>
            ))}
          </ul>
        )}
      </div>
    </section>
  );
}
