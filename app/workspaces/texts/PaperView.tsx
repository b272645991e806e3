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
  if (asked.state === 'working') return <p role="status">Laying the pages out …</p>;
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
          <div className="faces" role="group" aria-label="Show">
            <button
              type="button"
              aria-pressed={shown === 'learner'}
              onClick={() => setFace('learner')}
            >
              Paper
            </button>
            {hasKey && (
              <button type="button" aria-pressed={shown === 'key'} onClick={() => setFace('key')}>
                Key
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
            <Button onClick={() => window.print()} aria-label={`Print ${count} pages`}>
              <BsPrinter aria-hidden="true" /> Print {count} {count === 1 ? 'page' : 'pages'}
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
              label={`${shown === 'key' ? 'Key' : 'Page'} ${page.number} of ${pages.length}`}
            />
          ))}
        </div>
        {pages.length > 60 && (
          <p className="quiet text-center">
            The first 60 of {pages.length} pages are shown; all of them print.
          </p>
        )}
      </div>
      <aside className="check-panel" aria-label="How it prints">
        <h2>How it prints</h2>
        <ReadingOptions
          reading={reading}
          kind={text.kind}
          onSet={(changed, label) => send({ intent: 'reading', reading: changed, label })}
        />
        {text.original !== text.body && text.original.trim() !== '' && (
          <Toggle
            name="The original in place of the fitted text"
            checked={reading.original === true}
            onChange={(original) =>
              send({
                intent: 'reading',
                reading: { original },
                label: original ? 'Printed the original' : 'Printed the fitted text',
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
          Put it on a sheet of a lesson
        </Button>
      </aside>
      {typeof document === 'undefined'
        ? null
        : createPortal(<PrintRoot sheets={[sheet]} />, document.body)}
    </>
  );
}
