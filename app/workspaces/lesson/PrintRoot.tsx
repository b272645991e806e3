import { PaperPage } from '~/ui/PaperPage';
import { PrintStyle } from '~/ui/PrintStyle';
import type { Sheet } from '~core/sheets/sheet';
import { t } from '~/phrases/t';

/** The pages of sheets one after another: learner's pages first, then every key. */
export function SheetPages({ sheets }: { sheets: readonly Sheet[] }) {
  const parts = ['learner', 'key'] as const;
  return parts.flatMap((part) =>
    sheets.flatMap((sheet, index) =>
      sheet.pages
        .filter((page) => page.part === part)
        .map((page) => (
          <PaperPage
            key={`${part} ${index} ${page.number}`}
            marks={page.marks}
            paper={sheet.paper}
            font={sheet.font}
            colour={sheet.colour}
            label={`${sheet.title}, ${part === 'key' ? t('lesson.key2') : t('lesson.page')} ${page.number}`}
          />
        )),
    ),
  );
}

/** What the printer gets in place of the screen. */
export function PrintRoot({ sheets }: { sheets: readonly Sheet[] }) {
  const [first] = sheets;
  if (first === undefined) return null;
  return (
    <div className="print-root" aria-hidden="true">
      <PrintStyle used={sheets.map((sheet) => sheet.paper)} />
      <SheetPages sheets={sheets} />
    </div>
  );
}
