import { useEffect, useId, useState } from 'react';
import { Button, Modal } from 'react-bootstrap';
import { useFetcher } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Column } from '~core/lists/column-headings';
import type { ReadList } from '~core/lists/read-list';
import type { ActionAnswer } from '~/routes/action-answer';
import { encodingChoices, readFileText } from '~/documents/read-file-text';
import { fromSpreadsheet } from '~/documents/spreadsheet';
import { engine } from '~/workers/engine.client';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const columnNames: Readonly<Record<Column, string>> = {
  word: 'words',
  definition: 'meanings',
  translation: 'translations',
  note: 'notes',
  ignored: t('lists.leaveOut'),
};

/** A file larger than this is no word list. */
const LARGEST_FILE = 2 * 1024 * 1024;
const PREVIEW_DELAY_MS = 250;

export interface ImportDialogProps {
  readonly profile: ClassProfile;
  readonly present: readonly string[];
  /** The address of the route that takes the words in; the present one where it is absent. */
  readonly action?: string;
  readonly onClose: () => void;
}

/** So much of a file is shown to be changed by hand; a longer one is held beside the field. */
const SHOWN = 100_000;

/** Words pasted or read from a file, shown as they were understood before they are added. */
export default function ImportDialog({ profile, present, action, onClose }: ImportDialogProps) {
  const fetcher = useFetcher<ActionAnswer>();
  const [file, setFile] = useState<{ readonly file: File; readonly encoding: string }>();
  const id = useId();
  const [text, setText] = useState('');
  const [columns, setColumns] = useState<readonly Column[]>();
  const [read, setRead] = useState<ReadList>();
  const [problem, setProblem] = useState('');
  useEffect(() => {
    let stale = false;
    const timer = setTimeout(() => {
      if (text.trim() === '') {
        setRead(undefined);
        return;
      }
      engine()
        .readWords(profile, text, present, columns)
        .then((answer) => {
          if (!stale) setRead(answer);
        })
        .catch((error: unknown) => setProblem((error as Error).message));
    }, PREVIEW_DELAY_MS);
    return () => {
      stale = true;
      clearTimeout(timer);
    };
  }, [text, columns, present, profile]);
  const readFile = async (chosen: File | undefined, as?: string) => {
    if (!chosen) return;
    setProblem('');
    if (chosen.size > LARGEST_FILE) {
      setProblem(t('lists.thisFileIsLargerThan'));
      return;
    }
    // A zip begins so: a spreadsheet, or a document.
    if ((await chosen.slice(0, 2).text()) === 'PK') {
      try {
        const content = await fromSpreadsheet(chosen);
        setFile(undefined);
        setColumns(undefined);
        setText(content);
      } catch (error) {
        setProblem((error as Error).message);
      }
      return;
    }
    const { text: content, encoding } = await readFileText(chosen, as);
    if (content.includes('\u0000')) {
      setProblem(t('lists.thisIsNoTextFile'));
      return;
    }
    setFile({ file: chosen, encoding });
    setColumns(undefined);
    setText(content);
  };
  const held = text.length > SHOWN;
  const count = read?.words.length ?? 0;
  // The dialog stays until the words are in: what is refused is said here, with the text still there.
  const { data, state } = fetcher;
  const refused = data && !data.ok ? data.message : undefined;
  useEffect(() => {
    if (state === 'idle' && data?.ok) onClose();
    // Closing is asked for once an answer has come.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [state, data]);
  return (
    <Modal show onHide={onClose} size="lg" aria-labelledby={`${id}-title`}>
      <Modal.Header closeButton closeLabel="Close">
        <Modal.Title as="h2" id={`${id}-title`} className="h4">
          {t('lists.pasteOrImportWords')}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body>
        <label className="form-label" htmlFor={id}>
          {t('lists.aWordALineA')}
        </label>
        <textarea
          id={id}
          className="form-control"
          rows={7}
          value={held ? text.slice(0, SHOWN) : text}
          readOnly={held}
          placeholder={t('lists.rainHailStormBadWeather')}
          onChange={(event) => {
            setColumns(undefined);
            setFile(undefined);
            setText(event.currentTarget.value);
          }}
        />
        <label className="btn btn-outline-dark btn-sm mt-2">
          {t('lists.readAFile')}
          <input
            type="file"
            className="visually-hidden"
            accept=".csv,.tsv,.txt,.xlsx,text/csv,text/plain,text/tab-separated-values"
            onChange={(event) => void readFile(event.currentTarget.files?.[0])}
          />
        </label>
        {file && file.encoding !== 'utf-8' && (
          <label className="ms-3 mt-2">
            {t('lists.readAs')}{' '}
            <select
              className="form-select form-select-sm d-inline-block w-auto"
              value={file.encoding}
              onChange={(event) => void readFile(file.file, event.currentTarget.value)}
            >
              {encodingChoices(file.encoding).map(([value, name]) => (
                <option key={value} value={value}>
                  {name}
                </option>
              ))}
            </select>
          </label>
        )}
        {held && (
          <p className="message message--note mt-2 mb-0" role="status">
            {t('lists.theFileHasLettersAll', { text: text.length.toLocaleString(locale) })}
          </p>
        )}
        {(problem || refused) && (
          <p className="message mt-2 mb-0" role="alert">
            {problem || refused}
          </p>
        )}
        {read && (
          <div className="mt-3" role="status">
            <p className="mb-1">
              <b>{count}</b> {t('lists.wordToAdd', { count })}
            </p>
            {read.notes.length > 0 && (
              <ul className="mb-2">
                {read.notes.map((note) => (
                  <li key={note}>{note}</li>
                ))}
              </ul>
            )}
            {read.columns.length > 1 && (
              <p className="mb-2">
                {read.columns.map((column, index) => (
                  <label key={index} className="me-3">
                    {t('lists.column', { index: index + 1 })}{' '}
                    <select
                      className="form-select form-select-sm d-inline-block w-auto"
                      value={column}
                      onChange={(event) => {
                        const chosen = event.currentTarget.value as Column;
                        setColumns(
                          read.columns.map((each, place) => (place === index ? chosen : each)),
                        );
                      }}
                    >
                      {Object.entries(columnNames).map(([value, name]) => (
                        <option key={value} value={value}>
                          {name}
                        </option>
                      ))}
                    </select>
                  </label>
                ))}
              </p>
            )}
            <table className="table table-sm import-preview">
              <tbody>
                {read.words.slice(0, 8).map(({ word, definition, translation, note, unknown }) => (
                  <tr key={word}>
                    <th scope="row" className="learner-text">
                      {word}
                      {unknown && <span className="quiet"> {t('lists.notInTheBank')}</span>}
                    </th>
                    <td>{[definition, translation, note].filter(Boolean).join(' · ')}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            {count > 8 && <p className="quiet mb-0">{t('lists.andMore', { number: count - 8 })}</p>}
          </div>
        )}
      </Modal.Body>
      <Modal.Footer>
        <Button variant="outline-dark" onClick={onClose}>
          {t('lists.cancel')}
        </Button>
        <Button
          disabled={count === 0 || state !== 'idle'}
          onClick={() =>
            void fetcher.submit(
              { intent: 'import', text, columns: [...(read?.columns ?? [])] } as never,
              {
                method: 'post',
                encType: 'application/json',
                ...(action === undefined ? {} : { action }),
              },
            )
          }
        >
          {t('lists.addWord', { count, which: count === 0 ? '' : count })}
        </Button>
      </Modal.Footer>
    </Modal>
  );
}
