import { createPortal } from 'react-dom';
import { Button } from 'react-bootstrap';
import { BsPrinter } from 'react-icons/bs';
import { useState } from 'react';
import type { ClassProfile } from '~core/classes/class-profile';
import { textDocument } from '~core/sheets/lay-out-text';
import { materialOf } from '~core/texts/reading/text-material';
import type { ReadingText } from '~core/texts/reading-text';
import { PaperPage } from '~/ui/PaperPage';
import { Toggle } from '~/ui/Toggle';
import { engine } from '~/workers/engine.client';
import { DownloadMenu } from '../lesson/DownloadMenu';
import { PaperOptions } from '../lesson/PaperOptions';
import { ReadingOptions } from '../lesson/ReadingOptions';
import { PrintRoot } from '../lesson/PrintRoot';
import type { Send } from './send';
import { useAsked } from './use-engine';
import { t } from '~/phrases/t';

export interface PaperViewProps {
  readonly text: ReadingText;
  readonly profile: ClassProfile;
  readonly send: Send;
}

/** The text as it prints. */
export function PaperView({ text, profile, send }: PaperViewProps) {
  const [face, setFace] = useState<'learner' | 'key'>('learner');
  const asked = useAsked(
    () => engine().layOutText(text, profile, `${text.title} · ${profile.name}`),
    [text, profile],
  );
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  if (asked.state === 'working') return <p role="status">{t('texts.layingThePagesOut')}</p>;
  const sheet = asked.value;
  const hasKey = sheet.pages.some((page) => page.part === 'key');
  const shown = hasKey ? face : 'learner';
  const pages = sheet.pages.filter((page) => page.part === shown);
  const count = sheet.pages.length;
  const reading = text.reading ?? {};
  return (
    <>
      <div className="workbench">
        <div className="workbench__bar">
          <div className="faces" role="group" aria-label={t('texts.show')}>
            <button
              type="button"
              aria-pressed={shown === 'learner'}
              onClick={() => setFace('learner')}
            >
              {t('texts.paper')}
            </button>
            {hasKey && (
              <button type="button" aria-pressed={shown === 'key'} onClick={() => setFace('key')}>
                {t('texts.key')}
              </button>
            )}
          </div>
          <div className="d-flex flex-wrap gap-2 align-items-center justify-content-end">
            <DownloadMenu
              sheets={[sheet]}
              title={text.title}
              open={{
                title: text.title,
                sheet,
                document: textDocument(materialOf(text)),
                exercises: [],
              }}
              face={shown}
            />
            <Button
              onClick={() => window.print()}
              aria-label={t('texts.printPages', { number: count })}
            >
              <BsPrinter aria-hidden="true" /> {t('texts.printPage', { count })}
            </Button>
          </div>
        </div>
        {sheet.problems.length > 0 && (
          <div className="message mb-3" role="alert">
            {sheet.problems.join(' ')}
          </div>
        )}
        <div className="paper-stack">
          {pages.slice(0, 60).map((page) => (
            <PaperPage
              key={`${page.part} ${page.number}`}
              marks={page.marks}
              paper={sheet.paper}
              font={sheet.font}
              label={t('texts.of', {
                which: shown === 'key' ? t('texts.key') : t('texts.page'),
                number: page.number,
                pages: pages.length,
              })}
            />
          ))}
        </div>
        {pages.length > 60 && (
          <p className="quiet text-center">
            {t('texts.theFirst60OfPages', { pages: pages.length })}
          </p>
        )}
      </div>
      <aside className="check-panel" aria-label={t('texts.howItPrints')}>
        <h2>{t('texts.howItPrints')}</h2>
        <ReadingOptions
          reading={reading}
          kind={text.kind}
          onSet={(changed, label) => send({ intent: 'reading', reading: changed, label })}
        />
        {text.original !== text.body && text.original.trim() !== '' && (
          <Toggle
            name={t('texts.theOriginalInPlaceOf')}
            checked={reading.original === true}
            onChange={(original) =>
              send({
                intent: 'reading',
                reading: { original },
                label: original ? t('texts.printedTheOriginal') : t('texts.printedTheFittedText'),
              })
            }
          />
        )}
        <PaperOptions
          of="text"
          part={{ id: text.id, ...(text.layout ? { layout: text.layout } : {}) }}
          paper={sheet.paper}
          send={(body) => send(body as never)}
        />
        <Button
          variant="outline-dark"
          size="sm"
          className="mt-3"
          onClick={() => send({ intent: 'sheet' })}
        >
          {t('texts.putItOnASheet')}
        </Button>
      </aside>
      {typeof document === 'undefined'
        ? null
        : createPortal(<PrintRoot sheets={[sheet]} />, document.body)}
    </>
  );
}
