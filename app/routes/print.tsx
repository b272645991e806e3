import { createPortal } from 'react-dom';
import { Link } from 'react-router';
import type { Route } from './+types/print';
import { readSheets } from '~core/sheets/read-sheets';
import type { Sheet } from '~core/sheets/sheet';
import { loadFontsOf } from '~/ui/script-fonts';
import { PrintStyle } from '~/ui/PrintStyle';
import { Empty } from '~/ui/Empty';
import { SheetPages } from '~/workspaces/lesson/PrintRoot';
import { t } from '~/phrases/t';

declare global {
  interface Window {
    /** Set by the PDF maker before the page loads. */
    wordaneSheets?: unknown;
  }
}

export const meta: Route.MetaFunction = () => [{ title: 'Wordane' }];

/** The pages to print: handed over by the PDF maker, which opens this page. */
export async function clientLoader(): Promise<{ sheets: readonly Sheet[]; title: string }> {
  const given = window.wordaneSheets as { sheets?: unknown; title?: unknown } | undefined;
  const sheets = given === undefined ? [] : readSheets(given.sheets);
  await loadFontsOf(sheets);
  return { sheets, title: typeof given?.title === 'string' ? given.title : 'Wordane' };
}
clientLoader.hydrate = true as const;

export default function Print({ loaderData }: Route.ComponentProps) {
  const { sheets, title } = loaderData;
  const [first] = sheets;
  if (first === undefined) {
    return (
      <Empty title={t('page.nothingToPrintHere')}>
        <p>{t('page.openALessonAndPress')}</p>
        <Link className="btn btn-primary" to="/lessons">
          {t('page.openTheLessons')}
        </Link>
      </Empty>
    );
  }
  // Beside the shell, which does not print.
  return createPortal(
    <div className="print-root" data-printable="true">
      <title>{title}</title>
      <PrintStyle used={sheets.map((sheet) => sheet.paper)} />
      <SheetPages sheets={sheets} />
    </div>,
    document.body,
  );
}
