import { useEffect, useState } from 'react';
import { Button, ButtonGroup, Dropdown } from 'react-bootstrap';
import { BsDownload } from 'react-icons/bs';
import type { Sheet } from '~core/sheets/sheet';
import {
  documentKinds,
  saveDocument,
  saveFromServer,
  type Downloadable,
  type DocumentKind,
} from '~/documents/download';
import { MenuItem } from '~/ui/MenuItem';
import { t } from '~/phrases/t';

/** Why there is no PDF. */
const whyNot = {
  'no Chromium': t('lesson.noChromiumIsInstalledOn'),
  'no server': t('lesson.theServerCannotBeReached'),
} as const;

/** Whether the server can make a PDF; undefined while it is being asked. */
function usePdf(): 'can be made' | keyof typeof whyNot | undefined {
  const [pdf, setPdf] = useState<'can be made' | keyof typeof whyNot>();
  useEffect(() => {
    let current = true;
    fetch('/pdf')
      .then((response) => response.json() as Promise<{ available: boolean }>)
      .then((answer) => current && setPdf(answer.available ? 'can be made' : 'no Chromium'))
      .catch(() => current && setPdf('no server'));
    return () => {
      current = false;
    };
  }, []);
  return pdf;
}

type State = 'idle' | 'working' | { readonly message: string };

/** The PDF at once, and everything else that the open sheet can be saved as. */
export function DownloadMenu(props: {
  /** What the PDF holds. */
  readonly sheets: readonly Sheet[];
  readonly title: string;
  /** The open exercise or sheet, for pictures of its pages. */
  readonly open: Downloadable;
  /** What documents hold, where it is not what is open: the whole lesson. */
  readonly documents?: Downloadable;
  readonly face: 'learner' | 'key';
}) {
  const { sheets, title, open, documents = open, face } = props;
  const pdf = usePdf();
  const [state, setState] = useState<State>('idle');
  /** Where the file stands in the server's line, in words. */
  const [place, setPlace] = useState('');
  const run = async (work: () => Promise<string | undefined | void>) => {
    setState('working');
    setPlace('');
    try {
      const message = await work();
      setState(message ? { message } : 'idle');
    } catch {
      setState({ message: t('lesson.theFileCouldNotBe2') });
    }
  };
  const pages = open.sheet.pages.filter((page) => page.part === face);
  const before = face === 'key' ? open.sheet.pages.length - pages.length : 0;
  const empty = sheets.every((sheet) => sheet.pages.length === 0);
  const savePicture = (index: number) =>
    run(() =>
      saveFromServer(
        '/png',
        { title, sheets: [open.sheet], page: before + index },
        open.title,
        setPlace,
      ),
    );
  return (
    <>
      <Dropdown as={ButtonGroup} align="end">
        <Button
          variant="outline-dark"
          disabled={pdf !== 'can be made' || state === 'working' || empty}
          onClick={() => void run(() => saveFromServer('/pdf', { title, sheets }, title, setPlace))}
          aria-label={state === 'working' ? undefined : t('lesson.downloadPdf')}
          aria-describedby={pdf !== undefined && pdf !== 'can be made' ? 'no-pdf' : undefined}
        >
          <BsDownload aria-hidden="true" />{' '}
          {state === 'working' ? place || t('lesson.makingTheFile') : 'PDF'}
        </Button>
        <Dropdown.Toggle
          split
          variant="outline-dark"
          aria-label={t('lesson.downloadAsSomethingElse')}
          disabled={open.sheet.pages.length === 0}
        />
        <Dropdown.Menu aria-label={t('lesson.downloadAs')}>
          <Dropdown.Header aria-level={2}>{documents.title}</Dropdown.Header>
          {(Object.keys(documentKinds) as DocumentKind[])
            .filter(
              (kind) =>
                !['csv', 'tsv', 'xlsx', 'qti'].includes(kind) || documents.exercises.length > 0,
            )
            .map((kind) => (
              <MenuItem key={kind} onChoose={() => void run(() => saveDocument(kind, documents))}>
                {documentKinds[kind]}
              </MenuItem>
            ))}
          {pdf === 'can be made' &&
            pages.slice(0, 8).map((page, index) => (
              <MenuItem key={page.number} onChoose={() => void savePicture(index)}>
                {t('lesson.pictureOfPng', {
                  which: face === 'key' ? t('lesson.key2') : t('lesson.page'),
                  number: page.number,
                })}
              </MenuItem>
            ))}
        </Dropdown.Menu>
      </Dropdown>
      {pdf !== undefined && pdf !== 'can be made' && (
        <span id="no-pdf" className="small quiet w-100 text-end">
          {whyNot[pdf]}
        </span>
      )}
      {typeof state === 'object' && (
        <span className="message w-100" role="alert">
          {state.message}
        </span>
      )}
    </>
  );
}
