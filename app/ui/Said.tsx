import { useEffect, useRef, useState } from 'react';
import { useFetcher } from 'react-router';
import type { ActionAnswer } from '~/routes/action-answer';
import { tryAgain, useWaiting } from './waiting';

/** How long what was done is said, in milliseconds. */
const SAID_FOR = 8000;

export interface SaidProps {
  readonly latest: { readonly id: number; readonly label: string } | undefined;
  readonly undone: { readonly label: string; readonly count: number } | undefined;
  /** Loads a newer version, where one waits. */
  readonly onNewVersion?: (() => void) | undefined;
}

/** What was just done or undone, said once; the header keeps the undo after this has gone. */
export function Said({ latest, undone, onNewVersion }: SaidProps) {
  const fetcher = useFetcher<ActionAnswer>();
  const waits = useWaiting();
  const [said, setSaid] = useState<'did' | 'undid'>();
  const seen = useRef(latest?.id);
  const undoings = useRef(undone?.count ?? 0);
  // Every revalidation brings the same change as a new object; only another id is news.
  const id = latest?.id ?? 0;
  const count = undone?.count ?? 0;
  useEffect(() => {
    if (count > undoings.current) setSaid('undid');
    // An undo brings an older change back to the top: nothing new was done.
    else if (id > (seen.current ?? 0)) setSaid('did');
    else return;
    undoings.current = count;
    seen.current = Math.max(id, seen.current ?? 0);
    const timer = setTimeout(() => setSaid(undefined), SAID_FOR);
    return () => clearTimeout(timer);
  }, [id, count]);
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  const text =
    problem ?? (said === 'undid' ? `Undone: ${undone?.label ?? ''}` : said && latest?.label);
  return (
    <div className="toast-area" aria-live="polite">
      {text && (
        <div className="said">
          <span>{text}</span>
          {!problem && said === 'did' && latest && (
            <button
              type="button"
              onClick={() =>
                void fetcher.submit({ intent: 'undo', id: latest.id } as never, {
                  method: 'post',
                  action: '/?index',
                  encType: 'application/json',
                })
              }
            >
              Undo
            </button>
          )}
        </div>
      )}
      {onNewVersion && (
        <div className="said">
          <span>A newer Wordane is here.</span>
          <button type="button" onClick={onNewVersion}>
            Load it
          </button>
        </div>
      )}
      {waits > 0 && (
        <div className="said">
          <span>
            {waits === 1 ? '1 change waits' : `${waits} changes wait`} for room in the browser.
          </span>
          <button type="button" onClick={tryAgain}>
            Try again
          </button>
        </div>
      )}
    </div>
  );
}
