/** Everything a sheet can be saved as. */
import { saveAs } from 'file-saver';
import { newId } from '~/operations/new-id';
import type { DocumentNode } from '~core/paper/document';
import { picturesIn } from '~core/paper/document';
import { toMarkdown } from '~core/documents/markdown';
import { toPlainText } from '~core/documents/plain-text';
import type { Exercise } from '~core/exercises/making/exercise';
import { familyOf } from '~core/languages/language-pack';
import { plainFont } from '~core/paper/font-name';
import type { LessonPart } from '~core/records/lesson';
import type { Sheet } from '~core/sheets/sheet';
import { saveText } from '~/ui/save-text';
import { t } from '~/phrases/t';

/** What is saved: the pages as they print, and the same as a document. */
export interface Downloadable {
  readonly title: string;
  readonly sheet: Sheet;
  readonly document: readonly DocumentNode[];
  readonly exercises: readonly Exercise[];
  /** By which they are made again, where the file is read back here. */
  readonly parts?: readonly LessonPart[];
}

export const documentKinds = {
  docx: t('documents.wordFileDocx'),
  md: t('documents.markdownMd'),
  txt: t('documents.plainTextTxt'),
  html: t('documents.webPageHtml'),
  xlsx: t('documents.itemsAndKeyASpreadsheet'),
  csv: t('documents.itemsAndKeyCsv'),
  tsv: t('documents.itemsAndKeyWithTabs'),
  qti: t('documents.qti3PackageZip'),
} as const;
export type DocumentKind = keyof typeof documentKinds;

const fileName = (title: string, ending: string) =>
  `${title.replace(/[^\p{L}\p{N} -]+/gu, '').trim() || 'sheet'}.${ending}`;

const asDataAddress = (bytes: Uint8Array) => {
  let signs = '';
  for (const byte of bytes) signs += String.fromCharCode(byte);
  return `data:image/png;base64,${btoa(signs)}`;
};

/** Saves it; what could not go along is given back in words. */
export async function saveDocument(
  kind: DocumentKind,
  from: Downloadable,
): Promise<string | undefined> {
  const name = fileName(from.title, kind);
  switch (kind) {
    case 'html': {
      const [{ toHtml }, { picturesByName }] = await Promise.all([
        import('~core/documents/html'),
        import('./picture-bytes'),
      ]);
      const drawn = await picturesByName(picturesIn(from.document));
      const pictures = Object.fromEntries(
        [...drawn].map(([picture, bytes]) => [picture, asDataAddress(bytes)]),
      );
      const language = from.exercises[0]?.language ?? 'en';
      saveText(name, toHtml(from.document, { title: from.title, language, pictures }), 'text/html');
      return undefined;
    }
    case 'qti': {
      const [{ qtiFiles, qtiPackage }, { picturesByName }] = await Promise.all([
        import('~core/qti/package'),
        import('./picture-bytes'),
      ]);
      const made = qtiFiles(
        from.title,
        from.exercises.map((exercise, index) => ({ id: `e${index + 1}`, exercise })),
        from.parts && { format: 'wordane-exercises', parts: from.parts },
      );
      if (made.items === 0) return t('documents.nothingWasSaved', { left: made.left.join(' ') });
      const bytes = qtiPackage(made, await picturesByName(made.pictures));
      saveAs(
        new Blob([bytes as BlobPart], { type: 'application/zip' }),
        fileName(`${from.title} qti`, 'zip'),
      );
      return made.left.length === 0
        ? undefined
        : t('documents.saved', { left: made.left.join(' ') });
    }
    case 'docx': {
      // The writer of Word files is large: it is fetched when it is asked for.
      const [{ toWordFile }, { picturesByName }] = await Promise.all([
        import('./word-file'),
        import('./picture-bytes'),
      ]);
      const { sheet } = from;
      const file = await toWordFile(from.document, {
        title: from.title,
        paper: sheet.paper,
        font: familyOf(plainFont(sheet.font)),
        pictures: await picturesByName(picturesIn(from.document)),
      });
      saveAs(file, name);
      return undefined;
    }
    case 'md':
      saveText(name, toMarkdown(from.document), 'text/markdown');
      return undefined;
    case 'txt':
      saveText(name, toPlainText(from.document), 'text/plain');
      return undefined;
    case 'csv':
    case 'tsv': {
      const { toItemsCsv } = await import('~core/documents/items-csv');
      const tabs = kind === 'tsv';
      saveText(
        name,
        toItemsCsv(from.exercises, tabs ? '\t' : ','),
        tabs ? 'text/tab-separated-values' : 'text/csv',
      );
      return undefined;
    }
    case 'xlsx': {
      const [{ itemColumns, itemRows }, { toSpreadsheet }] = await Promise.all([
        import('~core/documents/items-csv'),
        import('./spreadsheet'),
      ]);
      const rows = itemRows(from.exercises);
      const cells = rows.map((row) => itemColumns.map((column) => row[column]));
      saveAs(await toSpreadsheet(itemColumns, cells), name);
      return undefined;
    }
  }
}

/** How often the place in the server's line is asked for, in milliseconds. */
const ASK_EVERY = 1500;

const places = ['', 'next', 'second', 'third', 'fourth', 'fifth'];

/** A place in the server's line, in words. */
export const placeInWords = (place: number) =>
  place === 0
    ? t('documents.beingMade')
    : t('documents.waitingForTheServerIn', {
        places: places[place] ?? t('documents.number', { place }),
      });

/** Asks again and again where a print stands, until told to stop. */
function watchPlace(ticket: string, onPlace: (words: string) => void): () => void {
  const timer = setInterval(() => {
    void fetch(`/pdf?ticket=${ticket}`)
      .then((response) => response.json() as Promise<{ place: number | null }>)
      .then(({ place }) => place !== null && onPlace(placeInWords(place)))
      // Where it cannot be asked, the print itself says what is wrong.
      .catch(() => undefined);
  }, ASK_EVERY);
  return () => clearInterval(timer);
}

/**
 * Asks the server for a file of the sheets; the answer's own message where it cannot be made.
 *
 * @param onPlace is told where it stands while it waits
 */
export async function saveFromServer(
  address: '/pdf' | '/png',
  body: object,
  title: string,
  onPlace: (words: string) => void = () => undefined,
): Promise<string | undefined> {
  const ticket = newId();
  const stop = watchPlace(ticket, onPlace);
  try {
    const response = await fetch(address, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', 'X-Ticket': ticket },
      body: JSON.stringify(body),
    });
    if (!response.ok) {
      const said = (await response.json().catch(() => ({}))) as { message?: string };
      return said.message ?? t('documents.theFileCouldNotBe');
    }
    saveAs(await response.blob(), fileName(title, address.slice(1)));
    return undefined;
  } catch {
    return t('documents.theServerCannotBeReached');
  } finally {
    stop();
  }
}
